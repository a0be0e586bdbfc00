/**
 * What an overlay leaves open for the rows of a roster, and the braces in its words: {@link
 * app.diaphan.core.overlay.slot.WordSlots}.
 */
@NullMarked
package app.diaphan.core.overlay.slot;

import org.jspecify.annotations.NullMarked;
