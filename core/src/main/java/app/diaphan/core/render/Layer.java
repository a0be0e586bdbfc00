package app.diaphan.core.render;

import app.diaphan.core.overlay.Colour;
import app.diaphan.core.raster.Plane;

/** A coverage and the colours it lets through. */
record Layer(Plane coverage, Shader shader, float opacity) {
  static Layer of(Plane coverage, Colour colour, double opacity) {
    return new Layer(coverage, Shader.Flat.of(colour), (float) opacity);
  }
}
