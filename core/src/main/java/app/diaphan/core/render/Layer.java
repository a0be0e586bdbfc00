package app.diaphan.core.render;

import app.diaphan.core.raster.Plane;

/** A coverage and the colours it lets through. */
record Layer(Plane coverage, Shader shader, float opacity) {}
