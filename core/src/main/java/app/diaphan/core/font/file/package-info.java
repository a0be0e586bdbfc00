/**
 * Font files: TrueType and OpenType, collections, WOFF2. {@link
 * app.diaphan.core.font.file.FontFiles} reads one and writes it anew as a plain font of one style;
 * {@link app.diaphan.core.font.file.FontTrial} tries a stranger's first, in a process of its own.
 */
@NullMarked
package app.diaphan.core.font.file;

import org.jspecify.annotations.NullMarked;
