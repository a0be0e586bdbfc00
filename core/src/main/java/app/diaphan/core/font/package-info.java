/**
 * What is known of fonts without their outlines: families, weights, axes, and what a font file says
 * of itself. What can be set in is on the {@link app.diaphan.core.font.shelf}, what is in a file is
 * read in {@link app.diaphan.core.font.file}.
 */
@NullMarked
package app.diaphan.core.font;

import org.jspecify.annotations.NullMarked;
