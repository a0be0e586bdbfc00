package app.diaphan.core.cutout;

import app.diaphan.core.Remembered;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.RasterPicture;

/** Remembers pictures that were cut out. */
public final class CutPictures {
  private static final int BYTES_PER_PIXEL = 16;

  private final Remembered<Key, RasterPicture> remembered;

  /** Two pictures are equal only if they are the same one. */
  private record Key(RasterPicture picture, CutOut cutOut) {}

  /**
   * @param memory bytes that the pictures may keep between drawings
   */
  public CutPictures(long memory) {
    remembered =
        new Remembered<>(
            memory, picture -> (long) BYTES_PER_PIXEL * picture.width() * picture.height());
  }

  /** The picture itself if there is nothing to do. */
  public RasterPicture of(RasterPicture picture, CutOut cutOut) {
    return cutOut.equals(CutOut.NONE)
        ? picture
        : remembered.of(new Key(picture, cutOut), () -> CutOuts.of(picture, cutOut));
  }
}
