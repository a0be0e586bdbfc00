package app.diaphan.core.file;

import java.util.List;

/** What one of the files of a target holds of the overlay. */
public enum FilePart {
  COLOUR_AND_ALPHA("", 4),
  COLOUR_OVER_GROUND("", 3),
  FILL("-fill", 3),
  KEY("-key", 1);

  private final String suffix;
  private final int channels;

  FilePart(String suffix, int channels) {
    this.suffix = suffix;
    this.channels = channels;
  }

  /** What the file's name ends with. */
  public String suffix() {
    return suffix;
  }

  public int channels() {
    return channels;
  }

  public static List<FilePart> of(Carried carried) {
    return switch (carried) {
      case Carried.Straight straight -> List.of(COLOUR_AND_ALPHA);
      case Carried.Premultiplied premultiplied -> List.of(COLOUR_AND_ALPHA);
      case Carried.FillAndKey pair -> List.of(FILL, KEY);
      case Carried.OverColour over -> List.of(COLOUR_OVER_GROUND);
    };
  }
}
