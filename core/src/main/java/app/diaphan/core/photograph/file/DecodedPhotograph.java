package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.metadata.Metadata;
import app.diaphan.core.picture.RasterPicture;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** A photograph whose numbers cannot be kept: it was brought upright and to sRGB. */
final class DecodedPhotograph extends RowPhotograph {
  private final RasterPicture picture;
  private final OptionalDouble quality;

  /**
   * @param metadata as it is in the file
   * @param quality of a JPEG file, 0–1
   */
  DecodedPhotograph(
      PhotographFormat format,
      RasterPicture picture,
      int bits,
      Metadata metadata,
      List<String> notes,
      OptionalDouble quality) {
    super(
        new PhotographFacts(
            format,
            picture.width(),
            picture.height(),
            bits > Byte.SIZE ? Short.SIZE : Byte.SIZE,
            new OwnColours(Optional.empty(), false),
            metadata.upright().withProfile(Optional.empty()),
            notes));
    this.picture = picture;
    this.quality = quality;
  }

  /** That its file had, 0–1; none if that is not known. */
  OptionalDouble quality() {
    return quality;
  }

  @Override
  RowSource decoded() {
    return new Rows();
  }

  private final class Rows implements RowSource {
    private final RowShape shape =
        new RowShape(
            picture.width(),
            picture.height(),
            picture.hasAlpha() ? 4 : 3,
            DecodedPhotograph.this.bits());
    private int y;

    @Override
    public RowShape shape() {
      return shape;
    }

    @Override
    public void next(int[] row) {
      int channels = channels();
      for (int x = 0; x < picture.width(); x++) {
        int from = 4 * (y * picture.width() + x);
        float alpha = picture.value(from + 3);
        for (int c = 0; c < 3; c++) {
          float straight = alpha > 0 ? picture.value(from + c) / alpha : 0;
          row[channels * x + c] = Math.round(Math.clamp(straight, 0f, 1f) * most());
        }
        if (channels == 4) {
          row[4 * x + 3] = Math.round(alpha * most());
        }
      }
      y++;
    }

    @Override
    public void close() {
      // It holds nothing.
    }
  }
}
