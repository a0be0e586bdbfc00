package app.diaphan.bench;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.screening.VideoColours;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;

/** Compares what another program makes of a still over a picture with the core's own drawing. */
final class OverClip {
  private static final double BAR = 2;

  private OverClip() {}

  /**
   * What another program makes of a picture that goes through video, 4:2:0 in limited range,
   * against the core's own.
   *
   * @param picture before it
   * @param seen after it
   */
  static List<Line> compareVideo(Path picture, Path seen) throws IOException {
    BufferedImage before = ImageIO.read(picture.toFile());
    BufferedImage after = ImageIO.read(seen.toFile());
    int width = before.getWidth();
    int height = before.getHeight();
    float[] rgb = new float[3 * width * height];
    for (int i = 0; i < rgb.length; i++) {
      rgb[i] = channel(before, i / 3, i % 3) / 255f;
    }
    float[] own = VideoColours.of(rgb, width, height);
    double[] differences = new double[rgb.length];
    double sum = 0;
    for (int i = 0; i < rgb.length; i++) {
      differences[i] = Math.abs(255 * own[i] - channel(after, i / 3, i % 3));
      sum += differences[i];
    }
    Arrays.sort(differences);
    return List.of(
        Line.atMost("outside/4:2:0 and limited range, mean × 255", sum / rgb.length, "", 1),
        Line.atMost(
            "outside/4:2:0 and limited range, 99th of 100 × 255",
            differences[(int) (0.99 * (rgb.length - 1))],
            "",
            4));
  }

  private static int channel(BufferedImage image, int place, int channel) {
    int rgb = image.getRGB(place % image.getWidth(), place / image.getWidth());
    return rgb >> 16 - 8 * channel & 0xff;
  }

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
