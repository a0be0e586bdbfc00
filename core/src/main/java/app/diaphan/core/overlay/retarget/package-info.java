/**
 * What of an overlay is otherwise at one target: {@link
 * app.diaphan.core.overlay.retarget.ForTarget}.
 */
@NullMarked
package app.diaphan.core.overlay.retarget;

import org.jspecify.annotations.NullMarked;
