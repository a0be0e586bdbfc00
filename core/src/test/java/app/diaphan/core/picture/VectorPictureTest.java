package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.Outlines;
import app.diaphan.core.raster.Plane;
import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType2;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType2;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class VectorPictureTest {
  private static VectorPicture svg(String content) {
    String whole =
        "<svg xmlns='http://www.w3.org/2000/svg' width='100' height='60' viewBox='0 0 100 60'>%s</svg>"
            .formatted(content);
    return read("made.svg", whole.getBytes(StandardCharsets.UTF_8));
  }

  private static VectorPicture read(String name, byte[] bytes) {
    return assertInstanceOf(VectorPicture.class, PictureReader.read(name, bytes));
  }

  private static float[] drawn(VectorPicture picture, double scale) {
    Bounds all =
        new Bounds(0, 0, (int) (picture.ownWidth() * scale), (int) (picture.ownHeight() * scale));
    return FigureDrawing.of(picture.figures(AffineTransform.getScaleInstance(scale, scale)), all);
  }

  private static void assertPixel(
      float[] pixels, int width, int x, int y, double r, double g, double b, double a) {
    double[] expected = {r * a, g * a, b * a, a};
    for (int c = 0; c < 4; c++) {
      assertEquals(expected[c], pixels[4 * (y * width + x) + c], 1.0 / 255, "channel " + c);
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.5, 1, 4.3})
  void aCircleIsCoveredAsOneOfOurs(double scale) {
    VectorPicture picture = svg("<circle cx='50' cy='30' r='22.5' fill='#ffffff'/>");
    float[] pixels = drawn(picture, scale);
    int width = (int) (100 * scale);
    Bounds all = new Bounds(0, 0, width, (int) (60 * scale));
    Plane plate =
        Coverage.of(
            AffineTransform.getScaleInstance(scale, scale)
                .createTransformedShape(Outlines.ellipse(27.5, 7.5, 45, 45)),
            all);
    for (int y = 0; y < all.bottom(); y++) {
      for (int x = 0; x < width; x++) {
        assertEquals(plate.at(x, y), pixels[4 * (y * width + x) + 3], 1.0 / 255, x + ", " + y);
      }
    }
  }

  @Test
  void strokesClipsOpacitiesGradientsAndUsesAreDrawn() {
    float[] pixels =
        drawn(
            svg(
                """
                <defs>
                  <linearGradient id='g' x1='0' x2='1'>
                    <stop offset='0' stop-color='#ff0000'/><stop offset='1' stop-color='#0000ff'/>
                  </linearGradient>
                  <clipPath id='c'><rect x='0' y='0' width='10.5' height='60'/></clipPath>
                  <rect id='r' width='10' height='10' fill='#00ff00'/>
                </defs>
                <rect x='0' y='0' width='40' height='20' fill='#000000' clip-path='url(#c)'/>
                <rect x='20' y='0' width='80' height='10' fill='url(#g)'/>
                <line x1='0' y1='35' x2='40' y2='35' stroke='#ffffff' stroke-width='5'/>
                <use href='#r' x='60' y='40' opacity='0.5'/>
                """),
            1);
    assertPixel(pixels, 100, 4, 10, 0, 0, 0, 1);
    assertPixel(pixels, 100, 10, 10, 0, 0, 0, 0.5); // Exactly cut through the middle of a pixel.
    assertPixel(pixels, 100, 11, 15, 0, 0, 0, 0);
    int middle = 4 * (5 * 100 + 60);
    assertEquals(0.5, pixels[middle], 0.02);
    assertEquals(0.5, pixels[middle + 2], 0.02);
    assertPixel(pixels, 100, 20, 32, 1, 1, 1, 0.5); // 2.5 px to either side of the line.
    assertPixel(pixels, 100, 20, 35, 1, 1, 1, 1);
    assertPixel(pixels, 100, 65, 45, 0, 1, 0, 0.5);
  }

  /** Its parts do not show through each other, and nothing has to be said. */
  @Test
  void aGroupIsThinAsOne() {
    VectorPicture group =
        svg(
            """
            <g opacity='0.5' transform='translate(10 10)'>
              <rect width='20' height='20' fill='#ff0000'/>
              <g opacity='0.5'><rect x='10' width='20' height='20' fill='#0000ff'/>
                <rect x='20' width='20' height='20' fill='#0000ff'/></g>
            </g>
            """);
    assertEquals(List.of(), group.notes());
    float[] pixels = drawn(group, 1);
    assertPixel(pixels, 100, 15, 15, 1, 0, 0, 0.5);
    assertPixel(pixels, 100, 25, 15, 0.5, 0, 0.5, 0.5);
    assertPixel(pixels, 100, 35, 15, 0, 0, 1, 0.25);
    assertPixel(pixels, 100, 45, 15, 0, 0, 1, 0.25);
    assertPixel(pixels, 100, 9, 15, 0, 0, 0, 0);
    assertEquals(
        List.of(0.5f, 0.25f, 0.25f),
        Figure.apart(group.figures(new AffineTransform())).stream().map(Figure::opacity).toList());
  }

  @Test
  void aWindowWithinAFileIsPlacedOnce() {
    float[] pixels =
        drawn(
            svg(
                "<svg x='10' y='10' width='40' height='40' viewBox='0 0 10 10'><g opacity='0.5'><rect width='5' height='10'/><rect width='5' height='10'/></g></svg>"),
            1);
    assertPixel(pixels, 100, 11, 11, 0, 0, 0, 0.5);
    assertPixel(pixels, 100, 29, 49, 0, 0, 0, 0.5);
    assertPixel(pixels, 100, 30, 30, 0, 0, 0, 0);
    assertPixel(pixels, 100, 9, 30, 0, 0, 0, 0);
  }

  @Test
  void anOpacityOfOneShapeIsThatOfTheShape() {
    VectorPicture single = svg("<g opacity='0.5'><rect width='9' height='9'/></g>");
    assertTrue(single.notes().isEmpty());
    assertEquals(0.5f, single.figures(new AffineTransform()).getFirst().opacity());
    assertTrue(svg("<g style='stroke-opacity:0.5'><path/><path/></g>").notes().isEmpty());
  }

  @Test
  void nothingOutsideTheFileIsLookedAtAndNoScriptRuns() {
    VectorPicture picture =
        svg(
            """
            <script>throw 1</script>
            <image href='file:///etc/hostname' width='50' height='50'/>
            <image href='http://127.0.0.1:9/x.png' width='50' height='50'/>
            <rect width='10' height='10' fill='#ffffff'/>
            """);
    float[] pixels = drawn(picture, 1);
    assertPixel(pixels, 100, 5, 5, 1, 1, 1, 1);
    assertPixel(pixels, 100, 30, 30, 0, 0, 0, 0);
    String entity =
        "<!DOCTYPE svg [<!ENTITY a SYSTEM 'file:///etc/passwd'>]><svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><text>&a;</text></svg>";
    try {
      read("entity.svg", entity.getBytes(StandardCharsets.UTF_8));
    } catch (InvalidInput refused) {
      assertTrue(refused.getMessage().contains("entity.svg"), refused.getMessage());
    }
  }

  @Test
  void wordsInShippedFontsAreSetAndOthersTold() {
    VectorPicture known =
        svg("<text x='5' y='40' font-family='Work Sans' font-size='30'>Tern</text>");
    assertTrue(known.notes().isEmpty(), known.notes().toString());
    float sum = 0;
    for (float value : drawn(known, 1)) {
      sum += value;
    }
    assertTrue(sum > 100, "letters are drawn");
    VectorPicture unknown =
        svg("<text x='5' y='40' font-family=\"Made Up Grotesk\" font-size='30'>Tern</text>");
    assertEquals(1, unknown.notes().size());
    assertTrue(unknown.notes().getFirst().contains("Made Up Grotesk"));
  }

  @Test
  void damagedEmptyAndSizelessFilesAreAnswered() {
    for (String file :
        new String[] {
          "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><rect",
          "<svg></svg",
          "<svg xmlns='http://www.w3.org/2000/svg' width='900000' height='9'></svg>"
        }) {
      InvalidInput refused =
          assertThrows(
              InvalidInput.class,
              () -> PictureReader.read("bad.svg", file.getBytes(StandardCharsets.UTF_8)),
              file);
      assertTrue(refused.getMessage().contains("bad.svg"), refused.getMessage());
    }
    assertThrows(
        InvalidInput.class,
        () -> PictureReader.read("bad.pdf", "%PDF-1.7 nothing".getBytes(StandardCharsets.UTF_8)));
  }

  /** Two pages: a red rectangle at half opacity on 200 × 100, a blue one on 50 × 80. */
  private static byte[] pdf() throws IOException {
    try (PDDocument document = new PDDocument()) {
      PDPage first = new PDPage(new PDRectangle(200, 100));
      PDPage second = new PDPage(new PDRectangle(50, 80));
      document.addPage(first);
      document.addPage(second);
      try (PDPageContentStream page = new PDPageContentStream(document, first)) {
        PDExtendedGraphicsState thin = new PDExtendedGraphicsState();
        thin.setNonStrokingAlphaConstant(0.5f);
        page.setGraphicsStateParameters(thin);
        page.setNonStrokingColor(Color.RED);
        page.addRect(20.5f, 10, 100, 40);
        page.fill();
      }
      try (PDPageContentStream page = new PDPageContentStream(document, second)) {
        page.setNonStrokingColor(Color.BLUE);
        page.addRect(0, 0, 50, 40);
        page.fill();
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  @Test
  void pagesOfPdfFilesAreDrawnOnClearGround() throws IOException {
    VectorPicture whole = read("card.pdf", pdf());
    assertEquals(2, whole.pageCount());
    assertEquals(200, whole.ownWidth());
    float[] pixels = drawn(whole, 1);
    assertPixel(pixels, 200, 60, 70, 1, 0, 0, 0.5);
    assertPixel(pixels, 200, 20, 70, 1, 0, 0, 0.25);
    assertPixel(pixels, 200, 60, 20, 0, 0, 0, 0);
    VectorPicture second = whole.page(2);
    assertSame(second, whole.page(2));
    assertSame(second, whole.page(9));
    assertEquals(80, second.ownHeight());
    float[] large = drawn(second, 2);
    assertPixel(large, 100, 50, 120, 0, 0, 1, 1);
    assertPixel(large, 100, 50, 70, 0, 0, 0, 0);
    assertEquals("PDF", PictureReader.header("card.pdf", pdf()).format());
  }

  /** A tenth of a point is one pixel at ten times the size, and a tenth of one at its own. */
  @Test
  void thinLinesOfPdfFilesStayThin() throws IOException {
    byte[] file;
    try (PDDocument document = new PDDocument()) {
      PDPage only = new PDPage(new PDRectangle(40, 20));
      document.addPage(only);
      try (PDPageContentStream page = new PDPageContentStream(document, only)) {
        page.setLineWidth(0.1f);
        page.moveTo(5, 10.05f);
        page.lineTo(35, 10.05f);
        page.stroke();
        page.setLineWidth(2);
        page.moveTo(5, 4);
        page.lineTo(35, 4);
        page.stroke();
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      file = bytes.toByteArray();
    }
    VectorPicture picture = read("lines.pdf", file);
    float[] large = drawn(picture, 10);
    assertEquals(0, large[4 * (98 * 400 + 200) + 3], 1e-3);
    assertEquals(1, large[4 * (99 * 400 + 200) + 3], 1e-3);
    assertEquals(0, large[4 * (100 * 400 + 200) + 3], 1e-3);
    assertEquals(0.1, drawn(picture, 1)[4 * (9 * 40 + 20) + 3], 1e-3);
    assertEquals(1, drawn(picture, 1)[4 * (15 * 40 + 20) + 3], 1e-3, "wider ones are as they were");
  }

  private static COSArray numbers(float... numbers) {
    COSArray array = new COSArray();
    array.setFloatArray(numbers);
    return array;
  }

  /** From black to red across the page, in the middle of each pixel. */
  @Test
  void gradientsOfPdfFilesLieWhereTheyAreSaidTo() throws IOException {
    COSDictionary ramp = new COSDictionary();
    ramp.setInt(COSName.FUNCTION_TYPE, 2);
    ramp.setItem(COSName.DOMAIN, numbers(0, 1));
    ramp.setItem(COSName.C0, numbers(0, 0, 0));
    ramp.setItem(COSName.C1, numbers(1, 0, 0));
    ramp.setInt(COSName.N, 1);
    PDShadingType2 shading = new PDShadingType2(new COSDictionary());
    shading.setShadingType(2);
    shading.setColorSpace(PDDeviceRGB.INSTANCE);
    shading.setCoords(numbers(0, 0, 40, 0));
    shading.setFunction(new PDFunctionType2(ramp));
    byte[] file;
    try (PDDocument document = new PDDocument()) {
      PDPage only = new PDPage(new PDRectangle(40, 20));
      document.addPage(only);
      try (PDPageContentStream page = new PDPageContentStream(document, only)) {
        page.shadingFill(shading);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      file = bytes.toByteArray();
    }
    float[] pixels = drawn(read("ramp.pdf", file), 1);
    for (int x = 2; x < 40; x += 6) {
      assertEquals(255 * (x + 0.5) / 40, 255 * pixels[4 * (10 * 40 + x)], 1.5, "at " + x);
    }
  }
}
