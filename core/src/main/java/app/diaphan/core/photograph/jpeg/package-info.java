/**
 * JPEG by its blocks (ITU-T T.81). {@link app.diaphan.core.photograph.jpeg.JpegFile} has a file's
 * coefficients; only blocks that a mark touches are worked out anew, all others keep theirs bit for
 * bit.
 */
@NullMarked
package app.diaphan.core.photograph.jpeg;

import org.jspecify.annotations.NullMarked;
