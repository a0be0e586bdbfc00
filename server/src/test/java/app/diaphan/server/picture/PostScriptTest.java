package app.diaphan.server.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.VectorPicture;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is drawn is tested where Ghostscript is installed; what is said without it, everywhere. */
class PostScriptTest {
  private static final String HEAD = "%!PS-Adobe-3.0 EPSF-3.0\n%%BoundingBox: 0 0 120 80\n";

  private static boolean installed() {
    return Arrays.stream(System.getenv("PATH").split(File.pathSeparator))
        .anyMatch(folder -> Files.isExecutable(Path.of(folder, "gs")));
  }

  private static byte[] eps(String drawing) {
    return (HEAD + drawing).getBytes(StandardCharsets.ISO_8859_1);
  }

  @Test
  void filesAreKnownByHowTheyBegin() {
    assertTrue(PostScript.is(eps("showpage")));
    assertTrue(PostScript.is(new byte[] {(byte) 0xc5, (byte) 0xd0, (byte) 0xd3, (byte) 0xc6, 30}));
    assertFalse(PostScript.is("%PDF-1.7".getBytes(StandardCharsets.ISO_8859_1)));
    assertFalse(PostScript.is(new byte[] {'%', '!'}));
  }

  @Test
  void withoutGhostscriptItIsSaidHowToGetIt() {
    InvalidInput refused =
        assertThrows(
            InvalidInput.class,
            () -> new PostScript("no-such-program", 20).asPdf("heron.eps", eps("showpage")));
    assertTrue(refused.getMessage().contains("\"heron.eps\""), refused.getMessage());
    assertTrue(refused.getMessage().contains("Ghostscript"), refused.getMessage());
    assertTrue(refused.getMessage().contains("SVG or PDF"), refused.getMessage());
  }

  @Test
  void aDrawingIsItsShapesWithinItsBox() {
    assumeTrue(installed());
    byte[] file = eps("0.8 0 0 setrgbcolor 20 20 40 40 rectfill showpage");
    byte[] pdf = new PostScript().asPdf("heron.eps", file);
    VectorPicture picture =
        assertInstanceOf(VectorPicture.class, PictureReader.read("heron.eps", pdf));
    assertEquals(1, picture.pageCount());
    assertEquals(120, picture.ownWidth());
    assertEquals(80, picture.ownHeight());
    RasterPicture drawn = picture.drawn(120);
    int inside = 4 * (40 * 120 + 40);
    assertEquals(0.8, drawn.value(inside), 0.01);
    assertEquals(1, drawn.value(inside + 3), 0.01);
    assertEquals(0, drawn.value(4 * (10 * 120 + 10) + 3));
    assertArrayEquals(pdf, new PostScript().asPdf("again.eps", file));
  }

  @Test
  void aProgramWithoutEndIsStopped() {
    assumeTrue(installed());
    InvalidInput refused =
        assertThrows(
            InvalidInput.class,
            () -> new PostScript("gs", 1).asPdf("endless.eps", eps("{ } loop")));
    assertTrue(refused.getMessage().contains("longer than 1 seconds"), refused.getMessage());
  }

  @Test
  void otherFilesAreNeitherReadNorWritten(@TempDir Path folder) throws IOException {
    assumeTrue(installed());
    Path secret = Files.writeString(folder.resolve("secret.txt"), "tern");
    Path made = folder.resolve("made.txt");
    for (String program :
        new String[] {
          "(%s) (r) file pop showpage".formatted(secret), "(%s) (w) file pop".formatted(made)
        }) {
      InvalidInput refused =
          assertThrows(InvalidInput.class, () -> new PostScript().asPdf("sly.eps", eps(program)));
      assertTrue(refused.getMessage().contains("no drawing may"), refused.getMessage());
    }
    assertFalse(Files.exists(made));
  }
}
