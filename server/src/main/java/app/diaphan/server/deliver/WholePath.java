package app.diaphan.server.deliver;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;

/** Paths that designers type: they say where they lie, wherever the program was started. */
public final class WholePath {
  private WholePath() {}

  /**
   * @throws InvalidInput if it is no path, or not a whole one
   */
  public static Path of(String wanted) {
    Path path;
    try {
      path = Path.of(wanted.strip());
    } catch (InvalidPathException e) {
      throw new InvalidInput(Sentence.of("\"%s\" is no path of a folder.", wanted), e);
    }
    if (!path.isAbsolute()) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" does not say where it lies; give the whole path of the folder.", wanted));
    }
    return path;
  }
}
