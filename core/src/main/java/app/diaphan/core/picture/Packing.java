package app.diaphan.core.picture;

import java.util.Map;
import java.util.Optional;

/** How the pixels of a file are packed, where that is a way that no decoder here undoes. */
final class Packing {
  /** Values of TIFF's tag 259 that writers use; those not named here are read. */
  private static final Map<Integer, String> TIFF =
      Map.ofEntries(
          Map.entry(9, "JBIG"),
          Map.entry(10, "JBIG"),
          Map.entry(34661, "JBIG"),
          Map.entry(34676, "SGI LogLuv"),
          Map.entry(34677, "SGI LogLuv"),
          Map.entry(34712, "JPEG 2000"),
          Map.entry(34887, "LERC"),
          Map.entry(34925, "LZMA"),
          Map.entry(50000, "Zstandard"),
          Map.entry(50001, "WebP"),
          Map.entry(50002, "JPEG XL"));

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
