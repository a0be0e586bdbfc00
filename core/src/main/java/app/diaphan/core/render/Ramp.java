package app.diaphan.core.render;

import app.diaphan.core.overlay.paint.Paint;
import java.util.List;

/**
 * The colours of a gradient by position, mixed premultiplied so that a clear stop adds no colour of
 * its own.
 *
 * @param positions of the stops, in order
 * @param colours four values for each stop
 * @param mean of the same colours over pixels
 */
record Ramp(float[] positions, float[] colours, RampMean mean) {
  static Ramp of(List<Paint.Stop> stops) {
    float[] positions = new float[stops.size()];
    float[] colours = new float[4 * positions.length];
    for (int i = 0; i < positions.length; i++) {
      positions[i] = (float) stops.get(i).position();
      Shader.Flat colour = Shader.Flat.of(stops.get(i).colour());
      colours[4 * i] = colour.red();
      colours[4 * i + 1] = colour.green();
      colours[4 * i + 2] = colour.blue();
      colours[4 * i + 3] = colour.alpha();
    }
    return new Ramp(positions, colours, new RampMean(positions, colours));
  }

  /**
   * The same going round: from −1 to 2, each round beginning again with the first colour, so that
   * there is no end near any position from 0 to 1.
   */
  Ramp round() {
    int stops = positions.length + 2;
    float[] rounds = new float[3 * stops];
    float[] all = new float[4 * rounds.length];
    for (int i = 0; i < rounds.length; i++) {
      int stop = Math.clamp(i % stops - 1, 0, positions.length - 1);
      boolean begins = i % stops == 0;
      boolean ends = i % stops == stops - 1;
      rounds[i] = i / stops - 1 + (begins ? 0 : ends ? 1 : positions[stop]);
      System.arraycopy(colours, 4 * stop, all, 4 * i, 4);
    }
    return new Ramp(rounds, all, new RampMean(rounds, all));
  }

  /**
   * Writes the colours at positions that follow each other in equal steps. Each stretch between two
   * stops is a loop of its own.
   *
   * @param position of the first
   */
  void row(double position, double step, int count, float[] rgba) {
    int stop = 1;
    for (int i = 0; i < count; ) {
      double here = position + i * step;
      stop = stop(here, stop);
      double left = step > 0 ? positions[stop] - here : here - positions[stop - 1];
      double more = Math.floor(left / Math.abs(step));
      boolean outer = step > 0 ? stop == positions.length - 1 : stop == 1;
      int end = outer || !(more < count - i) ? count : i + 1 + (int) Math.max(0, more);
      between(stop, position, step, i, end, rgba);
      i = end;
    }
  }

  private void between(int stop, double position, double step, int from, int to, float[] rgba) {
    float first = positions[stop - 1];
    float span = positions[stop] - first;
    if (span <= 0) {
      for (int i = from; i < to; i++) {
        colour(position + i * step, stop, rgba, 4 * i);
      }
      return;
    }
    int at = 4 * (stop - 1);
    float red = colours[at];
    float green = colours[at + 1];
    float blue = colours[at + 2];
    float alpha = colours[at + 3];
    float redwards = colours[at + 4] - red;
    float greenwards = colours[at + 5] - green;
    float bluewards = colours[at + 6] - blue;
    float alphawards = colours[at + 7] - alpha;
    for (int i = from; i < to; i++) {
      float t = Math.min(1, Math.max(0, (float) (position + i * step - first) / span));
      rgba[4 * i] = red + t * redwards;
      rgba[4 * i + 1] = green + t * greenwards;
      rgba[4 * i + 2] = blue + t * bluewards;
      rgba[4 * i + 3] = alpha + t * alphawards;
    }
  }

  /** The stop that ends the stretch a position lies in, looked for from a stop near it. */
  private int stop(double position, int near) {
    int stop = near;
    while (stop > 1 && position < positions[stop - 1]) {
      stop--;
    }
    while (stop < positions.length - 1 && position > positions[stop]) {
      stop++;
    }
    return stop;
  }

  /**
   * Writes the colour at a position.
   *
   * @param near a stop to begin looking at, such as the one found for the pixel before; at least 1
   * @return the stop that ends the stretch the position lies in
   */
  int colour(double position, int near, float[] rgba, int at) {
    int stop = stop(position, near);
    float span = positions[stop] - positions[stop - 1];
    float t =
        span <= 0
            ? (position < positions[stop] ? 0 : 1)
            : Math.min(1, Math.max(0, (float) (position - positions[stop - 1]) / span));
    int from = 4 * (stop - 1);
    for (int c = 0; c < 4; c++) {
      rgba[at + c] = colours[from + c] + t * (colours[from + 4 + c] - colours[from + c]);
    }
    return stop;
  }
}
