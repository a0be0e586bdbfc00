/**
 * One mark on many photographs. {@link app.diaphan.core.photograph.PhotographMarker} finds where
 * and in which dress a mark stands out and has the photograph written with it.
 */
@NullMarked
package app.diaphan.core.photograph;

import org.jspecify.annotations.NullMarked;
