package app.diaphan.server.disk;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Saving that waits for the disk; a disk that fills and empties on demand stands in for it. */
class UntilSavedTest {
  private static final RuntimeException BROKEN = new IllegalStateException("broken");

  private final ReopenedDatabase database = mock(ReopenedDatabase.class);
  private final RoomToWrite room = mock(RoomToWrite.class);
  private final List<DatabaseTrouble> waited = new ArrayList<>();
  private final UntilSaved untilSaved = new UntilSaved(database, room);
  private int tries;

  @Test
  void waitsUntilThereIsRoomAndSaysWhyMeanwhile() {
    when(database.trouble(any())).thenReturn(Optional.of(DatabaseTrouble.CLOSED));
    when(room.trouble())
        .thenReturn(Optional.of(DatabaseTrouble.FULL))
        .thenReturn(Optional.of(DatabaseTrouble.FULL))
        .thenReturn(Optional.empty());
    assertEquals("saved", untilSaved.save(() -> afterTries(2), waited::add));
    assertEquals(List.of(DatabaseTrouble.CLOSED, DatabaseTrouble.FULL), waited.subList(0, 2));
    assertEquals(2, tries, "nothing is tried while there is no room");
  }

  @Test
  void doesNotWaitForWhatDoesNotPass() {
    when(room.trouble()).thenReturn(Optional.empty());
    when(database.trouble(any())).thenReturn(Optional.empty());
    assertSame(
        BROKEN,
        assertThrows(
            IllegalStateException.class, () -> untilSaved.save(() -> afterTries(2), waited::add)));
    when(database.trouble(any())).thenReturn(Optional.of(DatabaseTrouble.DAMAGED));
    assertThrows(
        IllegalStateException.class, () -> untilSaved.save(() -> afterTries(9), waited::add));
    assertEquals(List.of(), waited);
  }

  private String afterTries(int failing) {
    tries++;
    if (tries < failing) {
      throw BROKEN;
    }
    return "saved";
  }
}
