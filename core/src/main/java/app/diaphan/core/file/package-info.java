/**
 * What a delivered file is, before there is one: format, depth, how alpha is carried, extent,
 * compression. {@link app.diaphan.core.file.FileKind} has all of it; {@link
 * app.diaphan.core.file.FileFormat} says what each format can hold.
 */
@NullMarked
package app.diaphan.core.file;

import org.jspecify.annotations.NullMarked;
