package app.diaphan.core.house.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.colour.Oklab;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.house.Adopted;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseColour;
import app.diaphan.core.house.HouseFont;
import app.diaphan.core.house.Unnamed;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.picture.PictureReader;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A house read from what there is already: overlays, brand sheets, pictures. */
class HouseReadingTest {
  private static final Place PLACE = Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0);

  private static Overlay overlay(String name, String plate, String words) {
    return new Overlay(
        name,
        Samples.HD,
        List.of(
            Samples.text("t", "Words", PLACE, 40, Samples.flat(words)),
            Samples.plate(new PlateShape.Rectangle(), PLACE, 90, 60, Samples.flat(plate))));
  }

  private static List<String> colours(HouseFound found) {
    return found.colours().stream().map(one -> one.colour().toString()).toList();
  }

  private static HouseFound read(String name, byte[] bytes) {
    return FileRead.of(PictureReader.readFile(name, bytes), bytes, ShippedFonts.shelf());
  }

  @Test
  void whatMostOverlaysHaveComesFirst() {
    HouseFound found =
        OverlaysRead.of(
            List.of(
                overlay("One", "#14303c80", "#ffffff"),
                overlay("Two", "#14303c", "#e8a33d"),
                overlay("Three", "#14303cff", "#e8a33d Lamp")),
            ShippedFonts.shelf());
    assertEquals(List.of("#14303c", "#ffffff", "#e8a33d"), colours(found));
    assertEquals("in 3 overlays", found.colours().getFirst().where());
    assertEquals(
        "in Two", found.colours().getLast().where(), "what follows a house is passed over");
    assertEquals("Work Sans", found.families().getFirst().family());
    assertTrue(found.families().getFirst().here());
  }

  @Test
  void overlaysFollowWhatTheyLookLikeAlready() {
    House house =
        House.named("Regatta")
            .withColours(List.of(HouseColour.of("Deep", Colour.parse("#14303c"))))
            .withFonts(List.of(new HouseFont("Names", List.of(), "Work Sans")));
    Overlay before = overlay("One", "#14303c80", "#ffffff");
    Overlay after = Adopted.of(before, house);
    assertEquals("Names", ((TextPiece) after.stack().getFirst()).runs().getFirst().follows());
    assertTrue(after.toString().contains("#14303c80 Deep"), after.toString());
    assertEquals(Unnamed.of(before), Unnamed.of(house.dressed(after)), "drawn as before");
    assertEquals(after, Adopted.of(after, house));
  }

  @Test
  void anSvgSheetTellsItsColoursAndFonts() {
    String svg =
        """
        <svg xmlns='http://www.w3.org/2000/svg' width='300' height='100'>
         <rect width='100' height='100' fill='#14303c'/><rect x='100' width='100' height='100' fill='#e8a33d'/>
         <rect x='120' width='10' height='10' fill='#14303c'/>
         <text x='10' y='50' font-family='"Source Serif 4", Georgia, serif'>Titles</text>
         <text x='10' y='80' style="font-family: Harbour Gothic; fill:#e8a33d">Names</text></svg>""";
    HouseFound found = read("sheet.svg", svg.getBytes(StandardCharsets.UTF_8));
    assertTrue(colours(found).containsAll(List.of("#14303c", "#e8a33d")), found.toString());
    assertEquals(
        List.of("Source Serif 4", "Georgia", "Harbour Gothic"),
        found.families().stream().map(FoundFamily::family).toList());
    assertEquals(
        List.of(true, false, false), found.families().stream().map(FoundFamily::here).toList());
  }

  @Test
  void aPdfSheetTellsItsColoursAndFontsOfAllPages() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (PDDocument document = new PDDocument()) {
      for (Color colour : List.of(new Color(0x14303c), new Color(0xe8a33d))) {
        PDPage page = new PDPage();
        document.addPage(page);
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
          content.setNonStrokingColor(colour);
          content.addRect(50, 50, 200, 200);
          content.fill();
          content.beginText();
          content.setFont(new PDType1Font(Standard14Fonts.FontName.TIMES_BOLD), 20);
          content.newLineAtOffset(60, 400);
          content.showText("Regatta");
          content.endText();
        }
      }
      document.save(out);
    }
    HouseFound found = read("sheet.pdf", out.toByteArray());
    assertTrue(colours(found).containsAll(List.of("#14303c", "#e8a33d")), found.toString());
    assertEquals(List.of("Times"), found.families().stream().map(FoundFamily::family).toList());
  }

  @Test
  void aPictureIsExplainedByFewColours() throws IOException {
    BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(0x14303c));
    g.fillRect(0, 0, 400, 300);
    g.setColor(new Color(0xe8a33d));
    g.fillRect(0, 0, 400, 90);
    g.setColor(new Color(0xfbf6ea));
    g.fillRect(300, 150, 60, 60);
    g.dispose();
    Random grain = new Random(7);
    for (int y = 0; y < 300; y++) {
      for (int x = 0; x < 400; x++) {
        int rgb = image.getRGB(x, y);
        int by = grain.nextInt(7) - 3;
        image.setRGB(
            x,
            y,
            Math.clamp((rgb >> 16 & 255) + by, 0, 255) << 16
                | Math.clamp((rgb >> 8 & 255) + by, 0, 255) << 8
                | Math.clamp((rgb & 255) + by, 0, 255));
      }
    }
    List<FoundColour> found = read("quay.png", png(image)).colours();
    assertEquals(3, found.size(), found.toString());
    assertNear("#14303c", found.get(0));
    assertNear("#e8a33d", found.get(1));
    assertNear("#fbf6ea", found.get(2));
    assertEquals(0.3, found.get(1).share(), 0.02);
    assertEquals("67 % of the picture", found.get(0).where());
  }

  @Test
  void aRampHasItsEndsAndSomeBetweenAndNothingComesOfNothing() throws IOException {
    BufferedImage ramp = new BufferedImage(300, 60, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = ramp.createGraphics();
    g.setPaint(new GradientPaint(0, 0, new Color(0x14303c), 300, 0, new Color(0xe8a33d)));
    g.fillRect(0, 0, 300, 60);
    g.dispose();
    int count = read("ramp.png", png(ramp)).colours().size();
    assertTrue(count >= 3 && count <= 8, "there are " + count);
    BufferedImage clear = new BufferedImage(30, 30, BufferedImage.TYPE_INT_ARGB);
    assertEquals(List.of(), read("clear.png", png(clear)).colours());
  }

  private static void assertNear(String expected, FoundColour found) {
    double distance = Oklab.of(Colour.parse(expected)).to(Oklab.of(found.colour()));
    assertTrue(distance < 0.03, expected + " is " + found.colour());
  }

  private static byte[] png(BufferedImage image) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  @ParameterizedTest
  @CsvSource({
    "#ffffff, White", "#000000, Black", "#808080, Grey", "#14303c, Dark teal",
        "#e8a33d, Light orange",
    "#c02020, Red", "#1040c0, Blue", "#20a040, Green", "#fbf6ea, Off-white", "#802080, Magenta"
  })
  void coloursAreNamedAsTheyLook(String colour, String name) {
    assertEquals(name, ColourName.of(Colour.parse(colour)));
  }

  @Test
  void blackAndWhiteAreOneApartAndGreysHaveNoHue() {
    assertEquals(1, Oklab.of(Colour.BLACK).to(Oklab.of(Colour.WHITE)), 1e-6);
    Oklab grey = Oklab.of(Colour.parse("#808080"));
    assertEquals(0, Math.hypot(grey.a(), grey.b()), 1e-6);
    // Ottosson's own example of a conversion, red of sRGB.
    Oklab red = Oklab.of(Colour.parse("#ff0000"));
    assertEquals(0.6279554, red.lightness(), 1e-5);
    assertEquals(0.2248631, red.a(), 1e-5);
    assertEquals(0.1258463, red.b(), 1e-5);
  }
}
