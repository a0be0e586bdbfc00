package app.diaphan.core.picture;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;

/**
 * Where a picture of an animation lies on the canvas that all of them share.
 *
 * @param width of the canvas in px
 * @param height of the canvas in px
 * @param left of the picture on it
 * @param top of the picture on it
 */
record CanvasPlace(int width, int height, int left, int top) {
  boolean filledBy(BufferedImage image) {
    return left == 0 && top == 0 && image.getWidth() == width && image.getHeight() == height;
  }

  /** The whole canvas, clear where the picture does not reach. */
  BufferedImage with(BufferedImage image) {
    if (filledBy(image)) {
      return image;
    }
    BufferedImage canvas = new BufferedImage(width, height, BufferedImage.TYPE_4BYTE_ABGR);
    Graphics2D graphics = canvas.createGraphics();
    graphics.drawImage(image, left, top, null);
    graphics.dispose();
    return canvas;
  }
}
