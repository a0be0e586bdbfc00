package app.diaphan.core.render;

import app.diaphan.core.overlay.Colour;
import app.diaphan.core.raster.PackedPlane;
import app.diaphan.core.raster.Plane;

/** What a finish adds: a coverage and the colours it lets through. */
record Layer(PackedPlane coverage, Shader.Flat colour, float opacity) {
  static Layer of(Plane coverage, Colour colour, double opacity) {
    return new Layer(PackedPlane.of(coverage), Shader.Flat.of(colour), (float) opacity);
  }
}
