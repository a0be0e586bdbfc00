package app.diaphan.core.cutout;

import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bands;

/** Ways to look at a cut-out. */
public enum CutView {
  /** The picture as it came. */
  BEFORE,
  /** What is left of it. */
  RESULT,
  /** Its alpha as greys. */
  ALPHA,
  /** What was taken away. */
  GONE;

  public RasterPicture of(RasterPicture before, RasterPicture cut) {
    return switch (this) {
      case BEFORE -> before;
      case RESULT -> cut;
      case ALPHA, GONE -> {
        float[] pixels = new float[cut.valueCount()];
        Bands.over(
            0,
            cut.height(),
            cut.width(),
            (top, bottom) -> {
              for (int i = 4 * top * cut.width(); i < 4 * bottom * cut.width(); i += 4) {
                float left = cut.value(i + 3);
                float came = before.value(i + 3);
                float gone = came > 0 ? Math.max(0, 1 - left / came) : 0;
                for (int c = 0; c < 3; c++) {
                  pixels[i + c] = this == ALPHA ? left : before.value(i + c) * gone;
                }
                pixels[i + 3] = this == ALPHA ? 1 : came * gone;
              }
            });
        yield new RasterPicture(cut.width(), cut.height(), pixels, this == GONE);
      }
    };
  }
}
