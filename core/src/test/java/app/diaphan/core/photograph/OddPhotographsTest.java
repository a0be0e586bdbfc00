package app.diaphan.core.photograph;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.photograph.file.PhotographFormat;
import app.diaphan.core.photograph.file.Photographs;
import app.diaphan.core.photograph.jpeg.PrintJpeg;
import app.diaphan.core.photograph.jpeg.Segment;
import app.diaphan.core.photograph.metadata.Credit;
import app.diaphan.core.render.Renderer;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Photographs of sizes, colours and kinds that few have. */
class OddPhotographsTest {
  @TempDir Path folder;

  private final PhotographMarker marker =
      new PhotographMarker(
          new Renderer(ShippedFonts.shelf(), name -> Optional.empty(), Memory.NONE),
          new Dresses(mark(), Optional.empty()));

  private static Overlay mark() {
    return Samples.overlay(
        Frame.of(640, 360),
        Samples.box("box", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 80, 60), 120, 60));
  }

  private static Marking marking(double pixels) {
    return new Marking(
        DressChoice.AS_DRAWN,
        Corner.BOTTOM_RIGHT,
        new Measure.Pixels(pixels),
        new Measure.Pixels(0),
        1);
  }

  private MarkedPhotograph mark(Path from, double pixels) {
    List<MarkPlan.Planned> planned =
        MarkPlan.of(List.of(from), folder.resolve("out"), Optional.empty());
    return marker.mark(planned.getFirst(), marking(pixels), Credit.AS_IT_IS, Optional.empty());
  }

  private static BufferedImage flat(int width, int height, Color colour) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = image.createGraphics();
    g.setColor(colour);
    g.fillRect(0, 0, width, height);
    g.dispose();
    return image;
  }

  @ParameterizedTest
  @CsvSource({
    "4, 3, jpeg",
    "4, 3, png",
    "4, 3, tiff",
    "3, 20000, jpeg",
    "20000, 2, png",
    "3, 20000, tiff"
  })
  void oddSizesAreMarkedIfTheMarkHasRoom(int width, int height, String format) throws IOException {
    Path from =
        Files.write(
            folder.resolve("p." + format),
            MadePhotograph.file(flat(width, height, Color.DARK_GRAY), format, ""));
    MarkedPhotograph marked = mark(from, 1);
    BufferedImage after = ImageIO.read(marked.to().toFile());
    assertEquals(width, after.getWidth());
    assertEquals(height, after.getHeight());
    InvalidInput refused = assertThrows(InvalidInput.class, () -> mark(from, 40));
    assertTrue(refused.getMessage().contains("make the mark smaller"), refused.getMessage());
  }

  @ParameterizedTest
  @CsvSource({"jpeg", "png", "tiff"})
  void onePixelHasNoRoomForAMark(String format) throws IOException {
    Path from =
        Files.write(
            folder.resolve("p." + format),
            MadePhotograph.file(flat(1, 1, Color.DARK_GRAY), format, ""));
    InvalidInput refused = assertThrows(InvalidInput.class, () -> mark(from, 1));
    assertTrue(refused.getMessage().startsWith("The photograph has 1 × 1 pixels"));
  }

  @Test
  void printColoursAreCodedAnewAndThatIsSaid() throws IOException {
    Path from = Files.write(folder.resolve("print.jpg"), PrintJpeg.bytes(120, 80));
    MarkedPhotograph marked = mark(from, 30);
    assertEquals(
        List.of(
            "It was coded anew as a whole, since it has the colours of print; its colours are sRGB now."),
        marked.notes());
    BufferedImage after = ImageIO.read(marked.to().toFile());
    assertEquals(3, after.getRaster().getNumBands());
    assertArrayEquals(quantization(from), quantization(marked.to()), "its own quality");
    assertEquals(120, after.getWidth());
  }

  /** The first table of it. */
  private static byte[] quantization(Path jpeg) throws IOException {
    return Segment.beforeScans(Files.readAllBytes(jpeg)).stream()
        .filter(segment -> segment.marker() == Segment.QUANTIZATION_TABLES)
        .map(segment -> Arrays.copyOf(segment.data(), 65))
        .findFirst()
        .orElseThrow();
  }

  /** Headers that say more than there can be. */
  @ParameterizedTest
  @CsvSource({"png, 16, 100000", "jpeg, 0, 65535"})
  void enormousPhotographsAreRefused(String format, int at, int side) throws IOException {
    byte[] bytes = MadePhotograph.file(flat(64, 48, Color.GRAY), format, "");
    if (format.equals("png")) {
      ByteBuffer.wrap(bytes).putInt(at, side).putInt(at + 4, side);
      CRC32 sum = new CRC32();
      sum.update(bytes, 12, 17);
      ByteBuffer.wrap(bytes).putInt(29, (int) sum.getValue());
    } else {
      int frame = new String(bytes, StandardCharsets.ISO_8859_1).indexOf("\u00ff\u00c0");
      ByteBuffer.wrap(bytes).putShort(frame + 5, (short) side).putShort(frame + 7, (short) side);
    }
    Path from = Files.write(folder.resolve("p." + format), bytes);
    InvalidInput refused = assertThrows(InvalidInput.class, () -> mark(from, 30));
    assertTrue(
        refused.getMessage().contains("megapixels") || refused.getMessage().contains("cut short"),
        refused.getMessage());
  }

  @Test
  void whatAPhoneWritesIsReadByLibheifsCommand() throws Exception {
    assumeTrue(installed("heif-enc") && (installed("heif-convert") || installed("heif-dec")));
    Path png = folder.resolve("quay.png");
    Files.write(png, MadePhotograph.file(MadePhotograph.picture(320, 200, 5), "png", ""));
    Path heic = folder.resolve("quay.heic");
    assumeTrue(
        ran("heif-enc", "-q", "90", png.toString(), "-o", heic.toString()) && Files.exists(heic));
    MarkedPhotograph marked = mark(heic, 60);
    assertEquals("quay.jpg", marked.to().getFileName().toString());
    assertEquals(PhotographFormat.JPEG, marked.format());
    BufferedImage before = ImageIO.read(png.toFile());
    BufferedImage after = ImageIO.read(marked.to().toFile());
    int off = 0;
    for (int y = 0; y < 100; y++) {
      off += Math.abs((before.getRGB(20, y) >> 8 & 255) - (after.getRGB(20, y) >> 8 & 255));
    }
    assertTrue(off < 500, "off by " + off);
  }

  @Test
  void withoutThatCommandItIsSaidHowToGetIt() throws IOException {
    assumeTrue(!installed("heif-convert") && !installed("heif-dec"));
    Path heic = folder.resolve("p.heic");
    Files.write(heic, "\0\0\0\u0018ftypheic\0\0\0\0".getBytes(StandardCharsets.ISO_8859_1));
    InvalidInput refused = assertThrows(InvalidInput.class, () -> Photographs.open(heic));
    assertTrue(refused.getMessage().contains("libheif"), refused.getMessage());
  }

  /** Another decoder than the platform's says what is beside the mark. */
  @Test
  void anotherDecoderSeesTheSameBesideTheMark() throws Exception {
    assumeTrue(installed("djpeg"));
    Path from =
        Files.write(
            folder.resolve("p.jpg"),
            MadePhotograph.file(MadePhotograph.picture(320, 200, 5), "jpeg", ""));
    MarkedPhotograph marked = mark(from, 60);
    byte[] before = decoded(from);
    byte[] after = decoded(marked.to());
    assertEquals(before.length, after.length);
    int row = 3 * 320;
    int head = before.length - row * 200;
    // Rows above the blocks of the mark, and what is interpolated beside them.
    int top = marked.hung().place().top() - 24;
    assertArrayEquals(
        Arrays.copyOf(before, head + top * row), Arrays.copyOf(after, head + top * row));
    assertTrue(!Arrays.equals(before, after));
  }

  private byte[] decoded(Path file) throws Exception {
    Process process =
        new ProcessBuilder("djpeg", "-pnm", file.toString())
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    ByteArrayOutputStream pixels = new ByteArrayOutputStream();
    process.getInputStream().transferTo(pixels);
    assertEquals(0, process.waitFor());
    return pixels.toByteArray();
  }

  private static boolean installed(String command) throws IOException {
    return ran("sh", "-c", "command -v " + command);
  }

  private static boolean ran(String... command) throws IOException {
    try {
      Process process =
          new ProcessBuilder(command)
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .redirectError(ProcessBuilder.Redirect.DISCARD)
              .start();
      return process.waitFor(60, TimeUnit.SECONDS) && process.exitValue() == 0;
    } catch (InterruptedException e) {
      throw new IOException(e);
    }
  }
}
