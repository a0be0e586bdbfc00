package app.diaphan.server.store;

import java.time.OffsetDateTime;

/** What is read of something deleted; filled by the names of its getters. */
interface DeletedLine {
  long getId();

  String getName();

  OffsetDateTime getDeletedAt();
}
