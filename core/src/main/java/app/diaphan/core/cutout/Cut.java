package app.diaphan.core.cutout;

import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bands;

/**
 * A picture on its way to being cut out: straight colours and alphas that are still changed.
 *
 * @param colours red, green and blue of each pixel, 0–1
 * @param alpha of each pixel, 0–1
 */
record Cut(int width, int height, float[] colours, float[] alpha) {
  /** The picture with the alpha it came with. */
  static Cut solid(RasterPicture picture) {
    float[] colours = new float[3 * picture.width() * picture.height()];
    float[] alphas = new float[picture.width() * picture.height()];
    for (int i = 0; i < alphas.length; i++) {
      float alpha = picture.pixels()[4 * i + 3];
      alphas[i] = alpha;
      for (int c = 0; c < 3; c++) {
        colours[3 * i + c] = alpha > 0 ? picture.pixels()[4 * i + c] / alpha : 0;
      }
    }
    return new Cut(picture.width(), picture.height(), colours, alphas);
  }

  RasterPicture picture() {
    float[] pixels = new float[4 * alpha.length];
    Bands.over(
        0,
        height,
        width,
        (top, bottom) -> {
          for (int i = top * width; i < bottom * width; i++) {
            for (int c = 0; c < 3; c++) {
              pixels[4 * i + c] = colours[3 * i + c] * alpha[i];
            }
            pixels[4 * i + 3] = alpha[i];
          }
        });
    return new RasterPicture(width, height, pixels, true);
  }
}
