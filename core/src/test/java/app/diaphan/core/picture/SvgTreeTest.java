package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.raster.Bounds;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Base64;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Files that ask for more than the quick library knows are drawn as the standard means them. */
class SvgTreeTest {
  private static final int WIDTH = 100;
  private static final int HEIGHT = 60;

  /** Marks are the other library's matter; this one has nothing to show. */
  private static final String FOR_THE_TREE =
      "<marker id='m'/><path d='M0 0' marker-end='url(#m)'/>";

  private static VectorPicture svg(String content) {
    return whole(
        "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='100' height='60'>"
            + content
            + "</svg>");
  }

  private static VectorPicture whole(String file) {
    return assertInstanceOf(
        VectorPicture.class, PictureReader.read("made.svg", file.getBytes(StandardCharsets.UTF_8)));
  }

  private static float[] drawn(VectorPicture picture) {
    return FigureDrawing.of(
        picture.figures(new AffineTransform()), new Bounds(0, 0, WIDTH, HEIGHT));
  }

  /** Premultiplied red, green, blue and alpha in 255ths. */
  private static List<Integer> at(float[] pixels, int x, int y) {
    int from = 4 * (y * WIDTH + x);
    return List.of(
        Math.round(255 * pixels[from]),
        Math.round(255 * pixels[from + 1]),
        Math.round(255 * pixels[from + 2]),
        Math.round(255 * pixels[from + 3]));
  }

  private static final List<Integer> CLEAR = List.of(0, 0, 0, 0);
  private static final List<Integer> RED = List.of(255, 0, 0, 255);
  private static final List<Integer> BLUE = List.of(0, 0, 255, 255);

  /** How much of an upright Gaussian lies to the left of a place, by its σ. */
  private static double share(double place, double sigma) {
    double sum = 0;
    int steps = 2000;
    for (int i = 0; i < steps; i++) {
      double at = -6 + (place / sigma + 6) * (i + 0.5) / steps;
      sum += Math.exp(-at * at / 2) * (place / sigma + 6) / steps;
    }
    return sum / Math.sqrt(2 * Math.PI);
  }

  /** Also where two σ are past: there the libraries' own blurs end. */
  @ParameterizedTest
  @ValueSource(doubles = {3, 8})
  void aBlurIsTheGaussian(double sigma) {
    VectorPicture picture =
        svg(
            "<filter id='f' x='-1' y='-1' width='3' height='3' filterUnits='objectBoundingBox'>"
                + "<feGaussianBlur stdDeviation='%SIGMA 0'/></filter>".replace("%SIGMA", "" + sigma)
                + "<rect x='-100' width='140' height='60' fill='#ff0000' filter='url(#f)'/>");
    assertEquals(List.of(), picture.notes());
    float[] pixels = drawn(picture);
    for (int x = 20; x < 40 + 3 * sigma; x++) {
      double wanted = 255 * share(40 - x - 0.5, sigma);
      assertEquals(wanted, 255 * pixels[4 * (30 * WIDTH + x) + 3], 1.2, "at " + x);
    }
  }

  @Test
  void aBlurOfATurnedPartIsTurnedWithIt() {
    VectorPicture picture =
        svg(
            """
            <filter id='f' x='-1' y='-1' width='3' height='3'><feGaussianBlur stdDeviation='6 0'/></filter>
            <g transform='translate(50 30) rotate(90)'>
              <rect x='-10' y='-20' width='20' height='40' fill='#ff0000' filter='url(#f)'/></g>
            """);
    float[] pixels = drawn(picture);
    for (int y = 30; y < 55; y++) {
      double wanted = 255 * (share(40 - y - 0.5, 6) - share(20 - y - 0.5, 6));
      assertEquals(wanted, 255 * pixels[4 * (y * WIDTH + 50) + 3], 3, "at " + y);
    }
    assertEquals(CLEAR, at(pixels, 75, 30));
  }

  /** Whichever library draws it. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "<feOffset in='nowhere' dx='30'/>",
        "<feOffset dx='30' result='a'/><feMorphology radius='1' operator='erode'/><feOffset in='b'/>"
      })
  void aFilterStepThatNamesNoResultGoesOutFromTheOneBefore(String steps) {
    float[] pixels =
        drawn(
            svg(
                "<filter id='f' x='-1' y='-1' width='4' height='4'>"
                    + steps
                    + "</filter><rect x='10' y='10' width='20' height='20' fill='#ff0000' filter='url(#f)'/>"));
    assertEquals(CLEAR, at(pixels, 15, 20));
    assertEquals(RED, at(pixels, 50, 20));
  }

  /** After the upper left corner, to the right. */
  @ParameterizedTest
  @ValueSource(strings = {"", FOR_THE_TREE})
  void dashesOfARectangleWithRoundCornersBeginWhereTheStandardSays(String library) {
    float[] pixels =
        drawn(
            svg(
                library
                    + "<rect x='10' y='10' width='60' height='40' rx='10' fill='none' stroke='#0000ff' stroke-width='4' stroke-dasharray='10 10'/>"));
    assertEquals(BLUE, at(pixels, 21, 10));
    assertEquals(BLUE, at(pixels, 28, 10));
    assertEquals(CLEAR, at(pixels, 32, 10));
    assertEquals(BLUE, at(pixels, 45, 10));
    assertEquals(CLEAR, at(pixels, 45, 30));
  }

  /** Numbers of a drawing program, rounded: the end's direction is told by a hundred-thousandth. */
  @ParameterizedTest
  @ValueSource(strings = {"", FOR_THE_TREE})
  void aLineAlongACurveThatHardlyHasADirectionStaysByTheCurve(String library) {
    float[] pixels =
        drawn(
            svg(
                library
                    + "<path d='M 20,10 C 20,10 20.125,40.00001 20.125,40 C 20.125,40 21.2,47 40,45' fill='none' stroke='#0000ff' stroke-width='4'/>"));
    assertEquals(BLUE, at(pixels, 20, 25));
    assertEquals(CLEAR, at(pixels, 20, 4));
    assertEquals(CLEAR, at(pixels, 20, 56));
  }

  /** In the middle of a pixel and not at its corner; a hard stop within one is mixed. */
  @ParameterizedTest
  @ValueSource(strings = {"", "<path d='M0 0' marker-end='url(#g)'/>"})
  void gradientsLieWhereTheyAreSaidTo(String forTheTree) {
    VectorPicture picture =
        svg(
            """
            <linearGradient id='g' gradientUnits='userSpaceOnUse' x1='0' x2='50' y1='0' y2='0'>
              <stop stop-color='#000000'/><stop offset='1' stop-color='#ff0000'/></linearGradient>
            <radialGradient id='r' gradientUnits='userSpaceOnUse' cx='75' cy='30' r='20'>
              <stop stop-color='#000000'/><stop offset='1' stop-color='#ff0000'/></radialGradient>
            <linearGradient id='h' gradientUnits='userSpaceOnUse' x1='0' x2='100' y1='0' y2='0'>
              <stop offset='0.245' stop-color='#0000ff'/><stop offset='0.245' stop-color='#ff0000'/></linearGradient>
            <rect width='50' height='30' fill='url(#g)'/>
            <rect x='55' y='10' width='40' height='40' fill='url(#r)'/>
            <rect y='30' width='50' height='30' fill='url(#h)'/>
            """
                + forTheTree);
    float[] pixels = drawn(picture);
    for (int x = 1; x < 50; x += 7) {
      assertEquals(255 * (x + 0.5) / 50, 255 * pixels[4 * (10 * WIDTH + x)], 2, "at " + x);
    }
    for (int y = 12; y < 48; y += 5) {
      double away = Math.hypot(0.5, y + 0.5 - 30) / 20;
      assertEquals(255 * away, 255 * pixels[4 * (y * WIDTH + 75)], 2, "at " + y);
    }
    assertEquals(0.5, pixels[4 * (40 * WIDTH + 24)], 0.02);
    assertEquals(0.5, pixels[4 * (40 * WIDTH + 24) + 2], 0.02);
  }

  /** A mark is as many times as large as the line is wide, and lies along it. */
  @Test
  void marksStandAtTheEndsOfLines() {
    VectorPicture picture =
        svg(
            """
            <marker id='m' refX='0' refY='2' markerWidth='6' markerHeight='4' orient='auto'>
              <path d='M0 0h6v4h-6z' fill='#0000ff'/></marker>
            <path d='M10 30h20' stroke='#ff0000' stroke-width='4' marker-end='url(#m)'/>
            <path d='M80 10v10' stroke='#ff0000' stroke-width='2' style='marker-end:url(#m)'/>
            """);
    assertEquals(List.of(), picture.notes());
    float[] pixels = drawn(picture);
    assertEquals(RED, at(pixels, 20, 30));
    assertEquals(BLUE, at(pixels, 52, 23));
    assertEquals(CLEAR, at(pixels, 55, 30));
    assertEquals(CLEAR, at(pixels, 52, 20));
    assertEquals(BLUE, at(pixels, 77, 30));
    assertEquals(CLEAR, at(pixels, 86, 30));
  }

  /** Drawing programs leave a corner's handle on the corner. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "M20 10 C20 10 20 20 20 30",
        "M20 10C 20 20 20 30 20 30",
        "M20 10 c0 0 0 20 0 20",
      })
  void aMarkAtACornersEndLooksAlongTheCurve(String path) {
    float[] pixels =
        drawn(
            svg(
                "<marker id='m' refY='2' markerWidth='6' markerHeight='4' orient='auto'><path d='M0 0h6v4h-6z' fill='#0000ff'/></marker>"
                    + "<path d='"
                    + path
                    + "' stroke='#ff0000' stroke-width='2' fill='none' marker-end='url(#m)' marker-start='url(#m)'/>"));
    assertEquals(BLUE, at(pixels, 18, 40));
    assertEquals(CLEAR, at(pixels, 26, 30));
    assertEquals(BLUE, at(pixels, 18, 20));
    assertEquals(CLEAR, at(pixels, 26, 10));
  }

  @Test
  void whatAClipEnclosesTwiceIsLeftOut() {
    String clip =
        "<clipPath id='c'><path clip-rule='%s' d='M10 10h40v40h-40zM20 20h20v20h-20z'/></clipPath>"
            + "<rect width='100' height='60' fill='#ff0000' clip-path='url(#c)'/>";
    float[] pixels = drawn(svg(clip.replace("%s", "evenodd")));
    assertEquals(RED, at(pixels, 15, 15));
    assertEquals(CLEAR, at(pixels, 30, 30));
    assertEquals(RED, at(drawn(svg(clip.replace("%s", "nonzero"))), 30, 30));
  }

  @Test
  void aPatternTakesFromAnotherWhatItDoesNotSay() {
    VectorPicture picture =
        svg(
            """
            <pattern id='a' width='20' height='20' patternUnits='userSpaceOnUse'>
              <rect width='10' height='20' fill='#0000ff'/></pattern>
            <pattern id='b' href='#a' x='5'/>
            <rect width='100' height='60' fill='url(#b)'/>
            """);
    float[] pixels = drawn(picture);
    assertEquals(CLEAR, at(pixels, 2, 30));
    assertEquals(BLUE, at(pixels, 10, 30));
    assertEquals(CLEAR, at(pixels, 20, 30));
    assertEquals(BLUE, at(pixels, 30, 30));
  }

  @Test
  void aFilterThatGrowsAndOneThatTilesAreMadeAndMentioned() {
    VectorPicture grown =
        svg(
            "<filter id='f' x='-1' y='-1' width='3' height='3'><feMorphology operator='dilate' radius='5'/></filter>"
                + "<rect x='40' y='20' width='20' height='20' fill='#ff0000' filter='url(#f)'/>");
    float[] pixels = drawn(grown);
    assertEquals(RED, at(pixels, 36, 16));
    assertEquals(CLEAR, at(pixels, 33, 30));
    assertTrue(grown.notes().getFirst().contains("feMorphology"), grown.notes().toString());
  }

  /** What goes through a filter comes in tiles, one after the other in the same memory. */
  @Test
  void aLargeFilteredPartIsTheSameAllOver() {
    VectorPicture picture =
        svg(
            "<filter id='f' x='0' y='0' width='1' height='1'><feComponentTransfer/></filter><g filter='url(#f)'>"
                + "<rect width='50' height='60' fill='#ff0000'/><rect x='50' width='50' height='60' fill='#0000ff'/></g>");
    RasterPicture large = picture.drawn(2000);
    for (int y : new int[] {50, 600, 1150}) {
      for (int x : new int[] {50, 500, 950, 1050, 1500, 1950}) {
        int from = 4 * (y * 2000 + x);
        assertEquals(x < 1000 ? 1 : 0, large.value(from), 0.01, x + ", " + y);
        assertEquals(x < 1000 ? 0 : 1, large.value(from + 2), 0.01, x + ", " + y);
      }
    }
  }

  @Test
  void gradientsOfNoStopAndOfOneAreNothingAndOneColour() {
    float[] pixels =
        drawn(
            svg(
                """
                <linearGradient id='none'/><linearGradient id='one'><stop stop-color='#0000ff'/></linearGradient>
                <rect width='50' height='60' fill='url(#none)'/><rect x='50' width='50' height='60' fill='url(#one)'/>
                """));
    assertEquals(CLEAR, at(pixels, 20, 30));
    assertEquals(BLUE, at(pixels, 80, 30));
  }

  /** As a widely used kind of drawing program writes its namespaces. */
  @Test
  void whatAFileNamesInItsDocumentTypeIsKnown() {
    VectorPicture picture =
        whole(
            """
            <?xml version="1.0" encoding="utf-8"?>
            <!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://diaphan.invalid/svg11.dtd" [
              <!ENTITY ns_svg "http://www.w3.org/2000/svg">
              <!ENTITY blue "fill:#0000ff">
            ]>
            <svg xmlns="&ns_svg;" width="100" height="60"><rect width="50" height="60" style="&blue;"/></svg>
            """);
    assertEquals(BLUE, at(drawn(picture), 20, 30));
    assertEquals(CLEAR, at(drawn(picture), 70, 30));
  }

  @Test
  void entitiesOfEntitiesAreGivenUpOnInTime() {
    StringBuilder types = new StringBuilder("<!ENTITY a0 'm 1 1 ' >");
    for (int i = 1; i <= 12; i++) {
      types.append("<!ENTITY a%d '%s'>".formatted(i, ("&a" + (i - 1) + ";").repeat(10)));
    }
    String bomb =
        "<!DOCTYPE svg ["
            + types
            + "]><svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><path d='&a12;'/></svg>";
    assertTimeoutPreemptively(
        Duration.ofSeconds(20), () -> assertThrows(InvalidInput.class, () -> whole(bomb)));
  }

  /** What could not be read is said, and all else is drawn. */
  @Test
  void aPartThatCannotBeReadIsLeftOutAndTold() {
    VectorPicture picture =
        svg(
            """
            <marker id='m'><path d='M0 0h3v3z'/></marker>
            <path d='M10 10h20v20 rubbish' fill='#ff0000' marker-end='url(#m)'/>
            <rect x='50' width='50' height='60' fill='#0000ff'/>
            """);
    assertEquals(BLUE, at(drawn(picture), 80, 30));
    assertTrue(
        picture.notes().stream().anyMatch(note -> note.contains("left out")),
        picture.notes().toString());
  }

  /** Nothing outside the file is asked for, however it is written. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "<image href='%s/a.png' width='50' height='50'/>",
        "<image xlink:href='%s/a.svg' width='50' height='50'/>",
        "<use href='%s/a.svg#b'/>",
        "<filter id='f'><feImage href='%s/a.png'/></filter><rect width='9' height='9' filter='url(#f)'/>",
        "<rect width='9' height='9' fill='url(%s/a.svg#b)'/>",
        "<style>@import url(%s/a.css); rect {fill: url(%s/b.svg#c)}</style><rect width='9' height='9'/>",
        "<style>@font-face {font-family: Made; src: url(%s/a.ttf)}</style><text y='20' font-family='Made'>Tern</text>",
        "<script href='%s/a.js'/><script xlink:href='%s/a.jar' type='application/java-archive'/>",
        "<linearGradient id='g' href='%s/a.svg#g'/><rect width='9' height='9' fill='url(#g)'/>",
        "<a href='%s/'><rect width='9' height='9'/></a><rect width='9' height='9' clip-path='url(%s/a.svg#c)'/>",
        "<svg:image xmlns:svg='http://www.w3.org/2000/svg' xlink:href='data:image/svg+xml,%3Csvg xmlns=%22http://www.w3.org/2000/svg%22 xmlns:xlink=%22http://www.w3.org/1999/xlink%22%3E%3Cimage xlink:href=%22%s/a.png%22 width=%229%22 height=%229%22/%3E%3C/svg%3E' width='9' height='9'/>",
      })
  void nothingOutsideIsAskedFor(String content) throws IOException {
    try (ServerSocket outside = new ServerSocket(0, 9, InetAddress.getLoopbackAddress())) {
      outside.setSoTimeout(1);
      String address = "http://127.0.0.1:" + outside.getLocalPort();
      // A mark makes sure that the library for trees is asked.
      try {
        svg(
            "<marker id='m'/><path d='M0 0h9' marker-end='url(#m)'/>"
                + content.replace("%s", address));
      } catch (InvalidInput refused) {
        assertFalse(refused.getMessage().contains(address), refused.getMessage());
      }
      assertThrows(java.net.SocketTimeoutException.class, outside::accept);
    }
  }

  /** Neither by the file's document type nor by that of a picture written into it. */
  @Test
  void documentTypesReadNoFiles(@TempDir Path folder) throws IOException {
    Path secret = Files.writeString(folder.resolve("secret.txt"), "M0 0h50v50h-50z");
    String type = "<!DOCTYPE svg [<!ENTITY e SYSTEM '" + secret.toUri() + "'>]>";
    String shown =
        "<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' width='100' height='60'>"
            + "<marker id='m'/><path d='M0 0h9' marker-end='url(#m)'/>%s</svg>";
    String bare =
        "<svg xmlns='http://www.w3.org/2000/svg' width='50' height='50'><text y='30'>&e;</text><path d='M0 0h50v50h-50z'/></svg>";
    String packed =
        Base64.getEncoder().encodeToString((type + bare).getBytes(StandardCharsets.UTF_8));
    String within =
        "<image width='50' height='50' xlink:href='data:image/svg+xml;base64," + packed + "'/>";
    assertEquals(CLEAR, at(drawn(whole(shown.replace("%s", within))), 25, 25));
    String direct =
        type
            + shown.replace("%s", "<desc>&e;</desc><rect width='50' height='50' class='&#38;e;'/>");
    assertEquals(List.of(0, 0, 0, 255), at(drawn(whole(direct)), 25, 25));
  }

  /** Shares of what a filter is laid on may be small. */
  @Test
  void aSmallPartOfAFilterStaysSmall() {
    VectorPicture picture =
        svg(
            "<filter id='f' x='0' y='0' width='1' height='1' primitiveUnits='objectBoundingBox'><feFlood flood-color='#0000ff' x='0' y='0' width='0.05' height='1'/></filter>"
                + "<rect width='100' height='60' filter='url(#f)'/>");
    float[] pixels = drawn(picture);
    assertEquals(BLUE, at(pixels, 3, 30));
    assertEquals(CLEAR, at(pixels, 7, 30));
  }

  @Test
  void filesOfTheMachineAreNotShown(@TempDir Path folder) throws IOException {
    Path secret =
        Files.writeString(
            folder.resolve("secret.svg"),
            "<svg xmlns='http://www.w3.org/2000/svg' width='50' height='50'><rect id='r' width='50' height='50' fill='#ff0000'/></svg>");
    float[] pixels =
        drawn(
            svg(
                "<marker id='m'/><path d='M0 0h9' marker-end='url(#m)'/><image href='%s' width='50' height='50'/><use href='%s#r'/>"
                    .replace("%s", secret.toUri().toString())));
    assertEquals(CLEAR, at(pixels, 25, 25));
  }
}
