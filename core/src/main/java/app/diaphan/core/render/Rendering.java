package app.diaphan.core.render;

import app.diaphan.core.raster.Bands;
import app.diaphan.core.raster.Bounds;
import java.util.Arrays;
import java.util.List;

/**
 * A drawn overlay. Its pixels are put together when they are asked for, row by row, so that even
 * the largest frame never lies in memory as a whole.
 */
public final class Rendering {
  private final Canvas canvas;
  private final List<PlacedPiece> placed;
  private final List<Painted> backToFront;
  private final List<DrawingTrouble> troubles;
  private final Bounds drawn;

  /** All pixels, for one that was put together; empty for the others. */
  private final float[] together;

  Rendering(
      Canvas canvas,
      List<PlacedPiece> placed,
      List<? extends Painted> backToFront,
      List<DrawingTrouble> troubles) {
    this.canvas = canvas;
    this.placed = List.copyOf(placed);
    this.backToFront = List.copyOf(backToFront);
    this.troubles = List.copyOf(troubles);
    Bounds all = Bounds.EMPTY;
    for (Painted piece : backToFront) {
      all = all.and(piece.inked());
    }
    drawn = all.within(canvas.bounds());
    together = new float[0];
  }

  private Rendering(Rendering of, float[] together) {
    canvas = of.canvas;
    placed = of.placed;
    backToFront = of.backToFront;
    troubles = of.troubles;
    drawn = of.drawn;
    this.together = together;
  }

  /**
   * The same with its pixels put together once and kept, for whoever reads its rows more than once;
   * for frames of moderate size.
   */
  public Rendering together() {
    return new Rendering(this, pixels());
  }

  public Canvas canvas() {
    return canvas;
  }

  /** The pieces from front to back, those not shown too; groups hold their own. */
  public List<PlacedPiece> placed() {
    return placed;
  }

  public List<DrawingTrouble> troubles() {
    return troubles;
  }

  /** Bounds outside which every pixel is clear. */
  public Bounds drawn() {
    return drawn;
  }

  /**
   * Writes the rows from {@code top} to before {@code bottom}: premultiplied red, green, blue,
   * alpha, 0–1, {@code 4 * canvas.width()} values a row from the start of the array.
   */
  public void rows(int top, int bottom, float[] rgba) {
    Arrays.fill(rgba, 0, 4 * canvas.width() * (bottom - top), 0);
    compose(top, bottom, rgba, 0, canvas.width());
  }

  /**
   * The same for some columns only.
   *
   * @param left no column to the left of it is {@link #drawn}
   * @param right the first column after; none from it on is drawn
   * @return {@code 4 * (right - left)} values a row
   */
  public float[] rows(int top, int bottom, int left, int right) {
    int width = right - left;
    float[] rgba = new float[4 * width * (bottom - top)];
    compose(top, bottom, rgba, -4 * left, width);
    return rgba;
  }

  /** All pixels at once; for frames of moderate size. */
  public float[] pixels() {
    int stride = 4 * canvas.width();
    float[] all = new float[stride * canvas.height()];
    Bands.over(
        drawn.top(),
        drawn.bottom(),
        canvas.width(),
        (top, bottom) -> compose(top, bottom, all, stride * top, canvas.width()));
    return all;
  }

  /**
   * Puts the rows together over clear pixels.
   *
   * @param start where column 0 of the first row would be
   * @param width pixels from one row of the array to the next
   */
  private void compose(int top, int bottom, float[] rgba, int start, int width) {
    if (together.length > 0) {
      copy(top, bottom, rgba, start, width);
      return;
    }
    RowCompositor compositor = new RowCompositor(drawn.right());
    PixelRow row = PixelRow.over(rgba, drawn.right());
    for (int y = Math.max(top, drawn.top()); y < Math.min(bottom, drawn.bottom()); y++) {
      row.at(y, start + 4 * width * (y - top));
      for (Painted piece : backToFront) {
        compositor.add(piece, row);
      }
    }
  }

  private void copy(int top, int bottom, float[] rgba, int start, int width) {
    int left = 4 * drawn.left();
    int values = 4 * drawn.width();
    for (int y = Math.max(top, drawn.top()); y < Math.min(bottom, drawn.bottom()); y++) {
      int from = 4 * canvas.width() * y + left;
      System.arraycopy(together, from, rgba, start + 4 * width * (y - top) + left, values);
    }
  }
}
