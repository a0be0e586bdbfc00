package app.diaphan.core.picture;

import java.util.Map;
import java.util.Optional;

/** How the pixels of a file are packed, where that is a way that no decoder here undoes. */
final class Packing {
  /** Values of TIFF's tag 259 that writers use; those not named here are read. */
  private static final Map<Integer, String> TIFF =
      Map.of(
          9, "JBIG",
          10, "JBIG",
          34661, "JBIG",
          34712, "JPEG 2000",
          34887, "LERC",
          34925, "LZMA",
          50000, "Zstandard",
          50001, "WebP",
          50002, "JPEG XL");

  private Packing() {}

  /** Its name, if the file is of that kind. */
  static Optional<String> unknown(byte[] bytes) {
    return JpegMarkers.of(bytes)
        .map(JpegMarkers::unknownPacking)
        .orElseGet(
            () ->
                TiffTags.of(bytes)
                    .flatMap(tags -> tags.value(TiffTags.COMPRESSION))
                    .flatMap(value -> Optional.ofNullable(TIFF.get(value))));
  }
}
