/**
 * What goes round, on and behind a face: outlines, halos, shadows, insets, rims, reliefs,
 * softening. Each {@link app.diaphan.core.overlay.finish.Finish} is a record of its values; {@link
 * app.diaphan.core.overlay.finish.FirstFinishes} says how one begins.
 */
@NullMarked
package app.diaphan.core.overlay.finish;

import org.jspecify.annotations.NullMarked;
