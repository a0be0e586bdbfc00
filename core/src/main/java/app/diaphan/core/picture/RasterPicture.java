package app.diaphan.core.picture;

import java.util.ArrayList;
import java.util.List;

/**
 * A decoded picture: premultiplied red, green, blue and alpha as floats 0–1, row by row.
 *
 * <p>The array is shared, not copied; it is only read once the picture exists. Two pictures are
 * equal only if they are the same one.
 */
public final class RasterPicture implements Picture {
  private final int width;
  private final int height;
  private final float[] pixels;
  private final boolean alpha;
  private volatile List<RasterPicture> halves;

  /**
   * @param pixels 4 × width × height values
   * @param alpha whether any pixel may be less than solid
   */
  public RasterPicture(int width, int height, float[] pixels, boolean alpha) {
    if (pixels.length != 4 * width * height) {
      throw new IllegalArgumentException("A picture has four values a pixel.");
    }
    this.width = width;
    this.height = height;
    this.pixels = pixels;
    this.alpha = alpha;
  }

  @Override
  public int width() {
    return width;
  }

  @Override
  public int height() {
    return height;
  }

  public float[] pixels() {
    return pixels;
  }

  @Override
  public boolean hasAlpha() {
    return alpha;
  }

  /** This picture and its halvings, down to one pixel: each the mean of 2 × 2 of the one before. */
  public List<RasterPicture> halvings() {
    List<RasterPicture> known = halves;
    if (known == null) {
      List<RasterPicture> made = new ArrayList<>();
      made.add(this);
      while (made.getLast().width > 1 || made.getLast().height > 1) {
        made.add(made.getLast().halved());
      }
      halves = known = List.copyOf(made);
    }
    return known;
  }

  private RasterPicture halved() {
    int w = (width + 1) / 2;
    int h = (height + 1) / 2;
    float[] half = new float[4 * w * h];
    for (int y = 0; y < h; y++) {
      int y0 = 2 * y;
      int y1 = Math.min(height - 1, y0 + 1);
      for (int x = 0; x < w; x++) {
        int x0 = 2 * x;
        int x1 = Math.min(width - 1, x0 + 1);
        for (int c = 0; c < 4; c++) {
          half[4 * (y * w + x) + c] =
              (value(x0, y0, c) + value(x1, y0, c) + value(x0, y1, c) + value(x1, y1, c)) / 4;
        }
      }
    }
    return new RasterPicture(w, h, half, alpha);
  }

  private float value(int x, int y, int channel) {
    return pixels[4 * (y * width + x) + channel];
  }
}
