package app.diaphan.core.screening;

import app.diaphan.core.deliver.StoredSamples;
import java.awt.image.BufferedImage;

/**
 * A still as an editing program puts it over a clip: first the clip is darkened by the key, then
 * the light is added. In this form even a wrong reading of the alpha, whose colours are brighter
 * than their alpha allows, is shown as it would look. It holds only the part of the file that
 * changes anything, one clear pixel around it too, so that a series of small stills stays small.
 *
 * @param left where that part lies in the file, in pixels
 * @param key black, with the alpha that is taken from the clip
 * @param light opaque colours that are added
 */
public record ScreenedStill(int left, int top, BufferedImage key, BufferedImage light) {

  public static ScreenedStill of(StoredSamples still, AlphaReading reading) {
    int[] keys = new int[still.width() * still.height()];
    int[] lights = new int[keys.length];
    int left = still.width();
    int right = 0;
    int top = still.height();
    int bottom = 0;
    for (int i = 0; i < keys.length; i++) {
      int alpha = still.channels() == 4 && reading != AlphaReading.IGNORED ? still.at(i, 3) : 255;
      int rgb = 0;
      for (int c = 0; c < 3; c++) {
        int stored = still.at(i, still.channels() == 1 ? 0 : c);
        int added = reading == AlphaReading.STRAIGHT ? (stored * alpha + 127) / 255 : stored;
        rgb = rgb << 8 | added;
      }
      keys[i] = alpha << 24;
      lights[i] = rgb;
      if (alpha != 0 || rgb != 0) {
        left = Math.min(left, i % still.width());
        right = Math.max(right, i % still.width() + 1);
        top = Math.min(top, i / still.width());
        bottom = Math.max(bottom, i / still.width() + 1);
      }
    }
    if (right == 0) {
      left = 0;
      top = 0;
    }
    left = Math.max(0, left - 1);
    top = Math.max(0, top - 1);
    int width = Math.min(still.width(), right + 1) - left;
    int height = Math.min(still.height(), bottom + 1) - top;
    BufferedImage key = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    BufferedImage light = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    int at = top * still.width() + left;
    key.setRGB(0, 0, width, height, keys, at, still.width());
    light.setRGB(0, 0, width, height, lights, at, still.width());
    return new ScreenedStill(left, top, key, light);
  }

  /** The still over a plain grey. */
  public BufferedImage over(int grey) {
    BufferedImage seen =
        new BufferedImage(key.getWidth(), key.getHeight(), BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < key.getHeight(); y++) {
      for (int x = 0; x < key.getWidth(); x++) {
        int beneath = (grey * (255 - (key.getRGB(x, y) >>> 24)) + 127) / 255;
        int added = light.getRGB(x, y);
        int rgb = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
          rgb = rgb << 8 | Math.min(255, beneath + (added >> shift & 0xff));
        }
        seen.setRGB(x, y, rgb);
      }
    }
    return seen;
  }
}
