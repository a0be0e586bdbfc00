/**
 * What is said about cutting a picture out, and about giving it other colours. What comes of it is
 * worked out in {@link app.diaphan.core.cutout} and {@link app.diaphan.core.render}.
 */
@NullMarked
package app.diaphan.core.overlay.cutout;

import org.jspecify.annotations.NullMarked;
