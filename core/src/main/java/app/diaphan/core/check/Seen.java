package app.diaphan.core.check;

import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Rendering;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;

/**
 * A part of the frame as it is seen over a still.
 *
 * @param rgb a value for each pixel of the part, row by row, as {@code 0xrrggbb}
 */
record Seen(Bounds bounds, int[] rgb) {

  /**
   * @param part within the canvas
   */
  static Seen of(Rendering rendering, Bounds part, Still still) {
    Canvas canvas = rendering.canvas();
    PictureSampler sampler = still.on(canvas);
    int[] rgb = new int[part.width() * part.height()];
    float[] row = new float[4 * canvas.width()];
    float[] behind = new float[4];
    for (int y = part.top(); y < part.bottom(); y++) {
      rendering.rows(y, y + 1, row);
      for (int x = part.left(); x < part.right(); x++) {
        sampler.sample(x, y, behind, 0);
        float rest = 1 - row[4 * x + 3];
        int pixel = 0;
        for (int channel = 0; channel < 3; channel++) {
          float value = row[4 * x + channel] + behind[channel] * rest;
          pixel = pixel << 8 | Math.clamp(Math.round(255 * value), 0, 255);
        }
        rgb[(y - part.top()) * part.width() + x - part.left()] = pixel;
      }
    }
    return new Seen(part, rgb);
  }

  /** As {@code 0xrrggbb}; black outside, as what is round a screen. */
  private int at(Point2D pixel) {
    int x = (int) Math.floor(pixel.getX()) - bounds.left();
    int y = (int) Math.floor(pixel.getY()) - bounds.top();
    boolean outside = x < 0 || y < 0 || x >= bounds.width() || y >= bounds.height();
    return outside ? 0 : rgb[y * bounds.width() + x];
  }

  /**
   * How light the middle of a square of a grid is, 0–1 by the weights of Rec. 709.
   *
   * @param grid from squares to pixels of the frame
   */
  double lightness(AffineTransform grid, int column, int row) {
    int pixel = at(grid.transform(new Point2D.Double(column + 0.5, row + 0.5), null));
    return (0.2126 * (pixel >> 16) + 0.7152 * (pixel >> 8 & 0xff) + 0.0722 * (pixel & 0xff)) / 255;
  }

  /**
   * A square of a grid's squares as a camera sees it that is held upright and near enough, row by
   * row.
   *
   * @param grid from squares to pixels of the frame
   * @param first column and row
   * @param count of columns and rows
   * @param each how many pixels wide and high each square becomes
   */
  int[] upright(AffineTransform grid, int first, int count, int each) {
    int side = count * each;
    int[] pixels = new int[side * side];
    Point2D.Double place = new Point2D.Double();
    for (int y = 0; y < side; y++) {
      for (int x = 0; x < side; x++) {
        place.setLocation(first + (x + 0.5) / each, first + (y + 0.5) / each);
        pixels[y * side + x] = at(grid.transform(place, null));
      }
    }
    return pixels;
  }
}
