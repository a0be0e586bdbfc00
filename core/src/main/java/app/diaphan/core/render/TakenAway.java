package app.diaphan.core.render;

import app.diaphan.core.raster.Plane;

/**
 * What a punching piece takes away behind it.
 *
 * @param amount the share of each pixel that goes
 * @param everything whether it reaches out of the piece's group
 */
record TakenAway(Plane amount, boolean everything) {}
