package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.raster.Bounds;
import java.awt.Color;
import java.awt.Rectangle;
import java.awt.geom.AffineTransform;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** SVG files as drawing programs write them, of which a reader of shapes alone knows nothing. */
class SvgFromTheWorldTest {
  private static VectorPicture svg(String content) {
    String whole =
        "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='100' height='60'>"
            + content
            + "</svg>";
    return assertInstanceOf(
        VectorPicture.class,
        PictureReader.read("made.svg", whole.getBytes(StandardCharsets.UTF_8)));
  }

  /** The colours of all shapes, in the order they are drawn in. */
  private static List<String> colours(String content) {
    return svg(content).figures(new AffineTransform()).stream()
        .map(figure -> assertInstanceOf(Figure.Filled.class, figure))
        .map(figure -> assertInstanceOf(Color.class, figure.paint()))
        .map(colour -> Integer.toHexString(colour.getRGB() & 0xffffff | 0x1000000).substring(1))
        .toList();
  }

  private static final String SQUARE = "<rect width='9' height='9' fill='%s'/>";

  private static String square(String colour) {
    return SQUARE.replace("%s", colour);
  }

  @Test
  void ofASwitchTheFirstThatCanBeShownIsDrawn() {
    String program =
        "<switch><foreignObject requiredExtensions='http://made.example/graphs/1.0/' width='1' height='1'/>"
            + "<g>"
            + square("#112233")
            + "</g>"
            + square("#445566")
            + "</switch>"
            + square("#778899");
    assertEquals(List.of("112233", "778899"), colours(program));
    assertTrue(svg(program).notes().isEmpty(), svg(program).notes().toString());
    assertEquals(
        List.of("0000ff"),
        colours(
            "<switch><title>Flags</title><rect systemLanguage='de, fr' width='9' height='9' fill='#ff0000'/>"
                + "<rect systemLanguage='de,en-GB' width='9' height='9' fill='#0000ff'/>"
                + square("#00ff00")
                + "</switch>"));
  }

  @Test
  void whatIsMeantForAnotherLanguageIsLeftOutAnywhere() {
    assertEquals(
        List.of("0000ff"),
        colours("<g systemLanguage='de'>" + square("#ff0000") + "</g>" + square("#0000ff")));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "rect {fill: #0a0b0c}|0a0b0c",
        "g rect {fill: #0a0b0c}|0a0b0c",
        "svg > rect {fill: #ffffff} g > rect {fill: #0a0b0c}|0a0b0c",
        "rect.big.blue {fill: #0a0b0c} .blue {fill: #ffffff}|0a0b0c",
        ".big {fill: #ffffff} .blue {fill: #0a0b0c}|0a0b0c",
        "#one {fill: #0a0b0c} g rect.big.blue {fill: #ffffff}|0a0b0c",
        "circle + rect {fill: #0a0b0c}|0a0b0c",
        "circle ~ rect {fill: #0a0b0c}|0a0b0c",
        "rect + rect {fill: #ffffff} rect[width='9'] {fill: #0a0b0c}|0a0b0c",
        "rect[class~=blue] {fill: #0a0b0c}|0a0b0c",
        "rect:last-child {fill: #0a0b0c} rect:first-child {fill: #ffffff}|0a0b0c",
        "rect:nth-child(2n) {fill: #0a0b0c} rect:nth-child(odd) {fill: #ffffff}|0a0b0c",
        "rect:not(.red) {fill: #0a0b0c}|0a0b0c",
        "rect {fill: #0a0b0c !important} #one {fill: #ffffff}|0a0b0c",
        "circle, rect {fill: #0a0b0c}|0a0b0c",
        "rect {fill: #0a0b0c} @media print {rect {fill: #ffffff}} rect:hover {fill: #ffffff}|0a0b0c",
        "}} ,, rect {fill: #ffffff} g rect {fill: #0a0b0c}|0a0b0c"
      })
  void styleSheetsAreFollowedByTheRulesOfTheCascade(String sheet, String colour) {
    List<String> colours =
        colours(
            "<style>"
                + sheet.replace(">", "&gt;")
                + "</style><g><circle r='0.1' fill='none' stroke='none'/>"
                + "<rect id='one' class='big blue' width='9' height='9' fill='#123456'/></g>");
    assertEquals(colour, colours.getLast());
  }

  @Test
  void generalFamiliesAreThoseThatShip() {
    String words = "<text x='2' y='40' font-size='30' %s>Tern</text>";
    VectorPicture general = svg(words.replace("%s", "font-family='Made Up, sans-serif'"));
    VectorPicture named = svg(words.replace("%s", "style='fill:#000;font-family:Noto Sans'"));
    VectorPicture sheet =
        svg("<style>text {font-family: sans-serif}</style>" + words.replace("%s", ""));
    assertEquals(outlines(named), outlines(general));
    assertEquals(outlines(named), outlines(sheet));
    assertEquals(List.of(), sheet.notes());
  }

  private static List<String> outlines(VectorPicture picture) {
    return picture.figures(new AffineTransform()).stream()
        .map(figure -> assertInstanceOf(Figure.Filled.class, figure).shape().getBounds2D())
        .map(Object::toString)
        .toList();
  }

  @Test
  void sheetsAreOneCascadeAndAnElementsOwnStyleComesAfterThem() {
    assertEquals(
        List.of("0a0b0c"),
        colours(
            "<style>rect.big {fill: #0a0b0c}</style><style>rect {fill: #ffffff}</style>"
                + "<rect class='big' width='9' height='9'/>"));
    assertEquals(
        List.of("0a0b0c"),
        colours(
            "<style>rect {fill: #ffffff}</style>"
                + "<rect width='9' height='9' style='fill: #ff0000; fill: #0a0b0c'/>"));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "<style/>",
        "<style> </style>",
        "<style>/* */</style>",
        "<style>@import 'a.css';</style>"
      })
  void aSheetThatSaysNothingChangesNothing(String sheet) {
    assertEquals(List.of("0a0b0c"), colours(sheet + square("#0a0b0c")));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "width='100%' height='100%' viewBox='0 0 480 360'|480|360",
        "viewBox='5 5 48 36'|48|36",
        "width='96' viewBox='0 0 48 36'|96|72",
        "height='1in' viewBox='0 0 48 36'|128|96",
        "width='30' height='40' viewBox='0 0 48 36'|30|40"
      })
  void aSizeThatIsNotGivenIsThatOfTheViewBox(String root, int width, int height) {
    String file = "<svg xmlns='http://www.w3.org/2000/svg' %s><rect width='9' height='9'/></svg>";
    Picture picture =
        PictureReader.read("size.svg", file.replace("%s", root).getBytes(StandardCharsets.UTF_8));
    assertEquals(width, picture.ownWidth());
    assertEquals(height, picture.ownHeight());
  }

  /** An icon of 16.53 × 16 made 17 wide would be 3 % too wide. */
  @Test
  void aSizeThatIsNotWholeKeepsItsProportions() {
    VectorPicture picture =
        (VectorPicture)
            PictureReader.read(
                "ring.svg",
                """
                <svg xmlns='http://www.w3.org/2000/svg' width='16.53125' height='16.25'>
                  <circle cx='8' cy='8' r='8' fill='#125c6e'/></svg>
                """
                    .getBytes(StandardCharsets.UTF_8));
    assertEquals(16.53125, picture.ownWidth());
    assertEquals(16.25, picture.ownHeight());
    RasterPicture drawn = picture.drawn(1653);
    assertEquals(1653, drawn.width());
    assertEquals(1625, drawn.height());
    assertEquals(0, drawn.value(4 * (800 * 1653 + 1601) + 3));
    assertEquals(1, drawn.value(4 * (800 * 1653 + 1598) + 3));
  }

  @Test
  void aClipsOwnTransformMovesWhatIsInIt() {
    VectorPicture picture =
        svg(
            "<clipPath id='c' transform='translate(20 10)'><rect width='9' height='9' transform='scale(2)'/></clipPath>"
                + "<rect width='100' height='60' clip-path='url(#c)'/>");
    Figure.Filled only =
        assertInstanceOf(Figure.Filled.class, picture.figures(new AffineTransform()).getFirst());
    assertEquals(new Rectangle(20, 10, 18, 18), only.clips().getLast().getBounds());
  }

  @Test
  void aStopBeforeTheOneAheadOfItLiesOnThatOne() {
    VectorPicture picture =
        svg(
            "<linearGradient id='g'><stop offset='50%' stop-color='#ff0000'/>"
                + "<stop offset='0.1' stop-color='#0000ff'/></linearGradient>"
                + "<rect width='100' height='60' fill='url(#g)'/>");
    float[] pixels =
        FigureDrawing.of(picture.figures(new AffineTransform()), new Bounds(0, 0, 100, 60));
    assertEquals(1, pixels[4 * 40], 0.01, "red before the middle");
    assertEquals(0, pixels[4 * 60], 0.01, "and none behind it");
  }

  @Test
  void spacesInATransformDoNotMatter() {
    Figure.Filled moved =
        assertInstanceOf(
            Figure.Filled.class,
            svg("<rect width='9' height='9' transform=' translate (20, 10) scale\n(2)'/>")
                .figures(new AffineTransform())
                .getFirst());
    assertEquals(new Rectangle(20, 10, 18, 18), moved.shape().getBounds());
  }

  @Test
  void whatHasNoSizeIsNotDrawnNorItsLine() {
    assertEquals(
        List.of("0a0b0c"),
        colours(
            "<rect width='0' height='9' stroke='#ff0000'/><circle r='0.0' stroke='#ff0000'/>"
                + "<rect width='9' height='9' fill='#0a0b0c'/>"));
  }

  @Test
  void aPaintThatIsMissingGivesWayToTheOneBehindIt() {
    assertEquals(
        List.of("0a0b0c", "0a0b0d"),
        colours(
            "<rect width='9' height='9' fill='url(#nowhere) #0a0b0c'/>"
                + "<rect width='9' height='9' style='fill:url(#nowhere) #0a0b0d;stroke:none'/>"));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "feSpecularLighting|<filter id='f'><feSpecularLighting/></filter><rect width='9' height='9' filter='url(#f)'/>",
        "feTurbulence|<filter id='f'><feTurbulence/></filter><rect width='9' height='9' filter='url(#f)'/>",
        "at the parts themselves|<style>rect {filter: blur(2px)}</style><rect width='9' height='9'/>",
        "feMorphology|<filter id='f'><feMorphology radius='2'/></filter><rect width='9' height='9' filter='url(#f)'/>",
        "feTile|<filter id='f'><feFlood/><feTile/></filter><rect width='9' height='9' filter='url(#f)'/>",
        "language|<switch><rect systemLanguage='de' width='9' height='9'/><rect width='9' height='9'/></switch>",
        "can do|<switch><g requiredFeatures='x'/><rect width='9' height='9'/></switch>",
        "mix with|<rect width='9' height='9' style='mix-blend-mode: multiply'/>",
        "mix with|<style>rect {mix-blend-mode: screen}</style><rect width='9' height='9'/>",
        "elsewhere.png|<rect width='9' height='9'/><image href='elsewhere.png' width='9' height='9'/>",
        "foreignObject|<rect width='9' height='9'/><foreignObject width='9' height='9'/>",
        "writing-mode|<text y='20' writing-mode='tb' font-family='Outfit'>Tern</text>",
        "letters of its own|<font><glyph unicode='a' d='M0 0h9v9z'/></font><text y='20' font-family='Outfit'>a</text>",
        "lies behind|<filter id='f'><feOffset in='BackgroundImage'/></filter><rect width='9' height='9' filter='url(#f)'/>",
        "Nothing of it|<rect width='9' height='9' fill='none'/>",
        "Nothing of it|<g display='none'><rect width='9' height='9'/></g>"
      })
  void whatIsNotDrawnAsItIsMeantIsTold(String said) {
    String[] parts = said.split("\\|");
    List<String> notes = svg(parts[1]).notes();
    assertTrue(notes.stream().anyMatch(note -> note.contains(parts[0])), notes.toString());
  }
}
