/** What a face is filled with: {@link app.diaphan.core.overlay.paint.Paint}. */
@NullMarked
package app.diaphan.core.overlay.paint;

import org.jspecify.annotations.NullMarked;
