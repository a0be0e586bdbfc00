/**
 * Groups that follow an original of the house's library. {@link
 * app.diaphan.core.overlay.copy.Copies} brings a changed original to its copies, which keep what
 * was changed in them.
 */
@NullMarked
package app.diaphan.core.overlay.copy;

import org.jspecify.annotations.NullMarked;
