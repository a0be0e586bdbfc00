/**
 * Coverage and what is done with it. A {@link app.diaphan.core.raster.Plane} has one value a pixel,
 * 0–1, cut to its bounds; {@link app.diaphan.core.raster.Coverage} makes one of a shape, exactly.
 * Work goes band by band ({@link app.diaphan.core.raster.Bands}) and its result never depends on
 * how many threads there are.
 */
@NullMarked
package app.diaphan.core.raster;

import org.jspecify.annotations.NullMarked;
