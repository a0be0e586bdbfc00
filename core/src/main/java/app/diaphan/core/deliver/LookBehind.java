package app.diaphan.core.deliver;

import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Executor;

/** Looks at decoded rows on a second thread, in their order, while the first decodes the next. */
final class LookBehind {
  private static final int ROWS_AT_ONCE = 64;

  private final Executor looking;
  private final int stride;
  private final FileInspector.RowVisitor visitor;
  private byte[] batch;
  private int first;
  private int rows;
  private CompletableFuture<Void> looked = CompletableFuture.completedFuture(null);

  /**
   * @param looking where rows are looked at; one that runs at once makes it one thread
   * @param stride bytes in a row
   */
  LookBehind(Executor looking, int stride, FileInspector.RowVisitor visitor) {
    this.looking = looking;
    this.stride = stride;
    this.visitor = visitor;
    batch = new byte[ROWS_AT_ONCE * stride];
  }

  /** Takes a copy of row {@code y}, which follows the one taken before. */
  void row(int y, byte[] samples) {
    if (rows == 0) {
      first = y;
    }
    System.arraycopy(samples, 0, batch, rows * stride, stride);
    rows++;
    if (rows == ROWS_AT_ONCE) {
      handOver();
    }
  }

  /**
   * Waits until every row was looked at.
   *
   * @throws RuntimeException the visitor's, as it was thrown
   */
  void finish() {
    handOver();
    waitFor(looked);
  }

  private void handOver() {
    // At most one batch waits, so that memory does not grow with the file.
    waitFor(looked);
    byte[] full = batch;
    int from = first;
    int count = rows;
    looked =
        CompletableFuture.runAsync(
            () -> {
              for (int i = 0; i < count; i++) {
                visitor.row(from + i, full, i * stride, stride);
              }
            },
            looking);
    batch = new byte[ROWS_AT_ONCE * stride];
    rows = 0;
  }

  private static void waitFor(CompletableFuture<Void> looked) {
    try {
      looked.join();
    } catch (CompletionException e) {
      if (e.getCause() instanceof RuntimeException visitors) {
        throw visitors;
      }
      throw e;
    }
  }
}
