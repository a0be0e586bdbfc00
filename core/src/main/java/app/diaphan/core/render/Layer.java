package app.diaphan.core.render;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.raster.PackedPlane;
import app.diaphan.core.raster.Plane;

/**
 * What a finish adds: a coverage and the colours it lets through.
 *
 * @param opacity 0–1
 */
record Layer(PackedPlane coverage, Shader shader, float opacity) {
  static Layer of(Plane coverage, Colour colour, double opacity) {
    return of(coverage, Shader.Flat.of(colour), opacity);
  }

  static Layer of(Plane coverage, Shader shader, double opacity) {
    return new Layer(PackedPlane.of(coverage), shader, (float) opacity);
  }
}
