/**
 * Takes the ground away from a picture: by its colour, by brightness, or by marks. {@link
 * app.diaphan.core.cutout.CutOuts} begins there; what is left at an edge is unmixed from the ground
 * ({@link app.diaphan.core.cutout.Unmixing}).
 */
@NullMarked
package app.diaphan.core.cutout;

import org.jspecify.annotations.NullMarked;
