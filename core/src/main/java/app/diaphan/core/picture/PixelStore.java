package app.diaphan.core.picture;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.function.IntUnaryOperator;

/**
 * The samples of a picture with no more bytes than they need: four in a row for each pixel, red,
 * green, blue and alpha. Photographs take a quarter of what floats would; those of a big picture
 * lie in a file, of which the rows are read that a drawing needs.
 */
sealed interface PixelStore {
  int BYTE_MOST = 255;
  int SHORT_MOST = 65535;

  /** What takes more than this lies in a file. */
  long MOST_HEAP_BYTES = 64L << 20;

  /** Whether so many samples are too much for the memory. */
  static boolean liesInFile(long length, int bytesPerSample) {
    return length * bytesPerSample > MOST_HEAP_BYTES;
  }

  int length();

  int bytesPerSample();

  /** The sample at a place, premultiplied, 0–1. */
  float premultiplied(int at);

  /** Copies a pixel to one of a part in memory with samples of the same kind. */
  void copyPixel(int from, Part to, int at);

  /** What is held in memory, and can be written to while it is made. */
  sealed interface Part extends PixelStore {
    /**
     * @param value straight, 0–1
     * @param alpha of its pixel
     */
    void set(int at, float value, float alpha);

    Object array();

    /** All of it, in the byte order of this machine. */
    ByteBuffer bytes();

    @Override
    default void copyPixel(int from, Part to, int at) {
      System.arraycopy(array(), 4 * from, to.array(), 4 * at, 4);
    }
  }

  /** Premultiplied, 0–1. */
  record Floats(float[] samples) implements Part {
    @Override
    public int length() {
      return samples.length;
    }

    @Override
    public int bytesPerSample() {
      return Float.BYTES;
    }

    @Override
    public float premultiplied(int at) {
      return samples[at];
    }

    @Override
    public void set(int at, float value, float alpha) {
      samples[at] = isAlpha(at) ? value : value * alpha;
    }

    @Override
    public Object array() {
      return samples;
    }

    @Override
    public ByteBuffer bytes() {
      throw new UnsupportedOperationException("In files samples have 16 bits at most.");
    }
  }

  /** Straight, 8 bits. */
  record Bytes(byte[] samples) implements Part {
    @Override
    public int length() {
      return samples.length;
    }

    @Override
    public int bytesPerSample() {
      return Byte.BYTES;
    }

    @Override
    public float premultiplied(int at) {
      return share(at, samples[at] & BYTE_MOST, samples[at | 3] & BYTE_MOST, BYTE_MOST);
    }

    @Override
    public void set(int at, float value, float alpha) {
      samples[at] = (byte) Math.round(value * BYTE_MOST);
    }

    @Override
    public Object array() {
      return samples;
    }

    @Override
    public ByteBuffer bytes() {
      return ByteBuffer.wrap(samples);
    }
  }

  /** Straight, 16 bits. */
  record Shorts(short[] samples) implements Part {
    @Override
    public int length() {
      return samples.length;
    }

    @Override
    public int bytesPerSample() {
      return Short.BYTES;
    }

    @Override
    public float premultiplied(int at) {
      return share(at, samples[at] & SHORT_MOST, samples[at | 3] & SHORT_MOST, SHORT_MOST);
    }

    @Override
    public void set(int at, float value, float alpha) {
      samples[at] = (short) Math.round(value * SHORT_MOST);
    }

    @Override
    public Object array() {
      return samples;
    }

    @Override
    public ByteBuffer bytes() {
      ByteBuffer bytes = ByteBuffer.allocate(Short.BYTES * samples.length);
      bytes.order(ByteOrder.nativeOrder()).asShortBuffer().put(samples);
      return bytes;
    }
  }

  /**
   * Straight, in a file.
   *
   * @param samples in the byte order of this machine
   * @param bytesPerSample 1 or 2
   */
  record Filed(ByteBuffer samples, int bytesPerSample) implements PixelStore {
    @Override
    public int length() {
      return samples.limit() / bytesPerSample;
    }

    int most() {
      return bytesPerSample == Byte.BYTES ? BYTE_MOST : SHORT_MOST;
    }

    /** As a whole number. */
    int sample(int at) {
      return bytesPerSample == Byte.BYTES
          ? samples.get(at) & BYTE_MOST
          : samples.getShort(Short.BYTES * at) & SHORT_MOST;
    }

    @Override
    public float premultiplied(int at) {
      return share(at, sample(at), sample(at | 3), most());
    }

    @Override
    public void copyPixel(int from, Part to, int at) {
      for (int c = 0; c < 4; c++) {
        int sample = sample(4 * from + c);
        switch (to) {
          case Bytes(byte[] target) -> target[4 * at + c] = (byte) sample;
          case Shorts(short[] target) -> target[4 * at + c] = (short) sample;
          case Floats floats ->
              throw new IllegalArgumentException("Its samples are of another kind.");
        }
      }
    }
  }

  private static boolean isAlpha(int at) {
    return (at & 3) == 3;
  }

  private static float share(int at, int sample, int alpha, int most) {
    float share = alpha / (float) most;
    return isAlpha(at) ? share : sample / (float) most * share;
  }

  private static Part part(int bytesPerSample, int length) {
    return switch (bytesPerSample) {
      case Byte.BYTES -> new Bytes(new byte[length]);
      case Short.BYTES -> new Shorts(new short[length]);
      default -> new Floats(new float[length]);
    };
  }

  /** Fills a part of a store, from a row of the picture on. */
  @FunctionalInterface
  interface Rows {
    void fill(Part part, int top, int rows);
  }

  /**
   * Made some rows at a time. A big one goes to a file as they come, floats with 16 bits; if there
   * is no room for the file, it stays in memory.
   *
   * @param rowsAtOnce that are filled together
   */
  static PixelStore ofRows(int width, int height, int bytesPerSample, int rowsAtOnce, Rows rows) {
    int length = 4 * width * height;
    int filedBytes = Math.min(Short.BYTES, bytesPerSample);
    if (liesInFile(length, bytesPerSample)) {
      try (PixelFile file = PixelFile.create()) {
        for (int top = 0; top < height; top += rowsAtOnce) {
          int count = Math.min(rowsAtOnce, height - top);
          Part part = part(filedBytes, 4 * width * count);
          rows.fill(part, top, count);
          file.append(part.bytes());
        }
        return new Filed(file.mapped(), filedBytes);
      } catch (IOException e) {
        // Without room for it on the disk it is as well off in memory.
      }
    }
    Part all = part(bytesPerSample, length);
    for (int top = 0; top < height; top += rowsAtOnce) {
      int count = Math.min(rowsAtOnce, height - top);
      Part part = part(bytesPerSample, 4 * width * count);
      rows.fill(part, top, count);
      System.arraycopy(part.array(), 0, all.array(), 4 * width * top, 4 * width * count);
    }
    return all;
  }

  /**
   * The same pixels in another order.
   *
   * @param from the place of the pixel that comes to a place
   */
  default PixelStore reordered(int width, int height, IntUnaryOperator from) {
    return ofRows(
        width,
        height,
        bytesPerSample(),
        1,
        (part, top, rows) -> {
          for (int i = 0; i < width * rows; i++) {
            copyPixel(from.applyAsInt(top * width + i), part, i);
          }
        });
  }
}
