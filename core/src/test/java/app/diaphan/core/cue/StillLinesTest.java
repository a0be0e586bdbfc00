package app.diaphan.core.cue;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.Samples;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import java.util.List;
import org.junit.jupiter.api.Test;

class StillLinesTest {
  private static final Frame CARD = card(3240);
  private static final Place PLACE = Place.at(PinPoint.TOP_LEFT, Area.FRAME, 100, 100);

  private static Frame card(int lines) {
    return new Frame(
        1920,
        lines,
        Samples.HD.pixelAspect(),
        Samples.HD.scan(),
        Samples.HD.safeAreas(),
        Samples.HD.ownMargin(),
        72,
        1080);
  }

  private static TextPiece text(String id, String words) {
    return Samples.text(id, words, PLACE, 60, Samples.flat("#ffffff"));
  }

  private static TextPiece inGroup(String id, String words) {
    return text(id, words).withPlace(Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0));
  }

  private static Piece group(boolean shown, Piece... stack) {
    return new GroupPiece(
        "group",
        "Group",
        shown,
        false,
        PLACE,
        1,
        Look.PLAIN,
        GroupPiece.Finishing.EACH_PART,
        List.of(stack));
  }

  private static List<CueStill.Line> lines(Frame frame, Piece... stack) {
    return StillLines.of(Samples.overlay(frame, stack), Samples.renderer());
  }

  private static List<String> words(Frame frame, Piece... stack) {
    return lines(frame, stack).stream().map(CueStill.Line::words).toList();
  }

  private static Piece plate() {
    return Samples.plate(new PlateShape.Ellipse(), PLACE, 200, 150, Samples.flat("#e8a33d"));
  }

  @Test
  void linesThatAreSeenAreRead() {
    for (Frame frame : List.of(Samples.HD, CARD)) {
      assertEquals(
          List.of("Maren Oldfield", "Bo", "Tide Chaser"),
          words(
              frame,
              text("a", "Maren Oldfield\n \nBo"),
              plate(),
              text("hidden", "Nobody").withShown(false),
              group(true, inGroup("b", "Tide Chaser"), inGroup("c", "None").withShown(false)),
              group(false, inGroup("d", "Unseen")).withId("other")));
    }
  }

  @Test
  void onlyOfCardsThatScrollAnyoneAsksHowHighALineIs() {
    assertEquals(0, lines(Samples.HD, text("a", "Bo")).getFirst().height());
    double one = lines(CARD, text("a", "Bo")).getFirst().height();
    List<CueStill.Line> two = lines(CARD, text("a", "Bo\nBo"));
    assertEquals(2, two.size());
    // Two lines are a line's pitch of 72 higher than one.
    assertEquals((one + 72) / 2, two.get(0).height(), 0.5);
    assertEquals(two.get(0).height(), two.get(1).height());
  }

  @Test
  void wordsThatAreBrokenAreSharedOutAmongTheirLines() {
    TextPiece broken =
        text("a", "abcde abcde abcde abcd")
            .withBox(new TextBox.Given(200, 400, TextBox.Upright.TOP, new TextBox.Fit.Wrap(4)));
    List<CueStill.Line> lines = lines(CARD, broken);
    assertEquals(
        List.of("abcde ", "abcde ", "abcde ", "abcd"),
        lines.stream().map(CueStill.Line::words).toList());
    // The least share that leaves no word over: 22 characters in 4 lines.
    assertEquals(List.of(6, 6, 6, 4), lines.stream().map(line -> line.words().length()).toList());
  }
}
