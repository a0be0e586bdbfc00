/**
 * Ornaments that ship, drawn by code: {@link app.diaphan.core.ornament.OrnamentShelf} has them all.
 */
@NullMarked
package app.diaphan.core.ornament;

import org.jspecify.annotations.NullMarked;
