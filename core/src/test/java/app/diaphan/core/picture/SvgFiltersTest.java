package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Filters of SVG files by what the standard says they make of known colours. */
class SvgFiltersTest {
  private static final List<Integer> CLEAR = List.of(0, 0, 0, 0);
  private static final List<Integer> RED = List.of(255, 0, 0, 255);

  /** The matrix is turned by half a turn: its last value is that of the first pixel. */
  @Test
  void aMatrixTakesEachPixelFromThoseAroundIt() {
    DrawnSvg svg =
        DrawnSvg.of(
            "<filter id='f' x='0' y='0' width='1' height='1'><feConvolveMatrix order='3 2' kernelMatrix='0 0 0  0 0 1' divisor='0'/></filter>"
                + "<g filter='url(#f)'><rect x='10' y='10' width='40' height='30' fill='#f00'/><rect x='20' y='20' width='1' height='1' fill='#00f'/></g>");
    assertEquals(List.of(0, 0, 255, 255), svg.at(21, 21));
    assertEquals(RED, svg.at(20, 20));
    assertEquals(RED, svg.at(22, 21));
  }

  @ParameterizedTest
  @CsvSource({"duplicate, 255 0 0 255", "wrap, 0 0 255 255", "none, 0 0 0 0"})
  void pastAnEdgeAMatrixTakesWhatItIsTold(String edge, String wanted) {
    DrawnSvg svg =
        DrawnSvg.of(
            "<filter id='f' x='0' y='0' width='1' height='1'><feConvolveMatrix kernelMatrix='0 0 0 0 0 1 0 0 0' edgeMode='%s'/></filter>"
                    .replace("%s", edge)
                + "<g filter='url(#f)'><rect x='10' y='10' width='40' height='30' fill='#f00'/><rect x='49' y='10' width='1' height='30' fill='#00f'/></g>");
    assertEquals(wanted, svg.at(10, 20).toString().replaceAll("[\\[\\],]", ""));
  }

  @Test
  void filtersOfAListGoOutFromEachOther() {
    DrawnSvg svg =
        DrawnSvg.of(
            "<filter id='a' x='-5' y='-5' width='11' height='11'><feOffset dx='30'/></filter><filter id='b' x='-5' y='-5' width='11' height='11'><feOffset dy='20'/></filter>"
                + "<rect x='5' y='5' width='10' height='10' fill='#f00' transform='translate(5 0)' opacity='0.5' style='filter: url(#a) url(#b)'/>");
    assertEquals(CLEAR, svg.at(45, 10));
    assertEquals(List.of(128, 0, 0, 128), svg.at(45, 30));
  }

  /** Shown again elsewhere, a part takes all its filters along. */
  @Test
  void whatIsUsedAgainKeepsItsList() {
    DrawnSvg svg =
        DrawnSvg.of(
            "<rect id='r' x='5' y='5' width='10' height='10' fill='#f00' transform='translate(20 0)' filter='invert(1) opacity(0.6)'/><use href='#r' y='30'/>");
    assertEquals(List.of(0, 153, 153, 153), svg.at(30, 10));
    assertEquals(List.of(0, 153, 153, 153), svg.at(30, 40));
  }

  @ParameterizedTest
  @CsvSource({
    "invert(1), 51 255 255 255",
    "opacity(50%), 102 0 0 128",
    "brightness(0.5), 102 0 0 255",
    "contrast(0), 128 128 128 255",
    "grayscale(1), 43 43 43 255",
    "sepia(100%), 80 71 55 255",
    "saturate(1), 204 0 0 255",
    "hue-rotate(360deg), 204 0 0 255",
    "hue-rotate(0.5turn), 0 87 87 255",
  })
  void functionsAreWhatTheirFiltersAre(String function, String wanted) {
    DrawnSvg svg =
        DrawnSvg.of("<rect width='90' height='50' fill='#c00' filter='" + function + "'/>");
    List<Integer> found = svg.at(40, 25);
    String[] channels = wanted.split(" ");
    for (int c = 0; c < channels.length; c++) {
      assertEquals(Integer.parseInt(channels[c]), found.get(c), 1, function + ": " + found);
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "drop-shadow(20px 10px #00f)",
        "drop-shadow(rgb(0, 0, 255) 20px 10px 0)",
        "blur(0) drop-shadow(20px 10px 0px blue)"
      })
  void aShadowFallsWhereItsFunctionSays(String function) {
    DrawnSvg svg =
        DrawnSvg.of(
            "<rect x='10' y='10' width='30' height='20' fill='#f00' filter='" + function + "'/>");
    assertEquals(RED, svg.at(20, 20));
    assertEquals(List.of(0, 0, 255, 255), svg.at(50, 35));
    assertEquals(CLEAR, svg.at(50, 15));
  }

  @ParameterizedTest
  @ValueSource(strings = {"swirl(3)", "blur(3px) swirl(3)", "blur(wide)", "drop-shadow(red)"})
  void whatIsNoFunctionIsToldAndThePartIsDrawn(String function) {
    DrawnSvg svg =
        DrawnSvg.of("<rect width='90' height='50' fill='#f00' filter='" + function + "'/>");
    assertFalse(svg.picture().notes().isEmpty());
    assertEquals(RED, svg.at(40, 25));
  }

  /** A filter is made for all it is laid on: each time it is measured by that. */
  @Test
  void lengthsMayBeSharesOfWhatAFilterIsLaidOn() {
    DrawnSvg svg =
        DrawnSvg.of(
            "<filter id='f' primitiveUnits='objectBoundingBox' x='-1' y='-1' width='3' height='3'><feOffset dx='0.5' dy='1'/></filter>"
                + "<rect width='40' height='10' fill='#f00' filter='url(#f)'/>"
                + "<rect x='60' width='20' height='20' fill='#f00' filter='url(#f)'/>");
    assertEquals(CLEAR, svg.at(15, 15));
    assertEquals(RED, svg.at(25, 15));
    assertEquals(RED, svg.at(55, 15));
    assertEquals(CLEAR, svg.at(75, 15));
    assertEquals(RED, svg.at(75, 25));
  }

  /**
   * Neither library looks at such a picture; both draw it now, and that it is of pixels is told.
   */
  @ParameterizedTest
  @ValueSource(strings = {"", "<marker id='m'/><path d='M0 0h9' marker-end='url(#m)'/>"})
  void aPictureWrittenIntoTheFileNeedNotSayItsKind(String forTheTree) {
    String png =
        "iVBORw0KGgoAAAANSUhEUgAAAAoAAAAKCAIAAAACUFjqAAAAFElEQVQY02Nk+M+ABzAxMIxKYwIAQC0BEwZFOw4AAAAASUVORK5CYII=";
    DrawnSvg svg =
        DrawnSvg.of(forTheTree + "<image width='90' height='50' href='data:;base64," + png + "'/>");
    assertEquals(255, svg.at(45, 25).getLast());
    List<String> notes = svg.picture().notes();
    assertTrue(
        notes.stream().anyMatch(note -> note.contains("made of pixels (1)")), notes.toString());
  }

  @Test
  void whatAStillDoesNotHaveIsNotChosen() {
    DrawnSvg svg =
        DrawnSvg.of(
            "<switch><rect width='90' height='50' requiredFeatures='http://www.w3.org/TR/SVG11/feature#SVGDOM'/><rect width='90' height='50' fill='#f00'/></switch>");
    assertEquals(RED, svg.at(40, 25));
  }

  @Test
  void aFileThatDoesNotSayItIsSvgIsDrawnByTheTreeToo() {
    DrawnSvg svg =
        DrawnSvg.whole(
            "<svg width='100' height='60'><marker id='m'/><path d='M0 0h9' marker-end='url(#m)'/><rect width='90' height='50' fill='#f00'/></svg>");
    assertEquals(RED, svg.at(40, 25));
  }

  /** Neither takes the memory that it asks for, nor the time. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "<filter id='f' filterUnits='userSpaceOnUse' width='1e6' height='1e6'><feConvolveMatrix kernelMatrix='0 0 0 0 1 0 0 0 0'/></filter>",
        "<filter id='f'><feConvolveMatrix kernelUnitLength='1e-5' kernelMatrix='0 0 0 0 1 0 0 0 0'/></filter>"
      })
  void aMatrixOverMorePixelsThanThereIsRoomForIsCoarser(String filter) {
    DrawnSvg svg =
        DrawnSvg.of(filter + "<rect width='90' height='50' fill='#f00' filter='url(#f)'/>");
    assertFalse(svg.picture().notes().isEmpty());
  }

  @Test
  void aHugeMatrixIsNotBegun() {
    String matrix = "1 ".repeat(400 * 400);
    String file =
        "<filter id='f' filterUnits='userSpaceOnUse' width='3000' height='2000'><feConvolveMatrix order='400' kernelMatrix='"
            + matrix
            + "'/></filter><rect width='3000' height='2000' fill='#f00' filter='url(#f)'/>";
    assertTimeoutPreemptively(
        Duration.ofSeconds(60), () -> assertThrows(InvalidInput.class, () -> DrawnSvg.of(file)));
  }
}
