package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.cutout.CutOut;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;

/** A logo handed over as a JPEG on white becomes a clean piece. */
class CutOutTest {
  private static final Color INK = new Color(18, 92, 110);

  @RegisterExtension final Browser browser = new Browser();
  @TempDir Path folder;

  /** A new overlay on which a picture was dropped, once it is saved. */
  private Compose withDropped(String name, byte[] picture, String size) throws IOException {
    Compose compose =
        Compose.openNew(
            browser, lowerThird -> new Overlay("Sponsor", lowerThird.frame(), List.of()));
    compose.drop(960, 540, Map.of(name, picture));
    assertThat(compose.page().getByText("Its own size is " + size)).isVisible();
    compose.saved();
    return compose;
  }

  @Test
  void aLogoOnWhiteIsCutOutTintedAndDeliveredWithoutARim() throws IOException {
    Compose compose = withDropped("logo.jpg", Files.readAllBytes(logo()), "400 × 200");
    Page page = compose.page();
    String whole = page.getByTestId("composite").getAttribute("src");
    compose.labelled("Ground of the picture").selectOption("goes by its colour");
    assertThat(compose.labelled("Tolerance of the cut-out, percent")).isVisible();
    compose.type("Tolerance of the cut-out, percent", "8");
    compose.type("Softness of the cut-out", "3");
    compose.labelled("Where the ground goes").selectOption("everywhere");
    PicturePiece cut = (PicturePiece) compose.saved().stack().getFirst();
    CutOut.ByColour how = assertInstanceOf(CutOut.ByColour.class, cut.cutOut());
    assertEquals(0.08, how.tolerance(), 1e-9);
    assertEquals(3, how.softness());
    assertEquals(CutOut.GroundReach.EVERYWHERE, how.reach());
    assertTrue(!whole.equals(page.getByTestId("composite").getAttribute("src")), "drawn anew");

    Raster own = delivered(page);
    assertEquals(0, own.getSample(960, 540, 3), "the ring's inside is clear");
    assertEquals(255, own.getSample(960 - 70, 540, 3), "the ring is solid");
    // Compression itself bends solid colours by as much.
    assertColours(own, INK, 20);

    page.navigate(page.url().replace("/deliver", "/compose"));
    compose.choose("logo: Picture");
    compose.labelled("Colours of the picture").selectOption("one colour:");
    compose.type("Tint", "#f3c77a");
    compose.saved();
    assertColours(delivered(page), new Color(0xf3c77a), 1);
  }

  private Raster delivered(Page page) throws IOException {
    page.navigate(page.url().replace("/compose", "/deliver"));
    assertThat(page.getByTestId("pixel-size")).isVisible();
    int before = page.getByRole(AriaRole.ARTICLE).count();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Deliver").setExact(true))
        .click();
    assertThat(page.getByRole(AriaRole.ARTICLE)).hasCount(before + 1);
    assertThat(page.getByRole(AriaRole.ARTICLE).first()).containsText("read back equal");
    Path file = browser.data().resolve("deliveries/1-lantern-reach-regatta/sponsor.png");
    return ImageIO.read(file.toFile()).getRaster();
  }

  /** Of one colour up to the edge: over black no white rim is seen, over white no dark one. */
  private static void assertColours(Raster raster, Color colour, int off) {
    int[] parts = {colour.getRed(), colour.getGreen(), colour.getBlue()};
    int edge = 0;
    for (int y = 0; y < raster.getHeight(); y++) {
      for (int x = 0; x < raster.getWidth(); x++) {
        int alpha = raster.getSample(x, y, 3);
        if (alpha >= 32) {
          edge += alpha < 255 ? 1 : 0;
          for (int c = 0; c < 3; c++) {
            assertEquals(parts[c], raster.getSample(x, y, c), off, x + ", " + y + ": " + alpha);
          }
        }
      }
    }
    assertTrue(edge > 300, "pixels along the edge: " + edge);
  }

  /** A ring and a bar beside it, as a sponsor might send them. */
  private Path logo() throws IOException {
    BufferedImage image = new BufferedImage(400, 200, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = image.createGraphics();
    graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, 400, 200);
    graphics.setColor(INK);
    graphics.setStroke(new BasicStroke(26));
    graphics.drawOval(130, 30, 140, 140);
    graphics.fillRoundRect(300, 80, 70, 40, 20, 20);
    graphics.dispose();
    Path file = folder.resolve("logo.jpg");
    var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    try (var output = ImageIO.createImageOutputStream(file.toFile())) {
      ImageWriteParam quality = writer.getDefaultWriteParam();
      quality.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      quality.setCompressionQuality(0.92f);
      writer.setOutput(output);
      writer.write(null, new IIOImage(image, null, null), quality);
    } finally {
      writer.dispose();
    }
    return file;
  }

  /** What the picture asks for is taken in one step, which one press takes back. */
  @Test
  void aMarkWithAShadowIsProposedWithAThinOneAndTakenBackAtOnce() throws IOException {
    Compose compose = withDropped("lamp.png", shadowed(), "300 × 200");
    compose.labelled("Ground of the picture").selectOption("goes by its colour");
    assertThat(compose.labelled("Shadows and glows")).hasValue("1");
    PicturePiece cut = (PicturePiece) compose.saved().stack().getFirst();
    CutOut.ByColour how = assertInstanceOf(CutOut.ByColour.class, cut.cutOut());
    assertEquals(CutOut.SoftParts.THIN, how.softParts());
    compose.page().keyboard().press("Control+z");
    assertThat(compose.labelled("Shadows and glows")).hasCount(0);
    assertEquals(CutOut.NONE, ((PicturePiece) compose.saved().stack().getFirst()).cutOut());
  }

  /** A disc on white, with a soft shadow to its lower right. */
  private static byte[] shadowed() throws IOException {
    BufferedImage image = new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < 200; y++) {
      for (int x = 0; x < 300; x++) {
        double shadow = 0.5 * Math.exp(-(Math.pow(x - 175, 2) + Math.pow(y - 112, 2)) / 1400);
        int grey = (int) Math.round(255 * (1 - shadow));
        boolean disc = Math.hypot(x - 150, y - 90) < 40;
        image.setRGB(x, y, disc ? 0x125c6e : grey << 16 | grey << 8 | grey);
      }
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(image, "png", bytes);
    return bytes.toByteArray();
  }
}
