package app.diaphan.core.interchange;

import app.diaphan.core.Sentence;
import app.diaphan.core.picture.PackedPng;
import app.diaphan.core.picture.RasterPicture;
import java.awt.image.BufferedImage;
import java.util.Base64;

/** A picture of pixels written into an SVG file, as a PNG of 8 bits with its alpha. */
final class SvgPicture {
  private SvgPicture() {}

  static String of(RasterPicture picture, String matrix) {
    return Sentence.of(
        "<image transform=\"%s\" width=\"%d\" height=\"%d\" preserveAspectRatio=\"none\" xlink:href=\"data:image/png;base64,%s\"/>\n",
        matrix,
        picture.width(),
        picture.height(),
        Base64.getEncoder().encodeToString(png(picture)));
  }

  private static byte[] png(RasterPicture picture) {
    BufferedImage image =
        new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_ARGB);
    for (int i = 0; i < picture.width() * picture.height(); i++) {
      float alpha = picture.value(4 * i + 3);
      int packed = Math.round(255 * alpha);
      for (int c = 0; c < 3; c++) {
        float straight = alpha > 0 ? Math.clamp(picture.value(4 * i + c) / alpha, 0f, 1f) : 0;
        packed = packed << 8 | Math.round(255 * straight);
      }
      image.setRGB(i % picture.width(), i / picture.width(), packed);
    }
    return PackedPng.of(image);
  }
}
