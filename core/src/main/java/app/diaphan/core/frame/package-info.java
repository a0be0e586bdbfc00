/**
 * Video frames: {@link app.diaphan.core.frame.Frame} has size, pixel aspect and safe areas; {@link
 * app.diaphan.core.frame.FrameCatalogue} has those of the standards. Lengths on a frame are display
 * units: one is the height of one of its lines.
 */
@NullMarked
package app.diaphan.core.frame;

import org.jspecify.annotations.NullMarked;
