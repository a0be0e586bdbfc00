package app.diaphan.core.file;

import app.diaphan.core.InvalidInput;

/** Bits a channel. */
public enum BitDepth {
  EIGHT(8),
  SIXTEEN(16);

  private final int bits;

  BitDepth(int bits) {
    this.bits = bits;
  }

  public int bits() {
    return bits;
  }

  public int bytes() {
    return bits / 8;
  }

  /** The value that stands for 1. */
  public int most() {
    return (1 << bits) - 1;
  }

  public static BitDepth of(int bits) {
    return switch (bits) {
      case 8 -> EIGHT;
      case 16 -> SIXTEEN;
      default -> throw new InvalidInput("A file has 8 or 16 bits a channel, not " + bits + ".");
    };
  }
}
