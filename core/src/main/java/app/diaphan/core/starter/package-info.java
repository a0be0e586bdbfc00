/**
 * Overlays to begin with, made for any frame and house: {@link
 * app.diaphan.core.starter.StarterShelf}.
 */
@NullMarked
package app.diaphan.core.starter;

import org.jspecify.annotations.NullMarked;
