package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.targets.NamedTarget;
import java.util.List;

/**
 * Soft ramps need dithering or more bits. In a file of 8 bits without dithering a ramp is a
 * staircase; its steps are seen as bands once they are many pixels wide.
 */
final class BandingCheck implements Check {
  /** Narrower steps run together for the eye. */
  static final int SEEN = 10;

  /** So many steps in a row make a ramp. */
  static final int STEPS = 5;

  private static final int ROWS_APART = 4;

  private static boolean bands(FileKind file) {
    return file.depth() == BitDepth.EIGHT && !file.dither();
  }

  @Override
  public List<Finding> of(Proofed proofed) {
    List<String> targets =
        proofed
            .delivered()
            .filter(target -> bands(target.of(proofed.overlay()).file()))
            .map(NamedTarget::name)
            .toList();
    if (targets.isEmpty()) {
      return List.of();
    }
    int widest = widest(proofed);
    return widest < SEEN
        ? List.of()
        : List.of(
            new Finding(
                CheckKind.BANDING,
                true,
                "",
                Sentence.of(
                    "Soft ramps will show bands of up to %d px at \"%s\", which has 8 bits and is not dithered.",
                    widest, String.join("\", \"", targets)),
                "Let the target dither its ramps, or give it 16 bits."));
  }

  /** The widest step of a ramp across or down, in pixels; 0 for none. */
  private static int widest(Proofed proofed) {
    Bounds drawn = proofed.rendering().drawn();
    int width = proofed.rendering().canvas().width();
    float[] pixels = proofed.rendering().pixels();
    int widest = 0;
    for (int y = drawn.top(); y < drawn.bottom(); y += ROWS_APART) {
      widest = Math.max(widest, widest(pixels, 4 * (y * width + drawn.left()), 4, drawn.width()));
    }
    for (int x = drawn.left(); x < drawn.right(); x += ROWS_APART) {
      widest =
          Math.max(
              widest, widest(pixels, 4 * (drawn.top() * width + x), 4 * width, drawn.height()));
    }
    return widest;
  }

  private static int widest(float[] pixels, int from, int stride, int count) {
    int widest = 0;
    for (int channel = 0; channel < 4; channel++) {
      widest = Math.max(widest, new Staircase().widest(pixels, from + channel, stride, count));
    }
    return widest;
  }

  /** Follows one channel along a line. */
  private static final class Staircase {
    /** Before the first pixel such that no step from there is one of a ramp. */
    private int level = -2;

    private int run;
    private int steps;
    private int direction;
    private int least;
    private int widest;

    /** The least width that all of {@value BandingCheck#STEPS} successive steps of a ramp have. */
    int widest(float[] pixels, int from, int stride, int count) {
      for (int i = 0, at = from; i < count; i++, at += stride) {
        int next = Math.round(255 * pixels[at]);
        if (next == level) {
          run++;
        } else {
          step(next - level);
          level = next;
          run = 1;
        }
      }
      return widest;
    }

    private void step(int by) {
      if (Math.abs(by) != 1 || by != direction) {
        steps = 0;
        least = Integer.MAX_VALUE;
      } else {
        // The flight that has just ended lies between two steps the same way.
        steps++;
        least = Math.min(least, run);
        if (steps >= STEPS) {
          widest = Math.max(widest, least);
        }
      }
      direction = Math.abs(by) == 1 ? by : 0;
    }
  }
}
