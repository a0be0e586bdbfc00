package app.diaphan.server.bundle;

import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.file.FontFiles;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.font.shelf.ShippedFonts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What the overlays of a bundle are set in: what ships, and the house's own that came along. */
public final class BundleFonts {
  private BundleFonts() {}

  public static FontShelf of(Bundle bundle) {
    List<FontFile> files = new ArrayList<>();
    Map<String, BundlePart> contents = new HashMap<>();
    for (FontFile said : bundle.house().fontFiles()) {
      BundlePart part = bundle.houseFonts().get(said.file());
      if (part != null) {
        FontFile read = FontFiles.read(said.file(), part.bytes());
        files.add(read);
        contents.put(read.content(), part);
      }
    }
    return ShippedFonts.shelf().with(files, content -> contents.get(content).bytes());
  }
}
