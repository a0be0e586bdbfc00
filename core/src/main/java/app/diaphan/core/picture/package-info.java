/**
 * Pictures that are brought along: raster files, SVG and PDF. {@link
 * app.diaphan.core.picture.PictureReader} reads one, within limits of time and memory, into a
 * {@link app.diaphan.core.picture.RasterPicture} or a drawing that is exact at every size. Nothing
 * outside the file is ever fetched.
 */
@NullMarked
package app.diaphan.core.picture;

import org.jspecify.annotations.NullMarked;
