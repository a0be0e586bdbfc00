package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Rows are deflated in slices that know nothing of each other, clear ones once for all: wherever
 * the drawn rows begin and end, the file has to be one whole stream.
 */
class PngSlicesTest {
  private static final int IDAT = 0x49444154;
  private static final int IEND = 0x49454e44;
  private static final int WIDTH = 90;

  @TempDir Path folder;
  private final Deliverer deliverer = new Deliverer(Samples.renderer(), Sidecar::toString);

  @ParameterizedTest
  @CsvSource({
    "16, 4",
    "31, 20",
    "32, 3",
    "33, 27",
    "63, 40",
    "64, 34",
    "65, 50",
    "127, 100",
    "128, 1",
    "128, 112",
    "129, 115",
    "160, 118",
    "161, 60",
    "300, 250",
    "700, 10"
  })
  void everyHeightIsOneWholeStreamAtEveryLevel(int height, int down)
      throws IOException, DataFormatException {
    Frame frame = Frame.of(WIDTH, height);
    Overlay overlay =
        Samples.overlay(
            frame,
            Samples.plate(
                new PlateShape.Ellipse(),
                Place.at(PinPoint.TOP_LEFT, Area.FRAME, 11, down),
                60.4,
                11.3,
                Samples.flat("#e8a33d")));
    int[] quick = {};
    for (int level : new int[] {1, 2, 4, 9}) {
      Target target = new Target(frame, png(level));
      Path file =
          deliverer
              .deliver(overlay, target, folder, "at-" + level, Progress.NONE)
              .getFirst()
              .file();
      assertEquals((4L * WIDTH + 1) * height, inflated(file), "bytes of the stream");
      int[] pixels =
          ImageIO.read(file.toFile()).getRaster().getPixels(0, 0, WIDTH, height, (int[]) null);
      if (level > 1) {
        assertArrayEquals(quick, pixels, "the same picture at level " + level);
      }
      quick = pixels;
    }
    assertTrue(quick[4 * (WIDTH * (down + 5) + 40) + 3] == 255, "something is drawn");
  }

  private static FileKind png(int level) {
    FileKind kind = FileKind.png();
    return new FileKind(
        kind.extent(),
        kind.format(),
        kind.depth(),
        kind.carried(),
        kind.compression(),
        level,
        kind.dither(),
        kind.resolution(),
        kind.sidecar());
  }

  /** Inflates all of a file's pixels; the Java platform compares the checksum at the end. */
  private static long inflated(Path file) throws IOException, DataFormatException {
    ByteArrayOutputStream stream = new ByteArrayOutputStream();
    try (DataInputStream chunks = new DataInputStream(Files.newInputStream(file))) {
      chunks.skipNBytes(8);
      for (int type = 0; type != IEND; ) {
        byte[] data = new byte[chunks.readInt()];
        type = chunks.readInt();
        chunks.readFully(data);
        chunks.readInt();
        if (type == IDAT) {
          stream.writeBytes(data);
        }
      }
    }
    try (Inflater inflater = new Inflater()) {
      inflater.setInput(stream.toByteArray());
      byte[] some = new byte[8192];
      while (!inflater.finished() && inflater.inflate(some) > 0) {
        // Only how many there are and whether they are whole is asked.
      }
      assertTrue(inflater.finished(), "the stream ends with its checksum");
      assertEquals(0, inflater.getRemaining(), "nothing follows the stream");
      return inflater.getBytesWritten();
    }
  }
}
