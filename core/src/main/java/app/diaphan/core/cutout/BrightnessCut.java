package app.diaphan.core.cutout;

import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bands;

/**
 * Makes an alpha of the distance from the ground. A pixel is given the least alpha that a colour
 * can have which, laid over the ground, gives its own: over black the largest of its channels, over
 * white one less the smallest.
 */
final class BrightnessCut {
  private static final float LEAST = 1e-6f;

  private BrightnessCut() {}

  static Cut of(RasterPicture picture, CutOut.ByBrightness how) {
    Cut cut = Cut.solid(picture);
    Ground ground = Ground.of(picture, how.ground());
    Bands.over(
        0,
        picture.height(),
        picture.width(),
        (top, bottom) -> {
          float[] beneath = new float[3];
          for (int i = top * picture.width(); i < bottom * picture.width(); i++) {
            for (int c = 0; c < 3; c++) {
              beneath[c] = (float) ground.at(i % picture.width(), i / picture.width(), c);
            }
            pixel(cut, i, beneath, how);
          }
        });
    return cut;
  }

  private static void pixel(Cut cut, int i, float[] ground, CutOut.ByBrightness how) {
    float[] colours = cut.colours();
    float away = 0;
    for (int c = 0; c < 3; c++) {
      float difference = colours[3 * i + c] - ground[c];
      float room = difference > 0 ? 1 - ground[c] : ground[c];
      away = Math.max(away, room > LEAST ? Math.abs(difference) / room : 0);
    }
    double between = Math.clamp((away - how.low()) / (how.high() - how.low()), 0, 1);
    float alpha = (float) Math.pow(between, how.curve());
    if (alpha > LEAST) {
      // As much of the ground is taken out of the colour as it can hold.
      float share = Math.max(alpha, away);
      for (int c = 0; c < 3; c++) {
        float own = (colours[3 * i + c] - (1 - share) * ground[c]) / share;
        colours[3 * i + c] = Math.clamp(own, 0f, 1f);
      }
    }
    cut.alpha()[i] *= alpha;
  }
}
