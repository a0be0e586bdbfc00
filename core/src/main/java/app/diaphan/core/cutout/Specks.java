package app.diaphan.core.cutout;

import app.diaphan.core.picture.RasterPicture;

/** Small parts of a picture that hang together with nothing else. */
public final class Specks {
  /** Less alpha than this is nothing that is seen. */
  private static final float SEEN = 1f / 255;

  private Specks() {}

  /**
   * @param pixels parts of fewer pixels than this are counted
   */
  public static int count(RasterPicture picture, int pixels) {
    boolean[] seen = new boolean[picture.width() * picture.height()];
    for (int i = 0; i < seen.length; i++) {
      seen[i] = picture.value(4 * i + 3) >= SEEN;
    }
    return Regions.smaller(seen, picture.width(), picture.height(), pixels, false, place -> {});
  }
}
