package app.diaphan.server.disk;

import java.util.function.Consumer;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Saves what nobody could enter a second time, such as what became of a file that is written. While
 * nothing can be written it waits, so that no run is left without its end.
 */
@Component
public class UntilSaved {
  private static final Logger LOG = LoggerFactory.getLogger(UntilSaved.class);
  private static final long BETWEEN_LOOKS_MILLIS = 250;

  private final ReopenedDatabase database;
  private final RoomToWrite room;

  UntilSaved(ReopenedDatabase database, RoomToWrite room) {
    this.database = database;
    this.room = room;
  }

  /**
   * @param save done again from its beginning, so what it saves must be made within it
   * @param waiting told at each look why it waits
   * @throws RuntimeException what the saving threw, if the disk or the database is not to blame
   */
  public <T> T save(Supplier<T> save, Consumer<DatabaseTrouble> waiting) {
    boolean told = false;
    while (true) {
      try {
        return save.get();
      } catch (RuntimeException e) {
        DatabaseTrouble why =
            database.trouble(e).filter(DatabaseTrouble::mayPass).orElseThrow(() -> e);
        if (!told) {
          LOG.warn("Waiting to save: {}", why, e);
          told = true;
        }
        waiting.accept(why);
        while (room.trouble().isPresent()) {
          waiting.accept(room.trouble().orElse(why));
          pause(e);
        }
        pause(e);
      }
    }
  }

  private static void pause(RuntimeException unsaved) {
    try {
      Thread.sleep(BETWEEN_LOOKS_MILLIS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw unsaved;
    }
  }
}
