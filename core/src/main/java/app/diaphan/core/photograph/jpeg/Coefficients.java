package app.diaphan.core.photograph.jpeg;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.ShortBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Arrays;
import java.util.Optional;

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
  private final long bytes;

  /** All of them, once some were taken. */
  private Optional<ShortBuffer> values = Optional.empty();

  /** Those of a scan that is decoded when they are asked for. */
  private Optional<Coded> coded = Optional.empty();

  private int firstChanged = Integer.MAX_VALUE;
  private int lastChanged = -1;

  private record Coded(CodedUnits units, int part) {}

  private Coefficients(int columns, long bytes) {
    this.columns = columns;
    this.bytes = bytes;
  }

  static Coefficients of(JpegFrame.Component component) {
    return new Coefficients(component.allColumns(), component.blocks() * OF_BLOCK * Short.BYTES);
  }

  /**
   * Makes room for all of them, where there is none yet.
   *
   * @throws IOException if there is none
   */
  void keepAll() throws IOException {
    if (values.isEmpty()) {
      values =
          Optional.of(
              bytes <= MOST_ON_HEAP
                  ? ShortBuffer.allocate((int) bytes / Short.BYTES)
                  : mapped(bytes).order(ByteOrder.nativeOrder()).asShortBuffer());
    }
  }

  /** From now on they are those of a scan's part. */
  void readFrom(CodedUnits units, int part) {
    coded = Optional.of(new Coded(units, part));
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
    if (coded.isPresent()) {
      coded.get().units().block(coded.get().part(), column, row, to);
    } else if (values.isPresent()) {
      values.get().get(place(column, row), to, 0, OF_BLOCK);
    } else {
      Arrays.fill(to, (short) 0); // No scan has any of them.
    }
  }

  /** The first of a block, which tells its mean. */
  short first(int column, int row) {
    if (coded.isPresent()) {
      return coded.get().units().first(coded.get().part(), column, row);
    }
    return values.isPresent() ? values.get().get(place(column, row)) : 0;
  }

  /** As it was read; there has to be room for all. */
  void take(int column, int row, short[] from) {
    values.orElseThrow().put(place(column, row), from, 0, OF_BLOCK);
  }

  /** Changes a block. */
  public void put(int column, int row, short[] from) {
    if (coded.isPresent()) {
      coded.get().units().put(coded.get().part(), column, row, from);
    } else {
      take(column, row, from);
    }
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
