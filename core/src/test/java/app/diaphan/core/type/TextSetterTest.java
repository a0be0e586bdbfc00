package app.diaphan.core.type;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.FontWeight;
import app.diaphan.core.font.shelf.FontFamily;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.overlay.Letterforms;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextAlignment;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting;
import java.util.List;
import org.junit.jupiter.api.Test;

class TextSetterTest {
  private static final TextSetting PLAIN =
      new TextSetting(
          TextSetting.SizedBy.FONT_SIZE,
          1.25,
          0,
          TextSetting.Capitals.AS_TYPED,
          Letterforms.USUAL,
          TextAlignment.LEFT,
          false);
  private final TextSetter setter = new TextSetter(ShippedFonts.shelf());

  private static TextPiece piece(TextSetting setting, TextBox box, Run... runs) {
    return new TextPiece(
        "t",
        "Name",
        true,
        false,
        Samples.centre(),
        List.of(runs),
        setting,
        box,
        Samples.flat("#ffffff"),
        Look.PLAIN);
  }

  private SetText set(TextSetting setting, Run... runs) {
    return setter.set(piece(setting, new TextBox.Free(), runs));
  }

  private SetText set(String words, String family) {
    return set(PLAIN, Run.of(words, family, 400, 40));
  }

  private SetText set(String words) {
    return set(words, "Work Sans");
  }

  private static TextSetting with(TextAlignment alignment, boolean hanging) {
    return new TextSetting(
        TextSetting.SizedBy.FONT_SIZE,
        1.25,
        0,
        TextSetting.Capitals.AS_TYPED,
        Letterforms.USUAL,
        alignment,
        hanging);
  }

  private static TextSetting with(TextSetting.Capitals capitals) {
    return new TextSetting(
        TextSetting.SizedBy.FONT_SIZE,
        1.25,
        0,
        capitals,
        Letterforms.USUAL,
        TextAlignment.LEFT,
        false);
  }

  @Test
  void everyShippedFontCanBeReadInEveryWeight() {
    assertTrue(ShippedFonts.shelf().families().size() >= 6);
    for (FontFamily family : ShippedFonts.shelf().families()) {
      for (FontWeight one : family.weights()) {
        int weight = one.weight();
        SetText set = set(PLAIN, Run.of("Regatta 24", family.name(), weight, 40));
        assertTrue(set.width() > 50, family.name() + " " + weight);
      }
    }
  }

  @Test
  void sizeScalesEverythingAlike() {
    SetText small = set("Tern Holm");
    SetText large = set(PLAIN, Run.of("Tern Holm", "Work Sans", 400, 120));
    assertEquals(3 * small.width(), large.width(), 1e-4);
    assertEquals(3 * small.height(), large.height(), 1e-4);
  }

  @Test
  void pairsAreKernedAndTrackingAddsBetweenLettersOnly() {
    assertTrue(width("AVAV", 0) < width("A", 0) * 2 + width("V", 0) * 2 - 1);
    // 100 thousandths of 40 for each of three gaps; kerning is the same in both.
    assertEquals(width("HHHH", 0) + 3 * 4, width("HHHH", 100), 0.05);
  }

  private double width(String words, double tracking) {
    return set(
            PLAIN,
            new Run(words, "Work Sans", 400, List.of(), 40, tracking, new Run.Ink.Shared(), ""))
        .width();
  }

  @Test
  void linesStandALeadingApartAndAlign() {
    SetText one = set("Osier");
    SetText two = set("Osier\r\nPoint Sailing");
    assertEquals(one.height() + 1.25 * 40, two.height(), 1e-6);
    assertEquals(1.25 * 40, two.baselines().get(1) - two.baselines().get(0), 1e-6);
    SetText aligned =
        set(with(TextAlignment.RIGHT, false), Run.of("I\nPoint Sailing", "Work Sans", 400, 40));
    assertTrue(
        aligned.outline().intersects(aligned.width() - 10, 0, 8, one.height() * 0.9),
        "the short line ends at the right");
  }

  @Test
  void runsKeepTheirOwnWeightSizeAndColourOnOneBaseline() {
    Run light = Run.of("Ysolde ", "Work Sans", 300, 40);
    Run bold =
        new Run(
            "Farrow",
            "Work Sans",
            700,
            List.of(),
            60,
            0,
            new Run.Ink.Own(Colour.parse("#f0a93f")),
            "");
    SetText both = set(PLAIN, light, bold);
    assertEquals(set(PLAIN, light).width() + set(PLAIN, bold).width(), both.width(), 0.6);
    assertEquals(1, both.baselines().size());
    assertEquals(set(PLAIN, bold).baselines().getFirst(), both.baselines().getFirst(), 1e-6);
    assertEquals(1, both.inked().size());
    var letters = both.inked().getFirst().outline().getBounds2D();
    assertTrue(letters.getMinX() >= set(PLAIN, light).width() - 1, letters.toString());
    assertEquals(both.outline().getBounds2D().getMaxX(), letters.getMaxX(), 1e-6);
  }

  @Test
  void capHeightIsTheHeightOfACapital() {
    TextSetting byCaps =
        new TextSetting(
            TextSetting.SizedBy.CAP_HEIGHT,
            1.25,
            0,
            TextSetting.Capitals.AS_TYPED,
            Letterforms.USUAL,
            TextAlignment.LEFT,
            false);
    for (String family : List.of("Work Sans", "Barlow Condensed", "Fraunces")) {
      SetText set = set(byCaps, Run.of("H", family, 600, 50));
      assertEquals(50, set.outline().getBounds2D().getHeight(), 0.01, family);
    }
  }

  @Test
  void wordSpacingWidensOnlyTheSpaces() {
    assertEquals(spaced("Sea fog bank", 250) + 2 * 10, spaced("Sea fog bank", 500), 0.05);
    assertEquals(spaced("Seafogbank", 0), spaced("Seafogbank", 500), 1e-6);
  }

  private double spaced(String words, double spacing) {
    TextSetting setting =
        new TextSetting(
            TextSetting.SizedBy.FONT_SIZE,
            1.25,
            spacing,
            TextSetting.Capitals.AS_TYPED,
            Letterforms.USUAL,
            TextAlignment.LEFT,
            false);
    return set(setting, Run.of(words, "Work Sans", 400, 40)).width();
  }

  @Test
  void capitalsAreSetWithoutRetypingAndSmallOnesComeFromTheFont() {
    Run words = Run.of("Osier", "Source Serif 4", 400, 40);
    assertEquals(
        set(PLAIN, Run.of("OSIER", "Source Serif 4", 400, 40)).width(),
        set(with(TextSetting.Capitals.ALL), words).width(),
        1e-4);
    boolean any = false;
    for (FontFamily family : ShippedFonts.shelf().families()) {
      Run own = Run.of("Osier", family.name(), 400, 40);
      SetText small = set(with(TextSetting.Capitals.SMALL), own);
      SetText typed = set(PLAIN, own);
      if (family.features().containsKey("smcp")) {
        any = true;
        double height = small.outline().getBounds2D().getHeight();
        assertTrue(small.width() != typed.width(), family.name());
        assertTrue(height > 0.5 * 40 && height < 0.9 * 40, family.name() + " " + height);
      } else {
        assertEquals(typed.width(), small.width(), 1e-6, family.name());
      }
    }
    assertTrue(any, "a shipped family has small capitals");
  }

  @Test
  void hangingBeginsAndEndsWithTheInk() {
    SetText plain = set(with(TextAlignment.LEFT, false), Run.of("Hull", "Work Sans", 400, 400));
    SetText hung = set(with(TextAlignment.LEFT, true), Run.of("Hull", "Work Sans", 400, 400));
    assertTrue(plain.outline().getBounds2D().getMinX() > 5);
    assertEquals(0, hung.outline().getBounds2D().getMinX(), 1e-6);
    assertEquals(hung.width(), hung.outline().getBounds2D().getMaxX(), 1e-6);
    SetText quoted = set(with(TextAlignment.LEFT, true), Run.of("“Hull”", "Work Sans", 400, 400));
    assertTrue(quoted.outline().getBounds2D().getMinX() < -50, "the quote hangs out");
  }

  private SetText boxed(TextBox.Fit fit, String words) {
    return setter.set(
        piece(
            PLAIN,
            new TextBox.Given(200, 120, TextBox.Upright.TOP, fit),
            Run.of(words, "Work Sans", 400, 40)));
  }

  @Test
  void wordsThatFitAreLeftAlone() {
    SetText free = set("Bo");
    for (TextBox.Fit fit :
        List.of(
            new TextBox.Fit.AsSet(),
            new TextBox.Fit.Shrink(0.5),
            new TextBox.Fit.Condense(0.5),
            new TextBox.Fit.Wrap(2),
            new TextBox.Fit.Refuse())) {
      SetText set = boxed(fit, "Bo");
      assertEquals(200, set.width());
      assertTrue(set.fitted().fits());
      assertEquals(
          free.outline().getBounds2D().getMaxX(),
          set.outline().getBounds2D().getMaxX(),
          1e-6,
          fit.toString());
    }
  }

  @Test
  void longWordsShrinkOrNarrowToTheirFloorAndNoFurther() {
    double free = set("Ysolde Farrow").width();
    SetText shrunk = boxed(new TextBox.Fit.Shrink(0.5), "Ysolde Farrow");
    assertEquals(200 / free, shrunk.fitted().size(), 1e-6);
    assertTrue(shrunk.fitted().fits());
    assertEquals(200, shrunk.outline().getBounds2D().getMaxX(), 4);
    SetText narrowed = boxed(new TextBox.Fit.Condense(0.6), "Ysolde Farrow");
    assertEquals(200 / free, narrowed.fitted().narrowed(), 1e-6);
    assertEquals(
        set("Ysolde Farrow").outline().getBounds2D().getHeight(),
        narrowed.outline().getBounds2D().getHeight(),
        1e-6);
    SetText stuck = boxed(new TextBox.Fit.Shrink(0.9), "Ysolde Farrow");
    assertEquals(0.9, stuck.fitted().size());
    assertEquals(free * 0.9 - 200, stuck.fitted().over(), 1e-6);
  }

  @Test
  void wrappingBreaksBetweenWordsAndCountsLines() {
    SetText two = boxed(new TextBox.Fit.Wrap(2), "Ysolde Farrow");
    assertEquals(2, two.baselines().size());
    assertTrue(two.fitted().fits());
    SetText three = boxed(new TextBox.Fit.Wrap(2), "Ysolde Farrow Quill Second Lantern");
    assertTrue(three.baselines().size() > 2);
    assertFalse(three.fitted().fits());
    assertFalse(boxed(new TextBox.Fit.Wrap(3), "Ysoldefarrowquillsecond").fitted().fits());
  }

  @Test
  void refusedWordsSayByHowMuch() {
    SetText refused = boxed(new TextBox.Fit.Refuse(), "Ysolde Farrow");
    assertEquals(set("Ysolde Farrow").width() - 200, refused.fitted().over(), 1e-6);
  }

  @Test
  void caretsStandBetweenTheLettersOfEachLine() {
    double[] carets =
        setter.carets(piece(PLAIN, new TextBox.Free(), Run.of("Bo\nQuill", "Work Sans", 400, 40)));
    assertEquals(3 * 9, carets.length);
    assertEquals(0, carets[0], 1e-6);
    assertTrue(carets[3] > 10 && carets[6] > carets[3]);
    assertEquals(0, carets[9], 1e-6, "the second line begins at the left");
    assertEquals(carets[1] + 50, carets[10], 1e-4, "one leading lower");
    assertEquals(set("Quill").width(), carets[24], 0.01);
  }

  @Test
  void anotherScriptFallsBackWithoutAWord() {
    assertEquals(List.of(), set("Ysolde · نور · अनु · Ωμέγα").missing());
  }

  @Test
  void joiningLettersAreJoined() {
    String arabic = "Noto Sans Arabic";
    double apart = set("ن", arabic).width() + set("و", arabic).width() + set("ر", arabic).width();
    assertTrue(set("نور", arabic).width() < apart - 1);
  }

  @Test
  void whatNoFontHasIsReportedOnceAndDrawnAsABox() {
    SetText set = set("Go 🚤 go 🚤");
    assertEquals(List.of("🚤"), set.missing());
    assertTrue(set.width() > set("Go go").width());
  }

  @Test
  void controlCharactersAndHalfSurrogatesTakeNoRoom() {
    assertEquals(set("Quay side").width(), set("Quay\u0000\u0007\tside\ud83d").width(), 1e-6);
  }

  @Test
  void mixedDirectionsAndLongWordsAreSet() {
    assertTrue(set("Race 2: سباق الفانوس, heat (3)").width() > 300);
    assertTrue(set("abcde ".repeat(833)).width() > 50_000);
    assertEquals(0, set("").width());
    assertTrue(set("").height() > 0);
  }

  @Test
  void anUnknownFamilyIsNamedAndStoodInFor() {
    SetText set = set("a", "Nowhere");
    assertEquals(List.of("Nowhere"), set.unknownFamilies());
    assertEquals(set("a", setter.standIn()).width(), set.width());
  }
}
