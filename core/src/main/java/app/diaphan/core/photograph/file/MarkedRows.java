package app.diaphan.core.photograph.file;

import app.diaphan.core.raster.Bounds;
import java.io.IOException;

/** Rows of a photograph with a mark over them. */
final class MarkedRows implements RowSource {
  private static final int RGBA = 4;

  private final RowSource source;
  private final Bounds bounds;
  private final float[] mark;
  private int y;

  /**
   * @param mark premultiplied, in the photograph's own colours
   */
  MarkedRows(RowSource source, Bounds bounds, float[] mark) {
    this.source = source;
    this.bounds = bounds;
    this.mark = mark;
  }

  @Override
  public RowShape shape() {
    return source.shape();
  }

  @Override
  public void next(int[] row) throws IOException {
    source.next(row);
    if (y >= bounds.top() && y < bounds.bottom()) {
      for (int x = bounds.left(); x < bounds.right(); x++) {
        int from = RGBA * ((y - bounds.top()) * bounds.width() + x - bounds.left());
        if (mark[from + RGBA - 1] > 0) {
          lay(from, row, x * channels());
        }
      }
    }
    y++;
  }

  /** One pixel over the other; both colours weigh by how solid they are in the end. */
  private void lay(int from, int[] row, int at) {
    float alpha = mark[from + RGBA - 1];
    int colours = alpha() ? channels() - 1 : channels();
    float under = alpha() ? row[at + colours] / (float) most() : 1;
    float whole = alpha + under * (1 - alpha);
    for (int c = 0; c < colours; c++) {
      float sum = mark[from + c] * most() + row[at + c] * under * (1 - alpha);
      row[at + c] = Math.clamp(Math.round(sum / whole), 0, most());
    }
    if (alpha()) {
      row[at + colours] = Math.round(whole * most());
    }
  }

  @Override
  public void close() throws IOException {
    source.close();
  }
}
