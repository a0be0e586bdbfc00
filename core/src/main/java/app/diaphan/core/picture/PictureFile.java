package app.diaphan.core.picture;

import java.util.List;

/**
 * A picture with what its file tells of it.
 *
 * @param format "PNG", "SVG"
 * @param pages 1 but for PDF files
 * @param bits of a channel; 0 for vector pictures
 * @param profile the name of the colour profile in the file, which was brought to sRGB; empty for
 *     none
 * @param notes sentences about what could not be taken as it is
 */
public record PictureFile(
    Picture picture, String format, int pages, int bits, String profile, List<String> notes) {
  /** What a picture's alpha tells. */
  public enum AlphaFound {
    NONE,
    /** It came with one that is solid everywhere, which tells nothing. */
    SOLID_THROUGHOUT,
    USED
  }

  public AlphaFound alpha() {
    return switch (picture) {
      case VectorPicture vector -> AlphaFound.USED;
      case RasterPicture raster when !raster.hasAlpha() -> AlphaFound.NONE;
      case RasterPicture raster -> anyClear(raster) ? AlphaFound.USED : AlphaFound.SOLID_THROUGHOUT;
    };
  }

  private static boolean anyClear(RasterPicture picture) {
    for (int i = 3; i < picture.valueCount(); i += 4) {
      if (picture.value(i) < 1) {
        return true;
      }
    }
    return false;
  }
}
