package app.diaphan.core.photograph.file;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.raster.Bounds;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** A photograph that is read a row at a time, anew for each purpose, so that it may be large. */
abstract non-sealed class RowPhotograph extends Photograph {
  RowPhotograph(PhotographFacts facts) {
    super(facts);
  }

  /** Begins to decode. */
  abstract RowSource decoded() throws IOException;

  /**
   * @throws InvalidInput if it cannot be decoded; then and later, if a row cannot be
   */
  @Override
  final SoundRows rows() {
    try {
      return new SoundRows(decoded());
    } catch (IOException | RuntimeException e) {
      throw SoundRows.damaged(e);
    }
  }

  @Override
  public List<float[]> parts(List<Bounds> parts) {
    List<float[]> found = new ArrayList<>();
    for (Bounds part : parts) {
      found.add(new float[3 * part.width() * part.height()]);
    }
    int last = parts.stream().mapToInt(Bounds::bottom).max().orElse(0);
    try (SoundRows rows = rows()) {
      int[] row = new int[rows.width() * rows.channels()];
      for (int y = 0; y < last; y++) {
        rows.next(row);
        for (int i = 0; i < parts.size(); i++) {
          Bounds part = parts.get(i);
          if (y >= part.top() && y < part.bottom()) {
            float[] seen = Seen.pixels(rows, row, part.left(), part.right(), colours());
            System.arraycopy(
                seen, 0, found.get(i), 3 * (y - part.top()) * part.width(), seen.length);
          }
        }
      }
    }
    return found;
  }

  @Override
  public BufferedImage small(int longest) {
    Reduction reduction = new Reduction(width(), height(), longest);
    try (SoundRows rows = rows()) {
      int[] row = new int[rows.width() * rows.channels()];
      for (int y = 0; y < rows.height(); y++) {
        rows.next(row);
        reduction.row(Seen.straight(rows, row, 0, rows.width(), colours()));
      }
    }
    return reduction.picture(colours());
  }
}
