package app.diaphan.core.render;

import app.diaphan.core.overlay.Paint;
import java.util.List;

/**
 * The colours of a gradient by position, mixed premultiplied so that a clear stop adds no colour of
 * its own.
 *
 * @param positions of the stops, in order
 * @param colours four values for each stop
 */
record Ramp(float[] positions, float[] colours) {
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
    return new Ramp(positions, colours);
  }

  /**
   * Writes the colour at a position.
   *
   * @param near a stop to begin looking at, such as the one found for the pixel before; at least 1
   * @return the stop that ends the stretch the position lies in
   */
  int colour(double position, int near, float[] rgba, int at) {
    int stop = near;
    while (stop > 1 && position < positions[stop - 1]) {
      stop--;
    }
    while (stop < positions.length - 1 && position > positions[stop]) {
      stop++;
    }
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
