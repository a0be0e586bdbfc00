package app.diaphan.core.photograph;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.picture.Orientation;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;

/**
 * What an overlay draws, without its frame, at the size at which it is put on a photograph.
 *
 * @param pixels premultiplied red, green, blue and alpha, 0–1, row by row
 */
public record MarkPicture(int width, int height, float[] pixels) {
  /**
   * Draws it anew at the size, so that it is as sharp as can be.
   *
   * @param longerSide of what it draws, in pixels
   * @throws InvalidInput if it draws nothing, or cannot be drawn as large
   */
  public static MarkPicture of(Renderer renderer, Overlay overlay, double longerSide) {
    Bounds own = renderer.render(overlay, Canvas.of(overlay.frame())).drawn();
    if (own.empty()) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" draws nothing, so there is no mark to put on photographs. Show a piece of it.",
              overlay.name()));
    }
    double scale = longerSide / Math.max(own.width(), own.height());
    if (scale > Canvas.MOST_SCALE) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" would be drawn more than %.0f times as large as it is; make the mark smaller.",
              overlay.name(), Canvas.MOST_SCALE));
    }
    Rendering drawn =
        renderer.render(
            overlay, Canvas.scaled(overlay.frame(), Math.max(Canvas.LEAST_SCALE, scale)));
    Bounds part = drawn.drawn();
    if (part.empty()) {
      throw new InvalidInput(
          Sentence.of("\"%s\" is too small to be seen; make the mark larger.", overlay.name()));
    }
    return new MarkPicture(
        part.width(),
        part.height(),
        drawn.rows(part.top(), part.bottom(), part.left(), part.right()));
  }

  /**
   * @param opacity 0–1
   */
  public MarkPicture thinned(double opacity) {
    float[] thin = new float[pixels.length];
    for (int i = 0; i < thin.length; i++) {
      thin[i] = (float) (pixels[i] * opacity);
    }
    return new MarkPicture(width, height, thin);
  }

  /** As it has to lie on a photograph that is stored in another orientation. */
  public MarkPicture stored(Orientation orientation) {
    int across = orientation.sideways() ? height : width;
    int down = orientation.sideways() ? width : height;
    float[] turned = new float[pixels.length];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int to =
            orientation.storedY(x, y, width, height) * across
                + orientation.storedX(x, y, width, height);
        System.arraycopy(pixels, 4 * (y * width + x), turned, 4 * to, 4);
      }
    }
    return new MarkPicture(across, down, turned);
  }
}
