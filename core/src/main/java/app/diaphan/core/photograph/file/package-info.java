/**
 * Photographs as files: JPEG, PNG, TIFF, WebP, HEIC. A {@link
 * app.diaphan.core.photograph.file.Photograph} is read row by row and written the same way with the
 * mark in it.
 */
@NullMarked
package app.diaphan.core.photograph.file;

import org.jspecify.annotations.NullMarked;
