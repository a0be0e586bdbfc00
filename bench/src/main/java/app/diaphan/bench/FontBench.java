package app.diaphan.bench;

import app.diaphan.core.font.AxisValue;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.LetterStyle;
import app.diaphan.core.font.file.FontFiles;
import app.diaphan.core.font.shelf.FontFamily;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.server.font.FontStore;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.Set;

/** A font of the demo's house, from its file to letters at many places of its axes. */
final class FontBench {
  private static final String FILE = "Anybody.woff2";
  private static final int PLACES = 20;

  private FontBench() {}

  static List<Line> run(Demo demo) throws Exception {
    byte[] bytes =
        Files.readAllBytes(demo.root().resolve("demo/lantern-reach-regatta/fonts/" + FILE));
    double kept = kept(demo, bytes);
    FontFile file = FontFiles.read(FILE, bytes);
    FontShelf shelf = ShippedFonts.shelf().with(List.of(file), content -> bytes);
    FontFamily family = shelf.find("Anybody").orElseThrow();
    double first = letters(family, 80);
    double worst = 0;
    for (int i = 0; i < PLACES; i++) {
      worst = Math.max(worst, letters(family, 101 + 2 * i));
    }
    return List.of(
        Line.atMost("fonts/a variable WOFF2 file tried and kept", kept, "s", 10),
        Line.atMost("fonts/the first letters of a variable font", first, "s", 4),
        Line.atMost("fonts/letters at another width, the slowest of " + PLACES, worst, "s", 1));
  }

  /** With the start of the process in which it is tried; the demo has not kept it. */
  private static double kept(Demo demo, byte[] bytes) throws Exception {
    try (Screen screen = Screen.of(demo)) {
      byte[] other = bytes.clone();
      other[other.length - 1] ^= 1; // Behind what is packed, so that it is new and whole.
      long began = System.nanoTime();
      screen.bean(FontStore.class).keep("Other.woff2", other);
      return seconds(began);
    }
  }

  private static double letters(FontFamily family, double width) throws IOException {
    long began = System.nanoTime();
    LetterStyle style = new LetterStyle(640, List.of(new AxisValue("wdth", width)), Set.of());
    family.font(style);
    return seconds(began);
  }

  private static double seconds(long began) {
    return (System.nanoTime() - began) / 1e9;
  }
}
