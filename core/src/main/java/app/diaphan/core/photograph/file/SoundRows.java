package app.diaphan.core.photograph.file;

import app.diaphan.core.InvalidInput;
import java.io.IOException;

/** Rows of decoders that were not made for damaged files, with one way of failing. */
final class SoundRows implements RowSource {
  private final RowSource source;

  SoundRows(RowSource source) {
    this.source = source;
  }

  static InvalidInput damaged(Exception cause) {
    return cause instanceof InvalidInput known
        ? known
        : new InvalidInput(
            "The photograph is damaged or cut short and was left out; get it once more from where it came.",
            cause);
  }

  @Override
  public RowShape shape() {
    return source.shape();
  }

  @Override
  public void next(int[] row) {
    try {
      source.next(row);
    } catch (IOException | RuntimeException e) {
      throw damaged(e);
    }
  }

  @Override
  public void close() {
    try {
      source.close();
    } catch (IOException e) {
      // It was only read.
    }
  }
}
