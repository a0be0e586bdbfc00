package app.diaphan.core.font;

import app.diaphan.core.font.file.FontFiles;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.font.shelf.ShippedFonts;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Files of fonts to test with; what they are stands beside them. */
public final class TestFonts {
  private TestFonts() {}

  public static byte[] bytes(String name) {
    try (InputStream in = TestFonts.class.getResourceAsStream("/fonts/" + name)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** What ships, and fonts of one's own. */
  public static FontShelf shelf(String... names) {
    Map<String, byte[]> contents = new HashMap<>();
    List<FontFile> files =
        Arrays.stream(names)
            .map(
                name -> {
                  FontFile file = FontFiles.read(name, bytes(name));
                  contents.put(file.content(), bytes(name));
                  return file;
                })
            .toList();
    return ShippedFonts.shelf().with(files, contents::get);
  }
}
