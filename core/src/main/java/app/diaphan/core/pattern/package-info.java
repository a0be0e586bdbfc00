/**
 * Patterns that repeat. {@link app.diaphan.core.pattern.PatternTile} draws one repetition at the
 * pixels that are needed.
 */
@NullMarked
package app.diaphan.core.pattern;

import org.jspecify.annotations.NullMarked;
