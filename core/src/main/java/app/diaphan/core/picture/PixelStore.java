package app.diaphan.core.picture;

import java.util.function.IntUnaryOperator;

/**
 * The samples of a picture with no more bytes than they need: four in a row for each pixel, red,
 * green, blue and alpha. Photographs take a quarter of what floats would.
 */
sealed interface PixelStore {
  int BYTE_MOST = 255;
  int SHORT_MOST = 65535;

  /** Premultiplied, 0–1. */
  record Floats(float[] samples) implements PixelStore {}

  /** Straight, 8 bits. */
  record Bytes(byte[] samples) implements PixelStore {}

  /** Straight, 16 bits. */
  record Shorts(short[] samples) implements PixelStore {}

  default int length() {
    return switch (this) {
      case Floats(float[] samples) -> samples.length;
      case Bytes(byte[] samples) -> samples.length;
      case Shorts(short[] samples) -> samples.length;
    };
  }

  default int bytesPerSample() {
    return switch (this) {
      case Floats floats -> Float.BYTES;
      case Bytes bytes -> Byte.BYTES;
      case Shorts shorts -> Short.BYTES;
    };
  }

  /** The sample at a place, premultiplied, 0–1. */
  default float premultiplied(int at) {
    return switch (this) {
      case Floats(float[] samples) -> samples[at];
      case Bytes(byte[] samples) -> {
        float alpha = (samples[at | 3] & BYTE_MOST) / (float) BYTE_MOST;
        yield (at & 3) == 3 ? alpha : (samples[at] & BYTE_MOST) / (float) BYTE_MOST * alpha;
      }
      case Shorts(short[] samples) -> {
        float alpha = (samples[at | 3] & SHORT_MOST) / (float) SHORT_MOST;
        yield (at & 3) == 3 ? alpha : (samples[at] & SHORT_MOST) / (float) SHORT_MOST * alpha;
      }
    };
  }

  /**
   * The same pixels in another order.
   *
   * @param from the place of the pixel that comes to a place
   */
  default PixelStore reordered(IntUnaryOperator from) {
    int pixels = length() / 4;
    Object source = samples();
    PixelStore to =
        switch (this) {
          case Floats floats -> new Floats(new float[length()]);
          case Bytes bytes -> new Bytes(new byte[length()]);
          case Shorts shorts -> new Shorts(new short[length()]);
        };
    Object target = to.samples();
    for (int i = 0; i < pixels; i++) {
      System.arraycopy(source, 4 * from.applyAsInt(i), target, 4 * i, 4);
    }
    return to;
  }

  /** The array itself. */
  Object samples();
}
