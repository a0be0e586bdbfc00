package app.diaphan.core.type;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.overlay.TextAlignment;
import app.diaphan.core.overlay.TextStyle;
import java.util.List;
import org.junit.jupiter.api.Test;

class TextSetterTest {
  private final TextSetter setter = new TextSetter(ShippedFonts.shelf());
  private final TextStyle style = new TextStyle("Work Sans", 400, 40, 0, 1.25, TextAlignment.LEFT);

  @Test
  void everyShippedFontCanBeReadInEveryWeight() {
    assertTrue(ShippedFonts.shelf().families().size() >= 6);
    for (FontFamily family : ShippedFonts.shelf().families()) {
      for (int weight : family.weights()) {
        TextStyle other = new TextStyle(family.name(), weight, 40, 0, 1.2, TextAlignment.LEFT);
        SetText set = setter.set("Regatta 24", other);
        assertTrue(set.width() > 50, family.name() + " " + weight);
      }
    }
  }

  @Test
  void sizeScalesEverythingAlike() {
    SetText small = setter.set("Tern Holm", style);
    SetText large =
        setter.set("Tern Holm", new TextStyle("Work Sans", 400, 120, 0, 1.25, TextAlignment.LEFT));
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
    return setter
        .set(words, new TextStyle("Work Sans", 400, 40, tracking, 1.25, TextAlignment.LEFT))
        .width();
  }

  @Test
  void linesStandALeadingApartAndAlign() {
    SetText one = setter.set("Osier", style);
    SetText two = setter.set("Osier\r\nPoint Sailing", style);
    assertEquals(one.height() + 1.25 * 40, two.height(), 1e-6);
    TextStyle right = new TextStyle("Work Sans", 400, 40, 0, 1.25, TextAlignment.RIGHT);
    SetText aligned = setter.set("I\nPoint Sailing", right);
    assertTrue(
        aligned.outline().intersects(aligned.width() - 10, 0, 8, one.height() * 0.9),
        "the short line ends at the right");
  }

  @Test
  void anotherScriptFallsBackWithoutAWord() {
    SetText set = setter.set("Ysolde · نور · अनु · Ωμέγα", style);
    assertEquals(List.of(), set.missing());
  }

  @Test
  void joiningLettersAreJoined() {
    TextStyle arabic = new TextStyle("Noto Sans Arabic", 400, 40, 0, 1.25, TextAlignment.LEFT);
    double apart =
        setter.set("ن", arabic).width()
            + setter.set("و", arabic).width()
            + setter.set("ر", arabic).width();
    assertTrue(setter.set("نور", arabic).width() < apart - 1);
  }

  @Test
  void whatNoFontHasIsReportedOnceAndDrawnAsABox() {
    SetText set = setter.set("Go 🚤 go 🚤", style);
    assertEquals(List.of("🚤"), set.missing());
    assertTrue(set.width() > setter.set("Go go", style).width());
  }

  @Test
  void controlCharactersAndHalfSurrogatesAreLeftOut() {
    assertEquals(
        setter.set("Quay side", style).width(),
        setter.set("Quay\u0000\u0007\tside\ud83d", style).width(),
        1e-6);
  }

  @Test
  void mixedDirectionsAndLongWordsAreSet() {
    SetText set = setter.set("Race 2: سباق الفانوس, heat (3)", style);
    assertTrue(set.width() > 300);
    assertTrue(setter.set("abcde ".repeat(833), style).width() > 50_000);
    assertEquals(0, setter.set("", style).width());
  }

  @Test
  void anUnknownFamilyIsNamed() {
    TextStyle unknown = new TextStyle("Nowhere", 400, 40, 0, 1.25, TextAlignment.LEFT);
    InvalidInput refused = assertThrows(InvalidInput.class, () -> setter.set("a", unknown));
    assertTrue(refused.getMessage().contains("Nowhere"));
    assertTrue(refused.getMessage().contains("Work Sans"));
  }
}
