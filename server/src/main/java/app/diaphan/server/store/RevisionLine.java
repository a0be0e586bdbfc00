package app.diaphan.server.store;

import java.time.Instant;

/**
 * What a list tells of a revision.
 *
 * @param name empty for one without a name
 */
public record RevisionLine(int number, Instant savedAt, String name) {}
