package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;

/** Ornaments that ship with Diaphan, as black SVG files to be tinted and turned. */
public final class Stamps {
  private static final List<String> NAMES =
      List.of(
          "sprig",
          "laurel",
          "rope",
          "rope-ring",
          "arrow",
          "arrow-swept",
          "star",
          "star-rose",
          "sun",
          "waves",
          "wave-crest",
          "flourish",
          "ribbon",
          "anchor");

  private Stamps() {}

  /** In the order in which they are offered. */
  public static List<String> names() {
    return NAMES;
  }

  /**
   * @throws InvalidInput if there is no stamp of this name
   */
  public static byte[] svg(String name) {
    if (!NAMES.contains(name)) {
      throw new InvalidInput(Sentence.of("There is no stamp \"%s\".", name));
    }
    try (InputStream file =
        Stamps.class.getResourceAsStream("/app/diaphan/stamps/" + name + ".svg")) {
      return file.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
