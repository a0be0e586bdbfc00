package app.diaphan.core.render;

/**
 * The mean colour of a gradient over a pixel, which is what a pixel on a hard stop has to show.
 * Where the position changes evenly, by {@code a} from one side of a pixel to the other and by
 * {@code b} from its top to its bottom, its positions are spread as two boxes of these widths
 * folded into one another; the mean under that is the second difference of the ramp's second
 * integral.
 */
final class RampMean {
  /** A box so much narrower than the other one makes no difference that a file could hold. */
  private static final double NARROW = 1e-3;

  private static final double NO_STEP = 1e-12;

  private final double[] positions;

  /** At each stop, four values: the colour, and the first and second integral up to it. */
  private final double[] colours;

  private final double[] first;
  private final double[] second;

  RampMean(float[] stops, float[] colours) {
    int count = stops.length;
    positions = new double[count];
    this.colours = new double[4 * count];
    first = new double[4 * count];
    second = new double[4 * count];
    for (int i = 0; i < count; i++) {
      positions[i] = stops[i];
      for (int c = 0; c < 4; c++) {
        this.colours[4 * i + c] = colours[4 * i + c];
        if (i > 0) {
          double span = positions[i] - positions[i - 1];
          int from = 4 * (i - 1) + c;
          double slope = slope(i - 1, c);
          first[4 * i + c] = first[from] + span * (this.colours[from] + span * slope / 2);
          second[4 * i + c] =
              second[from]
                  + span * (first[from] + span * (this.colours[from] / 2 + span * slope / 6));
        }
      }
    }
  }

  /** The stop nearest to a position, by its number. */
  int nearest(double position) {
    int nearest = 0;
    for (int i = 1; i < positions.length; i++) {
      if (Math.abs(positions[i] - position) < Math.abs(positions[nearest] - position)) {
        nearest = i;
      }
    }
    return nearest;
  }

  /** Whether the gradient bends or breaks within so much on either side of a position. */
  boolean changesWithin(double position, double half) {
    return Math.abs(positions[nearest(position)] - position) < half;
  }

  int stops() {
    return positions.length;
  }

  double position(int stop) {
    return positions[stop];
  }

  /**
   * Writes the mean.
   *
   * @param position at the middle of the pixel
   * @param across how much it changes over the pixel's width
   * @param down how much it changes over its height
   */
  void write(double position, double across, double down, float[] rgba, int at) {
    double wide = Math.max(Math.abs(across), Math.abs(down)) / 2;
    double narrow = Math.min(Math.abs(across), Math.abs(down)) / 2;
    for (int c = 0; c < 4; c++) {
      double mean;
      if (wide < NO_STEP) {
        mean = colour(position, c);
      } else if (narrow < NARROW * wide) {
        mean = (first(position + wide, c) - first(position - wide, c)) / (2 * wide);
      } else {
        mean =
            (second(position + wide + narrow, c)
                    - second(position + wide - narrow, c)
                    - second(position - wide + narrow, c)
                    + second(position - wide - narrow, c))
                / (4 * wide * narrow);
      }
      rgba[at + c] = (float) Math.clamp(mean, 0.0, 1.0);
    }
  }

  private double colour(double position, int c) {
    int stop = before(position);
    return colours[4 * Math.max(0, stop) + c] + slope(stop, c) * past(position, stop);
  }

  private double first(double position, int c) {
    int stop = before(position);
    double past = past(position, stop);
    int at = 4 * Math.max(0, stop) + c;
    return first[at] + past * (colours[at] + past * slope(stop, c) / 2);
  }

  private double second(double position, int c) {
    int stop = before(position);
    double past = past(position, stop);
    int at = 4 * Math.max(0, stop) + c;
    return second[at] + past * (first[at] + past * (colours[at] / 2 + past * slope(stop, c) / 6));
  }

  /** The last stop that is not beyond a position; -1 if all are. */
  private int before(double position) {
    int stop = positions.length - 1;
    while (stop >= 0 && positions[stop] > position) {
      stop--;
    }
    return stop;
  }

  private double past(double position, int stop) {
    return position - positions[Math.max(0, stop)];
  }

  /** How fast a colour changes after a stop; before the first and after the last it stays. */
  private double slope(int stop, int c) {
    if (stop < 0 || stop == positions.length - 1) {
      return 0;
    }
    double span = positions[stop + 1] - positions[stop];
    return span > 0 ? (colours[4 * stop + 4 + c] - colours[4 * stop + c]) / span : 0;
  }
}
