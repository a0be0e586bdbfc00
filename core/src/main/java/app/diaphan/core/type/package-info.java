/**
 * Setting words: lines, justification, fitting, vertical text, hanging punctuation. {@link
 * app.diaphan.core.type.TextSetter} makes a {@link app.diaphan.core.type.SetText}, whose letters
 * are outlines.
 */
@NullMarked
package app.diaphan.core.type;

import org.jspecify.annotations.NullMarked;
