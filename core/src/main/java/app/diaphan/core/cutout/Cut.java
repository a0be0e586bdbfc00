package app.diaphan.core.cutout;

import app.diaphan.core.picture.RasterPicture;

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
      float alpha = picture.value(4 * i + 3);
      alphas[i] = alpha;
      for (int c = 0; c < 3; c++) {
        colours[3 * i + c] = alpha > 0 ? picture.value(4 * i + c) / alpha : 0;
      }
    }
    return new Cut(picture.width(), picture.height(), colours, alphas);
  }

  RasterPicture picture() {
    return RasterPicture.ofStraight(width, height, colours, alpha);
  }
}
