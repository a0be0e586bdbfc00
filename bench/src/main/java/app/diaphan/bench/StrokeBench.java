package app.diaphan.bench;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureStore;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import org.springframework.context.ApplicationContext;

/** From letting go of a stroke on the cutting table to the quick look that was made with it. */
final class StrokeBench {
  private static final int WIDTH = 1732;
  private static final int HEIGHT = 1155;
  private static final int STROKES = 16;

  private StrokeBench() {}

  static Line run(ApplicationContext server, Page page, int port) throws IOException {
    PackageStore store = server.getBean(PackageStore.class);
    server.getBean(PictureStore.class).addAs(1L, "two-megapixels.jpg", jpeg());
    Overlay like = PackageStore.documentOf(store.overlay(2L));
    long id = store.add(1L, new Overlay("Cut", like.frame(), List.of())).id();
    page.setViewportSize(1280, 800);
    page.navigate("http://127.0.0.1:" + port + "/overlays/" + id + "/compose");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Picture").setExact(true))
        .click();
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Add two-megapixels.jpg"))
        .click();
    page.getByLabel("Ground of the picture").selectOption("goes by marks of the hand");
    page.getByTestId("cut-look").last().waitFor();
    double[] times = new double[STROKES];
    for (int i = 0; i < STROKES; i++) {
      boolean keep = i % 2 == 0;
      page.getByLabel("What the hand does")
          .selectOption(keep ? "marks what to keep" : "marks what to drop");
      BoundingBox area = page.getByTestId("cutting-area").boundingBox();
      double y = 0.12 + 0.05 * i;
      page.mouse().move(area.x + area.width * (keep ? 0.42 : 0.1), area.y + area.height * y);
      page.mouse().down();
      page.mouse().move(area.x + area.width * (keep ? 0.58 : 0.2), area.y + area.height * y);
      page.evaluate(
          "() => { window.seen = 0;"
              + " const answered = () => performance.getEntriesByType('resource').filter("
              + "  one => one.name.endsWith('/cut-outs') && one.responseEnd > 0).length;"
              + " const loaded = () => [...document.querySelectorAll('[data-testid=cut-look]')]"
              + "  .every(image => image.complete);"
              + " performance.setResourceTimingBufferSize(5000);"
              + " document.addEventListener('pointerup', () => {"
              + " const start = performance.now(); const before = answered();"
              + " const look = () => requestAnimationFrame(() => {"
              + "  if (answered() > before && loaded()) requestAnimationFrame(() => {"
              + "   window.seen = performance.now() - start; }); else look(); });"
              + " look(); }, { once: true }); }");
      page.mouse().up();
      page.waitForFunction("() => window.seen > 0");
      times[i] = ((Number) page.evaluate("() => window.seen")).doubleValue();
      page.waitForTimeout(1500);
    }
    return Line.atMost(
        "editor/stroke to a quick look at what is left, 2 megapixels, median of " + STROKES,
        Clock.percentile(times, 0.5),
        "ms",
        500);
  }

  /** A light figure before a darker ground, with the grain of a photograph. */
  private static byte[] jpeg() throws IOException {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setPaint(new GradientPaint(0, 0, new Color(0x2b5563), 0, HEIGHT, new Color(0x0f2c3a)));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    g.setPaint(new Color(0xf1e6cf));
    g.fillOval(WIDTH / 3, HEIGHT / 20, WIDTH / 3, HEIGHT * 9 / 10);
    g.dispose();
    Random grain = new Random(7);
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        Color colour = new Color(image.getRGB(x, y));
        int by = (int) (6 * grain.nextGaussian());
        image.setRGB(
            x,
            y,
            new Color(
                    Math.clamp(colour.getRed() + by, 0, 255),
                    Math.clamp(colour.getGreen() + by, 0, 255),
                    Math.clamp(colour.getBlue() + by, 0, 255))
                .getRGB());
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", out);
    return out.toByteArray();
  }
}
