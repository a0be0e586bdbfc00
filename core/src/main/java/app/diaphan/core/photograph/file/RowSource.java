package app.diaphan.core.photograph.file;

import java.io.IOException;

/** The pixels of a photograph as they are stored, a row at a time from the top. */
interface RowSource extends AutoCloseable {
  RowShape shape();

  default int width() {
    return shape().width();
  }

  default int height() {
    return shape().height();
  }

  /** 1 for grey, 3 for colours, and one more for alpha. */
  default int channels() {
    return shape().channels();
  }

  /** 8 or 16 a channel. */
  default int bits() {
    return shape().bits();
  }

  /** Whether the last channel is alpha; colours are straight. */
  default boolean alpha() {
    return channels() % 2 == 0;
  }

  /** The sample that stands for 1. */
  default int most() {
    return (1 << bits()) - 1;
  }

  /**
   * Reads the next row.
   *
   * @param row takes the samples of its pixels one after the other
   */
  void next(int[] row) throws IOException;

  @Override
  void close() throws IOException;
}
