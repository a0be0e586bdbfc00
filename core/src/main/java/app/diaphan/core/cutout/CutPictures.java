package app.diaphan.core.cutout;

import app.diaphan.core.Remembered;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.picture.Picture;

/** Remembers pictures that were cut out. */
public final class CutPictures {
  private static final int BYTES_PER_PIXEL = 16;

  private final Remembered<Key, Picture> remembered;

  /** Two pictures are equal only if they are the same one. */
  private record Key(Picture picture, CutOut cutOut, Tint tint) {}

  /**
   * @param memory bytes that the pictures may keep between drawings
   */
  public CutPictures(long memory) {
    remembered =
        new Remembered<>(
            memory, picture -> (long) BYTES_PER_PIXEL * picture.width() * picture.height());
  }

  /** The picture itself if there is nothing to do. */
  public Picture of(Picture picture, CutOut cutOut, Tint tint) {
    return cutOut.equals(CutOut.NONE) && tint.equals(Tint.NONE)
        ? picture
        : remembered.of(new Key(picture, cutOut, tint), () -> CutOuts.of(picture, cutOut, tint));
  }
}
