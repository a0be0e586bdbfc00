package app.diaphan.bench;

import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameCatalogue;
import app.diaphan.core.frame.FrameChoice;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Whether an overlay is the same on every frame of its shape: drawn for two of them and averaged
 * over the pixels that both have in common, it is compared with itself.
 */
final class RetargetBench {
  /** Pixels that matter: at least one of the two has something there. */
  private static final float SOMETHING = 0.5f / 255;

  private RetargetBench() {}

  /** In 255ths, of the differences of all pixels that are drawn. */
  record Difference(double mean, double ninetyNinth, double worst) {}

  /** A frame drawn smaller, and which pair of widths it was. */
  private record Pair(int smaller, int larger, Difference difference) {
    String name(Overlay overlay) {
      return "truth/retargeted: " + overlay.name() + ", " + smaller + " and " + larger + " across";
    }
  }

  static List<Line> run(Demo demo) {
    List<Line> lines = new ArrayList<>();
    Renderer renderer = demo.renderer(0);
    for (Overlay overlay : demo.bundle().overlays().values()) {
      List<Pair> pairs = pairs(renderer, overlay);
      Pair mean = worst(pairs, Comparator.comparing(pair -> pair.difference().mean()));
      Pair last = worst(pairs, Comparator.comparing(pair -> pair.difference().ninetyNinth()));
      lines.add(Line.atMost(mean.name(overlay) + ", mean", mean.difference().mean(), "/255", 1));
      lines.add(
          Line.atMost(
              last.name(overlay) + ", 99th of 100", last.difference().ninetyNinth(), "/255", 8));
    }
    return lines;
  }

  private static Pair worst(List<Pair> pairs, Comparator<Pair> by) {
    return pairs.stream().max(by).orElseThrow();
  }

  private static List<Pair> pairs(Renderer renderer, Overlay overlay) {
    List<Frame> frames = ofItsShape(overlay.frame());
    List<Pair> pairs = new ArrayList<>();
    for (Frame larger : frames) {
      Rendering large = renderer.render(overlay, Canvas.of(larger));
      for (Frame smaller : frames) {
        if (smaller.width() < larger.width()) {
          Rendering small = renderer.render(overlay, Canvas.of(smaller));
          int width = common(smaller.width(), larger.width());
          int height = common(smaller.height(), larger.height());
          Difference difference =
              difference(Averaged.of(small, width, height), Averaged.of(large, width, height));
          pairs.add(new Pair(smaller.width(), larger.width(), difference));
        }
      }
    }
    return pairs;
  }

  /** Both are averaged over whole pixels so. */
  private static int common(int one, int other) {
    return BigInteger.valueOf(one).gcd(BigInteger.valueOf(other)).intValue();
  }

  /** Those of the catalogue and twice the frame itself, smallest first. */
  private static List<Frame> ofItsShape(Frame own) {
    Stream<Frame> known =
        FrameCatalogue.choices().stream()
            .map(FrameChoice::frame)
            .filter(frame -> frame.pixelAspect().equals(own.pixelAspect()))
            .filter(frame -> frame.width() * own.height() == frame.height() * own.width());
    Stream<Frame> multiples = Stream.of(own, Frame.of(2 * own.width(), 2 * own.height()));
    List<Integer> widths =
        Stream.concat(known, multiples).map(Frame::width).distinct().sorted().toList();
    return widths.stream()
        .map(width -> Frame.of(width, (int) ((long) width * own.height() / own.width())))
        .toList();
  }

  /**
   * @param one premultiplied pixels, 0–1
   * @param other as many
   */
  static Difference difference(float[] one, float[] other) {
    float[] differences = new float[one.length / 4];
    int count = 0;
    for (int at = 0; at < one.length; at += 4) {
      if (one[at + 3] > SOMETHING || other[at + 3] > SOMETHING) {
        float most = 0;
        for (int c = 0; c < 4; c++) {
          most = Math.max(most, Math.abs(one[at + c] - other[at + c]));
        }
        differences[count++] = 255 * most;
      }
    }
    float[] drawn = Arrays.copyOf(differences, count);
    Arrays.sort(drawn);
    double sum = 0;
    for (float difference : drawn) {
      sum += difference;
    }
    return count == 0
        ? new Difference(0, 0, 0)
        : new Difference(sum / count, drawn[(int) (0.99 * (count - 1))], drawn[count - 1]);
  }
}
