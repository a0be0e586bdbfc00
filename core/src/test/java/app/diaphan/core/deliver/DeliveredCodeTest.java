package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.code.ReadCode;
import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.FileFormat;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.overlay.Overlay;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Codes are read from the files that are delivered, as a camera would read them from a screen. */
class DeliveredCodeTest {
  private static final Frame FRAME = Frame.of(480, 360);
  private static final String WORDS = "https://lantern-reach.example/márta";

  private static final String ASCII = "https://lantern-reach.example/";

  /** In modules, of the code of these and its rim. */
  private static final int SIDE = 37;

  @TempDir Path folder;

  private BufferedImage delivered(CodePiece code, FileKind file) throws IOException {
    Overlay overlay = Samples.overlay(FRAME, code);
    Deliverer deliverer = new Deliverer(Samples.renderer(), Sidecar::toString);
    Path written =
        deliverer
            .deliver(overlay, new Target(FRAME, file), folder, "code", Progress.NONE)
            .getFirst()
            .file();
    return ImageIO.read(written.toFile());
  }

  /**
   * What is read from a file as a player shows it, over a busy picture and so many times as large.
   */
  private static Optional<String> read(BufferedImage file, double scale) {
    int width = (int) (file.getWidth() * scale);
    int height = (int) (file.getHeight() * scale);
    BufferedImage shown = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = shown.createGraphics();
    for (int x = 0; x < width; x += 12) {
      graphics.setColor(x / 12 % 2 == 0 ? new Color(0x203040) : new Color(0x90a0b0));
      graphics.fillRect(x, 0, 12, height);
    }
    graphics.drawImage(
        file.getScaledInstance(width, height, java.awt.Image.SCALE_AREA_AVERAGING), 0, 0, null);
    graphics.dispose();
    return ReadCode.in(shown.getRGB(0, 0, width, height, null, 0, width), width, height);
  }

  @Test
  void aCodeIsReadFromEveryFormat() throws IOException {
    CodePiece code = Samples.code(WORDS, Samples.centre(), 205);
    for (FileKind kind :
        new FileKind[] {
          FileKind.png(),
          FileKind.png().with(BitDepth.SIXTEEN),
          FileKind.tiff().with(Carried.STRAIGHT),
          FileKind.png().with(FileFormat.TIFF).with(BitDepth.SIXTEEN)
        }) {
      assertEquals(Optional.of(WORDS), read(delivered(code, kind), 1), kind.toString());
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {7, 45, 90, 123.4, -30})
  void aTurnedOneIsReadToo(double turn) throws IOException {
    CodePiece code = Samples.code(WORDS, Samples.centre().turned(turn, false), 205);
    assertEquals(Optional.of(WORDS), read(delivered(code, FileKind.png()), 1));
  }

  /** The least that the check lets pass is still read when half of it is left. */
  @Test
  void modulesOfTheLeastSizeAreReadAtHalfTheirSize() throws IOException {
    double least = FRAME.height() / 270.0;
    CodePiece code = Samples.code(ASCII, Samples.centre(), 1);
    CodePiece small = code.withSize(SIDE * 3 * least, SIDE * 3 * least);
    assertEquals(Optional.of(ASCII), read(delivered(small, FileKind.png()), 0.5));
  }

  /** Sides on whole pixels leave nothing between ink and ground. */
  @Test
  void onWholePixelsThereAreJustTwoColours() throws IOException {
    CodePiece code = Samples.code(ASCII, Samples.centre(), SIDE * 6);
    BufferedImage file = delivered(code, FileKind.png());
    int left = (480 - SIDE * 6) / 2;
    int top = (360 - SIDE * 6) / 2;
    for (int y = 0; y < file.getHeight(); y++) {
      for (int x = 0; x < file.getWidth(); x++) {
        int pixel = file.getRGB(x, y);
        boolean ground = x >= left && x < left + SIDE * 6 && y >= top && y < top + SIDE * 6;
        assertTrue(
            ground ? pixel == 0xffffffff || pixel == 0xff14181c : pixel >>> 24 == 0,
            x + ", " + y + ": " + Integer.toHexString(pixel));
      }
    }
  }

  @Test
  void onAClearGroundThereAreItsModulesOnly() throws IOException {
    CodePiece code =
        Samples.code(ASCII, Samples.centre(), SIDE * 6).withPaint(Samples.flat("#ffffff00"));
    BufferedImage file = delivered(code, FileKind.png());
    int left = (480 - SIDE * 6) / 2;
    int top = (360 - SIDE * 6) / 2;
    assertEquals(0, file.getRGB(left + 2, top + 2) >>> 24, "the rim");
    assertEquals(0xff14181c, file.getRGB(left + 4 * 6 + 1, top + 4 * 6 + 1), "the first module");
    assertEquals(0, file.getRGB(left + 5 * 6 + 2, top + 5 * 6 + 2) >>> 24, "a light module");
    BufferedImage onWhite = new BufferedImage(480, 360, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = onWhite.createGraphics();
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, 480, 360);
    graphics.drawImage(file, 0, 0, null);
    graphics.dispose();
    assertEquals(
        Optional.of(ASCII), ReadCode.in(onWhite.getRGB(0, 0, 480, 360, null, 0, 480), 480, 360));
  }
}
