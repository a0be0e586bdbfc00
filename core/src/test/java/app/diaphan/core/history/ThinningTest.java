package app.diaphan.core.history;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.history.Thinning.Save;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ThinningTest {
  /** Noon of 1 July 2026. */
  private static final long NOW = 1_782_907_200L;

  /** Saves so many seconds apart, the newest first and so long ago. */
  private static List<Save> saves(Duration ago, int count, int secondsApart) {
    return IntStream.range(0, count)
        .mapToObj(i -> new Save(count - i, NOW - ago.toSeconds() - (long) i * secondsApart, false))
        .toList();
  }

  private static List<Integer> kept(List<Save> saves) {
    List<Integer> outgrown = Thinning.outgrown(saves, NOW);
    return saves.stream().map(Save::number).filter(one -> !outgrown.contains(one)).toList();
  }

  @Test
  void theLastHourIsKeptSaveForSave() {
    assertEquals(300, kept(saves(Duration.ZERO, 300, 10)).size());
  }

  @Test
  void thenTheLastOfEachMinuteStays() {
    // 13 s before a full minute, so the sixth save, 50 s before the first, is in the minute before.
    List<Save> saves = saves(Duration.ofHours(2).plusSeconds(13), 12, 10);
    assertEquals(List.of(12, 7, 1), kept(saves));
  }

  @Test
  void afterADayTheLastOfEachHourAndAfterAMonthOfEachDay() {
    assertEquals(10, kept(saves(Duration.ofDays(3).plusMinutes(5), 60, 600)).size());
    assertEquals(5, kept(saves(Duration.ofDays(60).plusHours(13), 40, 3 * 3600)).size());
  }

  @Test
  void whatIsHeldAndTheNewestStay() {
    List<Save> saves = new ArrayList<>(saves(Duration.ofDays(90), 10, 1));
    saves.set(4, new Save(6, saves.get(4).at(), true));
    assertEquals(List.of(10, 6), kept(saves));
  }

  @Test
  void whatWasThinnedIsNotThinnedFurtherOnTheSameDay() {
    List<Save> saves = saves(Duration.ofHours(2), 600, 7);
    List<Integer> outgrown = Thinning.outgrown(saves, NOW);
    List<Save> left = saves.stream().filter(one -> !outgrown.contains(one.number())).toList();
    assertEquals(List.of(), Thinning.outgrown(left, NOW));
  }
}
