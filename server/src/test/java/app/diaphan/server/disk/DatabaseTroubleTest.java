package app.diaphan.server.disk;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.channels.OverlappingFileLockException;
import java.sql.SQLException;
import java.util.Optional;
import org.h2.mvstore.MVStoreException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DatabaseTroubleTest {
  private static SQLException of(int code, Throwable cause) {
    return new SQLException("It said something.", "90000", code, cause);
  }

  @ParameterizedTest
  @CsvSource({
    "90020, LOCKED",
    "90030, DAMAGED",
    "90098, CLOSED",
    "90007, CLOSED",
    "90067, CLOSED",
    "90121, CLOSED"
  })
  void theDatabasesCodesAreTold(int code, DatabaseTrouble trouble) {
    RuntimeException wrapped = new RuntimeException(of(code, null));
    assertEquals(Optional.of(trouble), DatabaseTrouble.of(wrapped));
  }

  @Test
  void whatThisProcessHasLockedIsInUseByNoOther() {
    SQLException locked = of(90020, new OverlappingFileLockException());
    assertEquals(Optional.of(DatabaseTrouble.CLOSED), DatabaseTrouble.of(locked));
  }

  @Test
  void anErrorOfItsFileHasClosedIt() {
    MVStoreException file = new MVStoreException(2, "Writing failed");
    assertEquals(Optional.of(DatabaseTrouble.CLOSED), DatabaseTrouble.of(of(50000, file)));
  }

  @Test
  void aFullDiskIsToldBeforeAllElse() {
    IOException full = new IOException("No space left on device");
    assertEquals(Optional.of(DatabaseTrouble.FULL), DatabaseTrouble.of(of(90031, full)));
  }

  @Test
  void anErrorInAStatementIsNoTroubleOfTheDisk() {
    assertEquals(Optional.empty(), DatabaseTrouble.of(of(23505, null)));
    assertEquals(Optional.empty(), DatabaseTrouble.of(new IllegalStateException()));
  }
}
