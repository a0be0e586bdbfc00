package app.diaphan.core.render;

import app.diaphan.core.raster.Plane;

/**
 * The paint of a piece, let through by its coverage.
 *
 * @param opacity 0–1
 */
record Face(Plane coverage, Shader shader, float opacity) {}
