package app.diaphan.core.photograph;

import app.diaphan.core.photograph.file.Photograph;
import app.diaphan.core.picture.Orientation;
import app.diaphan.core.raster.Bounds;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;

/** A photograph as it is looked at, whichever way it is stored. */
public final class Upright {
  private static final int RGB = 3;

  private final Photograph photograph;
  private final Orientation orientation;

  public Upright(Photograph photograph) {
    this.photograph = photograph;
    orientation = photograph.metadata().orientation();
  }

  public Photograph photograph() {
    return photograph;
  }

  public Orientation orientation() {
    return orientation;
  }

  /** In pixels. */
  public int width() {
    return orientation.sideways() ? photograph.height() : photograph.width();
  }

  public int height() {
    return orientation.sideways() ? photograph.width() : photograph.height();
  }

  public Bounds bounds() {
    return new Bounds(0, 0, width(), height());
  }

  /** Where a part is stored. */
  public Bounds stored(Bounds part) {
    int x1 = orientation.storedX(part.left(), part.top(), width(), height());
    int y1 = orientation.storedY(part.left(), part.top(), width(), height());
    int x2 = orientation.storedX(part.right() - 1, part.bottom() - 1, width(), height());
    int y2 = orientation.storedY(part.right() - 1, part.bottom() - 1, width(), height());
    return new Bounds(
        Math.min(x1, x2), Math.min(y1, y2), Math.max(x1, x2) + 1, Math.max(y1, y2) + 1);
  }

  /**
   * @return red, green and blue of sRGB, 0–1, of each part
   */
  public List<float[]> parts(List<Bounds> parts) {
    List<float[]> stored = photograph.parts(parts.stream().map(this::stored).toList());
    List<float[]> upright = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      upright.add(turned(stored.get(i), parts.get(i).width(), parts.get(i).height()));
    }
    return upright;
  }

  /**
   * The whole in sRGB.
   *
   * @param longest side at most, in pixels
   */
  public BufferedImage small(int longest) {
    BufferedImage stored = photograph.small(longest);
    if (orientation == Orientation.UPRIGHT) {
      return stored;
    }
    int width = orientation.sideways() ? stored.getHeight() : stored.getWidth();
    int height = orientation.sideways() ? stored.getWidth() : stored.getHeight();
    BufferedImage upright = new BufferedImage(width, height, stored.getType());
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        upright.setRGB(
            x,
            y,
            stored.getRGB(
                orientation.storedX(x, y, width, height),
                orientation.storedY(x, y, width, height)));
      }
    }
    return upright;
  }

  private float[] turned(float[] stored, int width, int height) {
    if (orientation == Orientation.UPRIGHT) {
      return stored;
    }
    int across = orientation.sideways() ? height : width;
    float[] turned = new float[stored.length];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int from =
            orientation.storedY(x, y, width, height) * across
                + orientation.storedX(x, y, width, height);
        System.arraycopy(stored, RGB * from, turned, RGB * (y * width + x), RGB);
      }
    }
    return turned;
  }
}
