/**
 * Overlays for other programs to go on with: layered OpenRaster ({@link
 * app.diaphan.core.interchange.OpenRasterFile}) and SVG ({@link
 * app.diaphan.core.interchange.SvgFile}).
 */
@NullMarked
package app.diaphan.core.interchange;

import org.jspecify.annotations.NullMarked;
