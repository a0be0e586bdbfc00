package app.diaphan.core.overlay;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.reframe.OverlayCopy;
import app.diaphan.core.overlay.reframe.OverlayCopy.Lengths;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OverlayCopyTest {
  private static Overlay named(String name) {
    return new Overlay(
        name,
        Frame.of(1920, 1080),
        List.of(Samples.text("words", "Title", Samples.centre(), 60, Samples.flat("#ffffff"))));
  }

  private static Overlay copy(String name, Frame frame, Lengths lengths, Set<String> taken) {
    return OverlayCopy.of(named(name), frame, lengths, taken);
  }

  @ParameterizedTest
  @CsvSource({
    "Title, Title 2",
    "Race Day 2, Race Day 4",
    "Title 9, Title 10",
    "2, 2 2",
    "Day 12345678, Day 12345678 2"
  })
  void copiesAreNumberedAndNoNameIsGivenTwice(String name, String copied) {
    Set<String> taken = Set.of(name, "Race Day 3");
    assertEquals(copied, copy(name, Frame.of(1920, 1080), Lengths.FOLLOW_FRAME, taken).name());
  }

  @Test
  void aLongNameMakesRoomForItsNumberWithoutCuttingACharacterInTwo() {
    String copied =
        copy("x".repeat(117) + "\ud83d\udef6", Frame.of(1920, 1080), Lengths.STAY, Set.of()).name();
    assertEquals("x".repeat(117) + " 2", copied);
  }

  @Test
  void onAnotherFrameLengthsFollowItOrStay() {
    Frame small = Frame.of(960, 540);
    Overlay follows = copy("Title", small, Lengths.FOLLOW_FRAME, Set.of());
    Overlay stays = copy("Title", small, Lengths.STAY, Set.of());
    assertEquals(30, ((TextPiece) follows.stack().getFirst()).runs().getFirst().size());
    assertEquals(60, ((TextPiece) stays.stack().getFirst()).runs().getFirst().size());
    assertTrue(stays.frame().width() == 960 && follows.frame().width() == 960);
  }
}
