package app.diaphan.core.picture;

/** How a camera held a picture that it stored, as EXIF 2.3 tells it (tag 274). */
public enum Orientation {
  UPRIGHT(1),
  MIRRORED(2),
  UPSIDE_DOWN(3),
  UPSIDE_DOWN_MIRRORED(4),
  RIGHT_SIDE_DOWN_MIRRORED(5),
  RIGHT_SIDE_DOWN(6),
  LEFT_SIDE_DOWN_MIRRORED(7),
  LEFT_SIDE_DOWN(8);

  private final int tag;

  Orientation(int tag) {
    this.tag = tag;
  }

  /** Upright for numbers that mean nothing. */
  public static Orientation ofTag(int tag) {
    for (Orientation one : values()) {
      if (one.tag == tag) {
        return one;
      }
    }
    return UPRIGHT;
  }

  /** The number that stands for it. */
  public int tag() {
    return tag;
  }

  /** Whether what is stored is as wide as the picture is high. */
  public boolean sideways() {
    return tag >= 5;
  }

  /**
   * The column in which a pixel of the upright picture is stored.
   *
   * @param width of the upright picture; height likewise
   */
  public int storedX(int x, int y, int width, int height) {
    return switch (this) {
      case UPRIGHT, UPSIDE_DOWN_MIRRORED -> x;
      case MIRRORED, UPSIDE_DOWN -> width - 1 - x;
      case RIGHT_SIDE_DOWN_MIRRORED, RIGHT_SIDE_DOWN -> y;
      case LEFT_SIDE_DOWN_MIRRORED, LEFT_SIDE_DOWN -> height - 1 - y;
    };
  }

  /** The row. */
  public int storedY(int x, int y, int width, int height) {
    return switch (this) {
      case UPRIGHT, MIRRORED -> y;
      case UPSIDE_DOWN, UPSIDE_DOWN_MIRRORED -> height - 1 - y;
      case RIGHT_SIDE_DOWN_MIRRORED, LEFT_SIDE_DOWN -> x;
      case RIGHT_SIDE_DOWN, LEFT_SIDE_DOWN_MIRRORED -> width - 1 - x;
    };
  }
}
