/**
 * The same overlay for another frame ({@link app.diaphan.core.overlay.reframe.Reframed}), and as a
 * target shows it ({@link app.diaphan.core.overlay.reframe.Retargeting}). Lengths follow the
 * shorter side of the frame.
 */
@NullMarked
package app.diaphan.core.overlay.reframe;

import org.jspecify.annotations.NullMarked;
