package app.diaphan.core.deliver;

import static app.diaphan.core.deliver.FileEnd.BROKEN_OFF;
import static app.diaphan.core.deliver.FileEnd.DELIVERED;
import static app.diaphan.core.deliver.FileEnd.FAILED;
import static app.diaphan.core.deliver.FileEnd.SKIPPED;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

class RunEndTest {
  @Test
  void whatHasNoEndOfItsOwnWasBrokenOff() {
    RunEnd end = RunEnd.of(5, List.of(DELIVERED, FAILED, BROKEN_OFF));
    assertEquals(new RunEnd(1, 1, 0, 3), end);
    assertEquals(5, end.planned());
  }

  @Test
  void onlyWhatWasWrittenIsSaidToBeDelivered() {
    assertEquals("It was delivered.", RunEnd.of(1, List.of(DELIVERED)).inWords());
    assertEquals("All 2 were delivered.", RunEnd.of(2, List.of(DELIVERED, DELIVERED)).inWords());
    assertEquals("It could not be delivered.", RunEnd.of(1, List.of(FAILED)).inWords());
    assertEquals(
        "1 of 4 was delivered; 1 could not be; 1 was left out, since the overlay was deleted; 1 was broken off or not begun.",
        RunEnd.of(4, List.of(DELIVERED, FAILED, SKIPPED)).inWords());
    assertEquals(
        "None of 3 were delivered; 3 were left out, since the overlay was deleted.",
        RunEnd.of(3, List.of(SKIPPED, SKIPPED, SKIPPED)).inWords());
  }
}
