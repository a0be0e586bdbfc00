package app.diaphan.core.font;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import java.util.List;

/**
 * A file of fonts of one's own, with what it tells of them.
 *
 * @param file its name
 * @param content a digest of its bytes
 * @param faces the fonts in it, at least one
 * @param goesAlong whether the file is put into bundles
 */
public record FontFile(
    String file, String content, List<FontFace> faces, Embedding embedding, boolean goesAlong) {
  private static final int LONGEST_NAME = 200;

  public FontFile {
    Names.check(file, LONGEST_NAME, "The name of a font's file");
    Require.present(content, "The digest of a font's file");
    Require.present(faces, "The fonts of a file");
    Require.present(embedding, "Who a font may be passed on to");
    if (faces.isEmpty()) {
      throw new InvalidInput("A file of fonts has at least one.");
    }
    faces = List.copyOf(faces);
  }

  /** Whether it is the same but for its name and for whether it goes along. */
  public boolean hasTheFontsOf(FontFile other) {
    return toldAs(other).equals(this);
  }

  /** The same file under what it tells of itself, with another name or choice kept. */
  public FontFile toldAs(FontFile read) {
    return new FontFile(file, read.content(), read.faces(), read.embedding(), goesAlong);
  }
}
