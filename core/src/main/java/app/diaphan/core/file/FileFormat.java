package app.diaphan.core.file;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.colour.Colour;
import java.util.List;

/** The formats that Diaphan delivers, and what each of them can hold. */
public enum FileFormat {
  PNG("PNG", "png", "image/png", List.of(Compression.DEFLATE)) {
    @Override
    public void require(Carried carried) {
      if (carried instanceof Carried.Premultiplied) {
        throw new InvalidInput(
            Sentence.of(
                "A PNG file's alpha is always straight; choose %s for premultiplied alpha.",
                TIFF.words()));
      }
    }
  },
  TIFF("TIFF", "tif", "image/tiff", List.of(Compression.values())) {
    @Override
    public void require(Carried carried) {
      // All are in the format.
    }
  };

  private static final List<Carried> FIRST_OF_EACH =
      List.of(
          Carried.STRAIGHT,
          Carried.PREMULTIPLIED,
          new Carried.FillAndKey(false),
          new Carried.OverColour(new Colour(128, 128, 128, 255)));

  private final String words;
  private final String extension;
  private final String mediaType;
  private final List<Compression> compressions;

  FileFormat(String words, String extension, String mediaType, List<Compression> compressions) {
    this.words = words;
    this.extension = extension;
    this.mediaType = mediaType;
    this.compressions = compressions;
  }

  /** As designers call it. */
  public String words() {
    return words;
  }

  /** Without the dot. */
  public String extension() {
    return extension;
  }

  /** By the registry of IANA. */
  public String mediaType() {
    return mediaType;
  }

  /** Those that can be chosen; files of a format with one are always packed so. */
  public List<Compression> compressions() {
    return compressions;
  }

  /** A first value of each way that files of this format can carry colours and alpha. */
  public List<Carried> carries() {
    return FIRST_OF_EACH.stream().filter(this::holds).toList();
  }

  /**
   * @throws InvalidInput if files of this format cannot carry it, with what can
   */
  public abstract void require(Carried carried);

  private boolean holds(Carried carried) {
    try {
      require(carried);
      return true;
    } catch (InvalidInput e) {
      return false;
    }
  }
}
