package app.diaphan.core.deliver;

import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.file.FilePart;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Rendering;

/**
 * The edge that is farthest off when an editor halves a file of straight colours, mixing colours
 * and alphas apart.
 *
 * @param off how far, in 255ths and over any backdrop
 * @param x of one of its pixels, from the frame's left
 * @param y of the same, from the frame's top
 */
public record HalvedEdges(double off, int x, int y) {
  /** An eye sees no seam below this, in 255ths. */
  static final double CLEAN = 3;

  private static final int ROWS_AT_ONCE = 64;

  /**
   * @param kind of a file of straight colours
   */
  public static HalvedEdges of(Rendering rendering, FileKind kind) {
    Bounds frame = rendering.canvas().bounds();
    SampleRows samples = SampleRows.of(rendering, frame, kind, FilePart.COLOUR_AND_ALPHA);
    Fringe fringe = new Fringe(frame.width(), samples.depth() == BitDepth.EIGHT ? 1 : 2);
    byte[] rows = new byte[ROWS_AT_ONCE * samples.bytesPerRow()];
    for (int top = 0; top < frame.height(); top += ROWS_AT_ONCE) {
      int bottom = Math.min(frame.height(), top + ROWS_AT_ONCE);
      samples.rows(top, bottom, rows);
      boolean clear = samples.clear(top, bottom);
      for (int y = top; y < bottom; y++) {
        fringe.row(y, rows, (y - top) * samples.bytesPerRow(), clear);
      }
    }
    return fringe.worst();
  }

  /** Whether nobody will see it. */
  public boolean clean() {
    return off <= CLEAN;
  }
}
