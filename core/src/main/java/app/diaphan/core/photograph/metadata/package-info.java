/**
 * What photographs say of themselves, in EXIF, IPTC and XMP, and who is credited: {@link
 * app.diaphan.core.photograph.metadata.Crediting}.
 */
@NullMarked
package app.diaphan.core.photograph.metadata;

import org.jspecify.annotations.NullMarked;
