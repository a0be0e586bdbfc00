package app.diaphan.core.cutout;

import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bands;

/**
 * Makes an alpha of the distance from white or from black. A pixel is given the least alpha that a
 * colour can have which, laid over the ground, gives its own: the largest of its channels over
 * black, one less the smallest over white.
 */
final class BrightnessCut {
  private static final float LEAST = 1e-6f;

  private BrightnessCut() {}

  static Cut of(RasterPicture picture, CutOut.ByBrightness how) {
    Cut cut = Cut.solid(picture);
    float tone = how.ground() == CutOut.GroundTone.WHITE ? 1 : 0;
    Bands.over(
        0,
        picture.height(),
        picture.width(),
        (top, bottom) -> {
          for (int i = top * picture.width(); i < bottom * picture.width(); i++) {
            pixel(cut, i, tone, how);
          }
        });
    return cut;
  }

  private static void pixel(Cut cut, int i, float tone, CutOut.ByBrightness how) {
    float[] colours = cut.colours();
    float away = 0;
    for (int c = 0; c < 3; c++) {
      away = Math.max(away, Math.abs(colours[3 * i + c] - tone));
    }
    double between = Math.clamp((away - how.low()) / (how.high() - how.low()), 0, 1);
    float alpha = (float) Math.pow(between, how.curve());
    if (alpha > LEAST) {
      // As much of the ground is taken out of the colour as it can hold.
      float share = Math.max(alpha, away);
      for (int c = 0; c < 3; c++) {
        float own = (colours[3 * i + c] - (1 - share) * tone) / share;
        colours[3 * i + c] = Math.clamp(own, 0f, 1f);
      }
    }
    cut.alpha()[i] *= alpha;
  }
}
