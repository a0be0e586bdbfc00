package app.diaphan.core.photograph.file;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.raster.Bounds;
import java.io.IOException;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Single pixels, beside what is worked out by hand. */
class MarkedRowsTest {
  /** One row of given samples. */
  private record OneRow(RowShape shape, int... samples) implements RowSource {
    @Override
    public void next(int[] row) {
      System.arraycopy(samples, 0, row, 0, samples.length);
    }

    @Override
    public void close() {
      // It holds nothing.
    }
  }

  private static int[] marked(RowSource rows, float... mark) throws IOException {
    int[] row = new int[rows.width() * rows.channels()];
    try (RowSource marked = new MarkedRows(rows, new Bounds(0, 0, 1, 1), mark)) {
      marked.next(row);
    }
    return row;
  }

  @Test
  void aMarkIsMixedWithWhatIsSolid() throws IOException {
    RowSource rows = new OneRow(new RowShape(1, 1, 3, 8), 100, 200, 0);
    assertArrayEquals(new int[] {178, 100, 0}, marked(rows, 0.5f, 0, 0, 0.5f));
  }

  /** α = 0.5 + 0.4 × 0.5 = 0.7; red (0.5 × 255 + 100 × 0.2) / 0.7. */
  @Test
  void overWhatIsHalfClearBothWeighByHowSolidTheyAre() throws IOException {
    RowSource rows = new OneRow(new RowShape(1, 1, 4, 8), 100, 200, 0, 102);
    assertArrayEquals(new int[] {211, 57, 0, 179}, marked(rows, 0.5f, 0, 0, 0.5f));
  }

  @Test
  void overWhatIsClearTheMarkAloneIsSeen() throws IOException {
    RowSource rows = new OneRow(new RowShape(1, 1, 2, 16), 9000, 0);
    assertArrayEquals(new int[] {65535, 16384}, marked(rows, 0.25f, 0.25f, 0.25f, 0.25f));
  }

  @Test
  void whatIsClearIsSeenAsWhite() {
    RowSource rows = new OneRow(new RowShape(2, 1, 4, 8), 10, 20, 30, 0, 0, 0, 0, 51);
    float[] seen =
        Seen.straight(
            rows,
            new int[] {10, 20, 30, 0, 0, 0, 0, 51},
            0,
            2,
            new OwnColours(Optional.empty(), false));
    assertArrayEquals(new float[] {1, 1, 1, 0.8f, 0.8f, 0.8f}, seen, 1e-6f);
    assertEquals(255, rows.most());
  }
}
