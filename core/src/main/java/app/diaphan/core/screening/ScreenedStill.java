package app.diaphan.core.screening;

import app.diaphan.core.deliver.StoredSamples;
import java.awt.image.BufferedImage;

/**
 * A still as an editing program puts it over a clip: first the clip is darkened by the key, then
 * the light is added. In this form even a wrong reading of the alpha, whose colours are brighter
 * than their alpha allows, is shown as it would look.
 *
 * @param key black, with the alpha that is taken from the clip
 * @param light opaque colours that are added
 */
public record ScreenedStill(BufferedImage key, BufferedImage light) {

  public static ScreenedStill of(StoredSamples still, AlphaReading reading) {
    BufferedImage key =
        new BufferedImage(still.width(), still.height(), BufferedImage.TYPE_INT_ARGB);
    BufferedImage light =
        new BufferedImage(still.width(), still.height(), BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < still.width() * still.height(); i++) {
      int alpha = still.channels() == 4 && reading != AlphaReading.IGNORED ? still.at(i, 3) : 255;
      int rgb = 0;
      for (int c = 0; c < 3; c++) {
        int stored = still.at(i, still.channels() == 1 ? 0 : c);
        int added = reading == AlphaReading.STRAIGHT ? (stored * alpha + 127) / 255 : stored;
        rgb = rgb << 8 | added;
      }
      key.setRGB(i % still.width(), i / still.width(), alpha << 24);
      light.setRGB(i % still.width(), i / still.width(), rgb);
    }
    return new ScreenedStill(key, light);
  }
}
