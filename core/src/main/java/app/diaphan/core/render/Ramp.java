package app.diaphan.core.render;

import app.diaphan.core.overlay.Paint;
import java.util.List;

/**
 * The colours of a gradient by position, mixed premultiplied so that a clear stop adds no colour of
 * its own.
 */
record Ramp(float[] positions, List<Shader.Flat> colours) {
  static Ramp of(List<Paint.Stop> stops) {
    float[] positions = new float[stops.size()];
    for (int i = 0; i < positions.length; i++) {
      positions[i] = (float) stops.get(i).position();
    }
    return new Ramp(positions, stops.stream().map(stop -> Shader.Flat.of(stop.colour())).toList());
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
    Shader.Flat from = colours.get(stop - 1);
    Shader.Flat to = colours.get(stop);
    float span = positions[stop] - positions[stop - 1];
    float t =
        span <= 0
            ? (position < positions[stop] ? 0 : 1)
            : (float) Math.clamp((position - positions[stop - 1]) / span, 0.0, 1.0);
    rgba[at] = from.red() + t * (to.red() - from.red());
    rgba[at + 1] = from.green() + t * (to.green() - from.green());
    rgba[at + 2] = from.blue() + t * (to.blue() - from.blue());
    rgba[at + 3] = from.alpha() + t * (to.alpha() - from.alpha());
    return stop;
  }
}
