package app.diaphan.core.font;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.shelf.FontFamily;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.overlay.Letterforms;
import app.diaphan.core.overlay.Letterforms.FigureWidths;
import app.diaphan.core.overlay.Letterforms.Figures;
import app.diaphan.core.overlay.Letterforms.Ligatures;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextAlignment;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.type.SetText;
import app.diaphan.core.type.TextSetter;
import java.awt.geom.PathIterator;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Words in fonts of one's own; how large the boxes of the made-up font are stands beside it. */
class OwnFontsTest {
  private static final FontShelf SHELF = TestFonts.shelf("Anybody.woff2", "LanternBlocks.otf");
  private final TextSetter setter = new TextSetter(SHELF);

  private static final Letterforms USUAL = Letterforms.USUAL;

  private SetText set(Letterforms forms, TextSetting.Capitals capitals, Run run) {
    TextSetting setting =
        new TextSetting(
            TextSetting.SizedBy.FONT_SIZE, 1.2, 0, capitals, forms, TextAlignment.LEFT, false);
    return setter.set(
        new TextPiece(
            "words",
            "Words",
            true,
            false,
            Place.at(PinPoint.LEFT, Area.FRAME, 0, 0),
            List.of(run),
            setting,
            new TextBox.Free(),
            new Paint.Flat(Colour.WHITE),
            Look.PLAIN));
  }

  private SetText set(Letterforms forms, Run run) {
    return set(forms, TextSetting.Capitals.AS_TYPED, run);
  }

  private static Run blocks(String words) {
    return Run.of(words, "Lantern Blocks", 700, 1000);
  }

  private static Letterforms figures(Figures figures, FigureWidths widths) {
    return new Letterforms(figures, widths, Ligatures.USUAL, List.of());
  }

  private static double height(SetText set) {
    return set.outline().getBounds2D().getHeight();
  }

  private static double width(SetText set) {
    return set.outline().getBounds2D().getWidth();
  }

  private static int contours(SetText set) {
    int count = 0;
    for (PathIterator i = set.outline().getPathIterator(null); !i.isDone(); i.next()) {
      count += i.currentSegment(new double[6]) == PathIterator.SEG_MOVETO ? 1 : 0;
    }
    return count;
  }

  @Test
  void ownFamiliesComeFirstAndAreKnownByTheirFiles() {
    assertEquals(
        List.of("Anybody", "Lantern Blocks"),
        SHELF.families().stream().limit(2).map(FontFamily::name).toList());
    assertTrue(SHELF.find("Work Sans").isPresent(), "what ships stays");
    assertEquals("", SHELF.find("Work Sans").orElseThrow().identity());
    assertNotEquals(
        SHELF.find("Anybody").orElseThrow().identity(),
        SHELF.find("Lantern Blocks").orElseThrow().identity());
    assertEquals("Work Sans", SHELF.standIn().name(), "a stand-in is one that is always here");
  }

  @Test
  void wordsAreSetInThemAndSayWhatTheyAreMadeOf() {
    SetText set = set(USUAL, blocks("A"));
    assertEquals(500, width(set), 0.5);
    assertEquals(700, height(set), 0.5);
    assertEquals(List.of(SHELF.find("Lantern Blocks").orElseThrow().identity()), set.ownFonts());
    assertEquals(List.of(), set(USUAL, Run.of("A", "Work Sans", 400, 100)).ownFonts());
  }

  @Test
  void aFontThatIsGoneIsReplacedAndReported() {
    SetText set = new TextSetter(ShippedFonts.shelf()).set(text(blocks("A")));
    assertEquals(List.of("Lantern Blocks"), set.unknownFamilies());
    assertEquals(
        height(set(USUAL, Run.of("A", "Work Sans", 700, 1000))), height(set), 1e-6, "the stand-in");
  }

  private static TextPiece text(Run run) {
    return new TextPiece(
        "words",
        "Words",
        true,
        false,
        Place.at(PinPoint.LEFT, Area.FRAME, 0, 0),
        List.of(run),
        TextSetting.plain(TextAlignment.LEFT),
        new TextBox.Free(),
        new Paint.Flat(Colour.WHITE),
        Look.PLAIN);
  }

  @Test
  void smallCapitalsAreTheFonts() {
    assertEquals(500, height(set(USUAL, blocks("a"))), 0.5);
    SetText small = set(USUAL, TextSetting.Capitals.SMALL, blocks("a"));
    assertEquals(550, height(small), 0.5);
    assertEquals(400, width(small), 0.5);
  }

  @Test
  void figuresAreAsAskedFor() {
    assertEquals(200, width(set(USUAL, blocks("1"))), 0.5);
    assertEquals(
        400, width(set(figures(Figures.AS_DRAWN, FigureWidths.TABULAR), blocks("1"))), 0.5);
    assertEquals(
        500, height(set(figures(Figures.OLD_STYLE, FigureWidths.AS_DRAWN), blocks("1"))), 0.5);
    assertEquals(
        700,
        height(set(figures(Figures.LINING, FigureWidths.PROPORTIONAL), blocks("1"))),
        0.5,
        "what a font lacks changes nothing");
  }

  @Test
  void ligaturesCanBeLeftOut() {
    assertEquals(1, contours(set(USUAL, blocks("fi"))));
    assertEquals(
        2,
        contours(
            set(
                new Letterforms(Figures.AS_DRAWN, FigureWidths.AS_DRAWN, Ligatures.NONE, List.of()),
                blocks("fi"))));
  }

  @Test
  void aStylisticSetIsNamedByItsFontAndShown() {
    assertEquals("Open forms", SHELF.find("Lantern Blocks").orElseThrow().features().get("ss01"));
    Letterforms open =
        new Letterforms(Figures.AS_DRAWN, FigureWidths.AS_DRAWN, Ligatures.USUAL, List.of("ss01"));
    assertEquals(1, contours(set(USUAL, blocks("A"))));
    assertEquals(2, contours(set(open, blocks("A"))));
    assertThrows(
        InvalidInput.class,
        () ->
            new Letterforms(
                Figures.AS_DRAWN, FigureWidths.AS_DRAWN, Ligatures.USUAL, List.of("kern")));
  }

  @Test
  void kerningHoldsBetweenFormsOfAnotherSet() {
    // Of Work Sans, which kerns its small capitals: the words are not as wide as their letters.
    Run whole = Run.of("ava", "Work Sans", 400, 1000);
    double together = set(USUAL, TextSetting.Capitals.SMALL, whole).width();
    double apart =
        2 * set(USUAL, TextSetting.Capitals.SMALL, Run.of("a", "Work Sans", 400, 1000)).width()
            + set(USUAL, TextSetting.Capitals.SMALL, Run.of("v", "Work Sans", 400, 1000)).width();
    assertTrue(together < apart - 20, together + " of " + apart);
  }

  @Test
  void theAxesOfAVariableFontAreValuesOfARun() {
    Run plain = Run.of("Harbour", "Anybody", 400, 100);
    double usual = set(USUAL, plain).width();
    double narrow = set(USUAL, plain.withAxes(List.of(new AxisValue("wdth", 50)))).width();
    double wide = set(USUAL, plain.withAxes(List.of(new AxisValue("wdth", 150)))).width();
    assertTrue(narrow < 0.7 * usual && wide > 1.3 * usual, narrow + " " + usual + " " + wide);
    assertEquals(
        wide,
        set(USUAL, plain.withAxes(List.of(new AxisValue("wdth", 900)))).width(),
        1e-6,
        "beyond its range a font is at its range's end");
    assertEquals(
        usual,
        set(USUAL, plain.withAxes(List.of(new AxisValue("CASL", 1)))).width(),
        1e-6,
        "an axis it lacks changes nothing");
    double between = set(USUAL, Run.of("Harbour", "Anybody", 437, 100)).width();
    assertTrue(between > usual, "weights between those that are named");
  }

  @Test
  void aRunSaysEachAxisOnceAndItsWeightElsewhere() {
    Run run = Run.of("A", "Anybody", 400, 100);
    AxisValue one = new AxisValue("wdth", 60);
    assertThrows(InvalidInput.class, () -> run.withAxes(List.of(one, new AxisValue("wdth", 70))));
    assertThrows(InvalidInput.class, () -> new AxisValue("wght", 400));
    assertThrows(InvalidInput.class, () -> new AxisValue("width", 400));
    assertFalse(run.withAxes(List.of(one)).axes().isEmpty());
  }

  private static FontFile twin(String content, int weight) {
    FontFace face =
        new FontFace(0, "Twins", FontKind.SANS, List.of(new FontWeight(weight, "One")), List.of());
    return new FontFile(content, content, List.of(face), Embedding.INSTALLABLE, true);
  }

  @Test
  void ofFilesOfOneFamilyTheNearestWeightIsTaken() {
    FontShelf shelf =
        new FontShelf(List.of())
            .with(
                List.of(twin("LanternBlocks.otf", 400), twin("Anybody.ttf", 700)),
                TestFonts::bytes);
    TextSetter twins = new TextSetter(shelf);
    double light = width(twins.set(text(Run.of("A", "Twins", 450, 1000))));
    double bold = width(twins.set(text(Run.of("A", "Twins", 690, 1000))));
    assertEquals(500, light, 0.5, "the box of the lighter one");
    assertNotEquals(500, bold, 0.5);
  }
}
