/**
 * The fonts that overlays can be set in: those that ship ({@link
 * app.diaphan.core.font.shelf.ShippedFonts}) and before them a house's own. A {@link
 * app.diaphan.core.font.shelf.FontFamily} gives the Java font of a style.
 */
@NullMarked
package app.diaphan.core.font.shelf;

import org.jspecify.annotations.NullMarked;
