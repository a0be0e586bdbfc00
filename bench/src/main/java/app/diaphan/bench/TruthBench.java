package app.diaphan.bench;

import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Whether an overlay is the same on every frame of its shape: drawn on one of twice the size and
 * averaged, it is compared with what is drawn on the smaller one.
 */
final class TruthBench {
  /** Pixels that matter: at least one of the two has something there. */
  private static final float SOMETHING = 0.5f / 255;

  private TruthBench() {}

  /** In 255ths, of the differences of all pixels that are drawn. */
  record Difference(double mean, double ninetyNinth, double worst) {}

  static List<Line> run(Demo demo) {
    List<Line> lines = new ArrayList<>();
    Renderer renderer = demo.renderer(0);
    for (Overlay overlay : demo.bundle().overlays().values()) {
      Frame own = overlay.frame();
      Difference difference = difference(renderer, overlay, own.width(), own.height());
      String name =
          "truth/retargeted: " + overlay.name() + " at " + own.width() + " and twice that";
      lines.add(Line.atMost(name + ", mean", difference.mean(), "/255", 1));
      lines.add(Line.atMost(name + ", 99th of 100", difference.ninetyNinth(), "/255", 8));
    }
    return lines;
  }

  static Difference difference(Renderer renderer, Overlay overlay, int width, int height) {
    float[] small = renderer.render(overlay, Canvas.of(Frame.of(width, height))).pixels();
    float[] large = renderer.render(overlay, Canvas.of(Frame.of(2 * width, 2 * height))).pixels();
    float[] differences = new float[small.length];
    int count = 0;
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int at = 4 * (y * width + x);
        int first = 4 * (2 * y * 2 * width + 2 * x);
        int second = first + 8 * width;
        float most = 0;
        boolean something = small[at + 3] > SOMETHING;
        for (int c = 0; c < 4; c++) {
          float mean =
              (large[first + c] + large[first + 4 + c] + large[second + c] + large[second + 4 + c])
                  / 4;
          most = Math.max(most, Math.abs(mean - small[at + c]));
          something |= c == 3 && mean > SOMETHING;
        }
        if (something) {
          differences[count++] = 255 * most;
        }
      }
    }
    float[] drawn = Arrays.copyOf(differences, count);
    Arrays.sort(drawn);
    double sum = 0;
    for (float one : drawn) {
      sum += one;
    }
    return count == 0
        ? new Difference(0, 0, 0)
        : new Difference(sum / count, drawn[(int) (0.99 * (count - 1))], drawn[count - 1]);
  }
}
