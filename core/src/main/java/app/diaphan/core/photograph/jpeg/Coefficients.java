package app.diaphan.core.photograph.jpeg;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.ShortBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * The quantized coefficients of a colour, block by block and row by row, each block in zigzag order
 * (ITU-T T.81, A.3.6). Many of them lie in a file of their own instead of the heap: those of a
 * hundred megapixels would take more than there is.
 */
public final class Coefficients {
  /** Coefficients of a block. */
  public static final int OF_BLOCK = 64;

  /** So many bytes of a colour's coefficients at most are kept on the heap. */
  private static final long MOST_ON_HEAP = 24L << 20;

  private final int columns;
  private final ShortBuffer values;
  private int firstChanged = Integer.MAX_VALUE;
  private int lastChanged = -1;

  private Coefficients(int columns, ShortBuffer values) {
    this.columns = columns;
    this.values = values;
  }

  /**
   * @throws IOException if there is no room for them
   */
  static Coefficients of(JpegFrame.Component component) throws IOException {
    long bytes = component.blocks() * OF_BLOCK * Short.BYTES;
    ShortBuffer values =
        bytes <= MOST_ON_HEAP
            ? ShortBuffer.allocate((int) bytes / Short.BYTES)
            : mapped(bytes).order(ByteOrder.nativeOrder()).asShortBuffer();
    return new Coefficients(component.allColumns(), values);
  }

  /** The file is gone from its folder at once, and its room is free when nobody needs it. */
  private static ByteBuffer mapped(long bytes) throws IOException {
    Path file = Files.createTempFile("diaphan-photograph", ".blocks");
    try (FileChannel channel =
        FileChannel.open(
            file,
            StandardOpenOption.READ,
            StandardOpenOption.WRITE,
            StandardOpenOption.DELETE_ON_CLOSE)) {
      return channel.map(FileChannel.MapMode.READ_WRITE, 0, bytes);
    }
  }

  private int place(int column, int row) {
    return (row * columns + column) * OF_BLOCK;
  }

  /** Writes a block's coefficients into an array of 64. */
  public void block(int column, int row, short[] to) {
    values.get(place(column, row), to, 0, OF_BLOCK);
  }

  /** As it was read. */
  void take(int column, int row, short[] from) {
    values.put(place(column, row), from, 0, OF_BLOCK);
  }

  /** Changes a block. */
  public void put(int column, int row, short[] from) {
    take(column, row, from);
    firstChanged = Math.min(firstChanged, row);
    lastChanged = Math.max(lastChanged, row);
  }

  /** The first row of blocks that was changed since it was read; more than there are for none. */
  int firstChanged() {
    return firstChanged;
  }

  /** The last; -1 for none. */
  int lastChanged() {
    return lastChanged;
  }
}
