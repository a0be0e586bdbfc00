package app.diaphan.core.interchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.Punch;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** Layered files, put together again by what their stack says. */
class OpenRasterFileTest {
  private static final Frame FRAME = Frame.of(400, 220);

  private record Read(Map<String, byte[]> files, Element stack) {
    BufferedImage image(String name) throws IOException {
      return ImageIO.read(new ByteArrayInputStream(files.get(name)));
    }
  }

  private static Read read(Overlay overlay) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    OpenRasterFile.write(Samples.renderer(), overlay, out);
    byte[] bytes = out.toByteArray();
    assertEquals("mimetypeimage/openraster", new String(bytes, 30, 24), "its kind comes first");
    Map<String, byte[]> files = new LinkedHashMap<>();
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        files.put(entry.getName(), zip.readAllBytes());
      }
    }
    var document =
        DocumentBuilderFactory.newInstance()
            .newDocumentBuilder()
            .parse(new ByteArrayInputStream(files.get("stack.xml")));
    Element image = document.getDocumentElement();
    assertEquals("400", image.getAttribute("w"));
    return new Read(files, (Element) image.getElementsByTagName("stack").item(0));
  }

  /** Premultiplied pixels of a stack, from the last child to the first. */
  private static double[] composed(Read file, Element stack) throws IOException {
    double[] pixels = new double[4 * FRAME.width() * FRAME.height()];
    for (Node node = stack.getLastChild(); node != null; node = node.getPreviousSibling()) {
      if (!(node instanceof Element element)
          || !element.getAttribute("visibility").equals("visible")) {
        continue;
      }
      double[] layer =
          element.getTagName().equals("stack") ? composed(file, element) : layer(file, element);
      double opacity = Double.parseDouble(element.getAttribute("opacity"));
      boolean out = element.getAttribute("composite-op").equals("svg:dst-out");
      for (int i = 0; i < pixels.length; i += 4) {
        double alpha = layer[i + 3] * opacity;
        for (int c = 0; c < 4; c++) {
          pixels[i + c] = (out ? 0 : layer[i + c] * opacity) + pixels[i + c] * (1 - alpha);
        }
      }
    }
    return pixels;
  }

  private static double[] layer(Read file, Element element) throws IOException {
    double[] pixels = new double[4 * FRAME.width() * FRAME.height()];
    BufferedImage image = file.image(element.getAttribute("src"));
    int left = Integer.parseInt(element.getAttribute("x"));
    int top = Integer.parseInt(element.getAttribute("y"));
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        put(image.getRGB(x, y), pixels, 4 * ((top + y) * FRAME.width() + left + x));
      }
    }
    return pixels;
  }

  private static void put(int argb, double[] pixels, int at) {
    double alpha = (argb >>> 24) / 255.0;
    for (int c = 0; c < 3; c++) {
      pixels[at + c] = (argb >> 16 - 8 * c & 0xff) / 255.0 * alpha;
    }
    pixels[at + 3] = alpha;
  }

  private static void assertLayersMakeTheWhole(Read file) throws IOException {
    double[] composed = composed(file, file.stack());
    BufferedImage merged = file.image("mergedimage.png");
    double[] whole = new double[composed.length];
    for (int i = 0; i < FRAME.width() * FRAME.height(); i++) {
      put(merged.getRGB(i % FRAME.width(), i / FRAME.width()), whole, 4 * i);
    }
    double sum = 0;
    for (int i = 0; i < whole.length; i++) {
      assertEquals(whole[i], composed[i], 12.0 / 255, "channel " + i % 4 + " of pixel " + i / 4);
      sum += Math.abs(whole[i] - composed[i]);
    }
    assertTrue(255 * sum / whole.length < 0.2, "in the mean " + 255 * sum / whole.length);
  }

  private static Place at(double right, double down) {
    return Place.at(PinPoint.TOP_LEFT, Area.FRAME, right, down);
  }

  @Test
  void piecesWithFinishesAndOpacitiesAreLayers() throws Exception {
    Overlay overlay = Samples.lowerThird(FRAME);
    Read file = read(overlay);
    assertLayersMakeTheWhole(file);
    assertEquals(overlay.stack().size(), file.stack().getElementsByTagName("layer").getLength());
    Element first = (Element) file.stack().getElementsByTagName("layer").item(0);
    assertEquals(overlay.stack().getFirst().name(), first.getAttribute("name"));
    assertTrue(file.image("Thumbnails/thumbnail.png").getWidth() <= 256);
  }

  @Test
  void thinnedGroupsAreStacksAndHiddenPiecesStayHidden() throws Exception {
    Place inner = Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0);
    Piece group =
        Samples.group(
            "g",
            at(60, 50),
            1.5,
            Samples.box("front", inner, 60, 30),
            Samples.box("behind", inner.withOffset(20, 10), 60, 30));
    Piece thin = group.withLook(group.look().withOverallOpacity(0.4));
    Piece hidden = Samples.box("hidden", at(10, 10), 100, 100).withShown(false);
    Read file =
        read(Samples.overlay(FRAME, thin, hidden, Samples.box("back", at(90, 60), 200, 90)));
    assertLayersMakeTheWhole(file);
    Element stack = (Element) file.stack().getElementsByTagName("stack").item(0);
    assertEquals("0.4", stack.getAttribute("opacity"));
    assertEquals("isolate", stack.getAttribute("isolation"));
  }

  @Test
  void aPunchIsTakenOutOfWhatLiesBehind() throws Exception {
    Piece hole = Samples.box("hole", at(80, 60), 90, 50);
    Piece punch = hole.withLook(hole.look().withPunch(Punch.GROUP));
    Read file = read(Samples.overlay(FRAME, punch, Samples.box("plate", at(40, 40), 240, 110)));
    assertLayersMakeTheWhole(file);
    Element first = (Element) file.stack().getElementsByTagName("layer").item(0);
    assertEquals("svg:dst-out", first.getAttribute("composite-op"));
  }

  @Test
  void aPunchOutOfItsGroupIsRefused() {
    Piece hole = Samples.box("hole", Samples.from(new Hook.OfGroup(), PinPoint.CENTRE, 0, 0), 9, 9);
    Piece group =
        Samples.group("g", at(60, 50), 1, hole.withLook(hole.look().withPunch(Punch.EVERYTHING)));
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> read(Samples.overlay(FRAME, group)));
    assertTrue(refused.getMessage().contains("ungroup"), refused.getMessage());
  }

  @Test
  void theSameOverlayGivesTheSameBytes() throws Exception {
    ByteArrayOutputStream one = new ByteArrayOutputStream();
    ByteArrayOutputStream two = new ByteArrayOutputStream();
    OpenRasterFile.write(Samples.renderer(), Samples.lowerThird(FRAME), one);
    OpenRasterFile.write(Samples.renderer(), Samples.lowerThird(FRAME), two);
    assertEquals(List.of(one.size()), List.of(two.size()));
    org.junit.jupiter.api.Assertions.assertArrayEquals(one.toByteArray(), two.toByteArray());
  }
}
