package app.diaphan.bench;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Canvas;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.ImageIO;

/** Compares what another program makes of a still over a picture with the core's own drawing. */
final class OverClip {
  private static final double BAR = 2;

  private OverClip() {}

  /**
   * @param beneath the picture without the demo's lower third
   * @param over the same with its delivered file laid over it by another program
   */
  static Line compare(Demo demo, Path beneath, Path over) throws IOException {
    Overlay overlay = demo.lowerThird();
    float[] drawn = demo.renderer(0).render(overlay, Canvas.of(overlay.frame())).pixels();
    BufferedImage clip = ImageIO.read(beneath.toFile());
    BufferedImage found = ImageIO.read(over.toFile());
    int width = overlay.frame().width();
    double worst = 0;
    for (int i = 0; i < drawn.length / 4; i++) {
      int below = clip.getRGB(i % width, i / width);
      int seen = found.getRGB(i % width, i / width);
      for (int c = 0; c < 3; c++) {
        double ideal =
            255 * drawn[4 * i + c] + (below >> 16 - 8 * c & 0xff) * (1 - drawn[4 * i + 3]);
        worst = Math.max(worst, Math.abs(ideal - (seen >> 16 - 8 * c & 0xff)));
      }
    }
    return Line.atMost("outside/overlay filter against own drawing, worst × 255", worst, "", BAR);
  }
}
