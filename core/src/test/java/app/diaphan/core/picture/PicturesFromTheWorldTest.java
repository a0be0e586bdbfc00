package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.Progress;
import app.diaphan.core.deliver.Sidecar;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.PlateShape;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.zip.GZIPOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Files as other programs write them; what they hold was read by other decoders. */
class PicturesFromTheWorldTest {
  /** 24 × 16, of libwebp's encoder at quality 60; its values are those of its own decoder. */
  private static final String LOSSY =
      "UklGRmwAAABXRUJQVlA4IGAAAABQBACdASoYABAAPrVOoUmnJKOhMAgA4BaJbACdMoRwN5BEgAGBRS9OZUQAAP7y2X1gPNSsXLp2/8R0Iq2SjQbtT99ZXIHzLltCpw9LfStenJ6i1yT5tEX8EnkNmfqAAAA=";

  /** The same as a disc on clear ground. */
  private static final String LOSSY_DISC =
      "UklGRrgAAABXRUJQVlA4WAoAAAAQAAAAFwAADwAAQUxQSCUAAAABUNy2jaP9l87V9PwjYgIoLLeHvG3yt4hWJ/pRUGFUYP7g+CAeAFZQOCBsAAAAkAMAnQEqGAAQAD6dPppIJaMioTAIALATiWwAnRmgAGBqLrlpgAD+uSjaYClZZy6QCZEFnUDwkVtXoVI5hL8sPkrFMANfjUDJ9lcB//2iBfcjSybgLKfhrda3hz5/T7P6Y+G9fc6pHE7CAAAA";

  /** A canvas of 24 × 16; its first picture, 12 × 8 and red, lies at (6, 4). */
  private static final String ANIMATED_WEBP =
      "UklGRoQAAABXRUJQVlA4WAoAAAASAAAAFwAADwAAQU5JTQYAAAAAAAAAAABBTk1GKAAAAAMAAAIAAAsAAAcAAGQAAABWUDhMDwAAAC8LwAEABxD9j/4HIqL/AQBBTk1GKAAAAAAAAAAAAAsAAAcAAGQAAABWUDhMDwAAAC8LwAEABxDR//4HIqL/AQA=";

  /** A canvas of 6 × 4; its first picture, 2 × 2 and red, lies at (3, 1). */
  private static final String ANIMATED_GIF =
      "R0lGODlhBgAEAIAAAP8AAAAA/ywDAAEAAgACAAACAwQABQAsAAAAAAIAAgAAAgNMEgUAOw==";

  /** Four greys of 32 bits: none, a quarter, three quarters, all. */
  private static final String DEEP_TIFF =
      "SUkqABgAAAAAAAAAAAAAQAAAAMD/////CgAAAQMAAQAAAAQAAAABAQMAAQAAAAEAAAACAQMAAQAAACAAAAADAQMAAQAAAAEAAAAGAQMAAQAAAAEAAAARAQQAAQAAAAgAAAAVAQMAAQAAAAEAAAAWAQMAAQAAAAEAAAAXAQQAAQAAABAAAABTAQMAAQAAAAEAAAAAAAAA";

  @TempDir private Path folder;

  private static PictureFile read(String encoded) {
    return PictureReader.readFile("made", Base64.getDecoder().decode(encoded));
  }

  private static void assertPixel(PictureFile file, int x, int y, int off, int... rgba) {
    RasterPicture picture = (RasterPicture) file.picture();
    for (int c = 0; c < 4; c++) {
      double expected = c == 3 ? rgba[3] : rgba[c] * rgba[3] / 255.0;
      double found = 255 * picture.value(4 * (y * picture.width() + x) + c);
      assertEquals(expected, found, off, x + ", " + y + " of " + c);
    }
  }

  @Test
  void lossyWebpIsWhatItsOwnDecoderMakesOfIt() {
    PictureFile file = read(LOSSY);
    assertEquals("WebP", file.format());
    assertPixel(file, 0, 0, 2, 22, 7, 185, 255);
    assertPixel(file, 23, 0, 2, 222, 1, 87, 255);
    assertPixel(file, 12, 8, 2, 117, 122, 134, 255);
    assertPixel(file, 3, 15, 2, 25, 218, 191, 255);
    assertPixel(file, 20, 12, 2, 201, 179, 102, 255);
    PictureFile disc = read(LOSSY_DISC);
    assertEquals(PictureFile.AlphaFound.USED, disc.alpha());
    assertPixel(disc, 0, 0, 0, 0, 0, 0, 0);
    assertPixel(disc, 12, 8, 2, 136, 116, 139, 255);
    assertPixel(disc, 9, 6, 2, 93, 90, 150, 255);
  }

  @Test
  void ofAnAnimationTheFirstPictureIsTakenOnItsWholeCanvas() {
    PictureFile webp = read(ANIMATED_WEBP);
    assertEquals(24, webp.picture().ownWidth());
    assertEquals(16, webp.picture().ownHeight());
    assertPixel(webp, 0, 0, 0, 0, 0, 0, 0);
    assertPixel(webp, 6, 4, 0, 255, 0, 0, 255);
    assertPixel(webp, 17, 11, 0, 255, 0, 0, 255);
    assertPixel(webp, 18, 11, 0, 0, 0, 0, 0);
    assertEquals(List.of(ReaderNotes.ANIMATED), webp.notes());
    assertEquals(24, PictureReader.header("made", bytes(ANIMATED_WEBP)).width());

    PictureFile gif = read(ANIMATED_GIF);
    assertEquals(6, gif.picture().ownWidth());
    assertEquals(4, gif.picture().ownHeight());
    assertPixel(gif, 2, 1, 0, 0, 0, 0, 0);
    assertPixel(gif, 3, 1, 0, 255, 0, 0, 255);
    assertPixel(gif, 4, 2, 0, 255, 0, 0, 255);
    assertEquals(List.of(ReaderNotes.ANIMATED), gif.notes());
    assertEquals(6, PictureReader.header("made", bytes(ANIMATED_GIF)).width());
  }

  /** 2 × 2, from below: half red and green, then clear blue and a dark colour at a quarter. */
  private static byte[] bitmap(int head, boolean masks) {
    int[] pixels = {0x80ff0000, 0xff00ff00, 0x000000ff, 0x400a141e};
    ByteBuffer file = ByteBuffer.allocate(14 + head + 16).order(ByteOrder.LITTLE_ENDIAN);
    file.put((byte) 'B').put((byte) 'M').putInt(file.capacity()).putInt(0).putInt(14 + head);
    file.putInt(head).putInt(2).putInt(2).putShort((short) 1).putShort((short) 32);
    file.putInt(masks ? 3 : 0).putInt(16).putInt(2835).putInt(2835).putInt(0).putInt(0);
    if (masks) {
      file.putInt(0xff0000).putInt(0xff00).putInt(0xff).putInt(0xff000000);
      if (head > 56) {
        file.putInt(0x73524742); // sRGB
      }
    }
    file.position(14 + head);
    for (int pixel : pixels) {
      file.putInt(pixel);
    }
    return file.array();
  }

  /** The head of 40 bytes has no word of alpha, so its fourth byte is none. */
  @ParameterizedTest
  @CsvSource({"56", "108", "124"})
  void aBitmapWhoseHeadTellsOfAlphaKeepsIt(int head) {
    PictureFile file = PictureReader.readFile("made", bitmap(head, true));
    assertEquals("BMP", file.format());
    assertEquals(PictureFile.AlphaFound.USED, file.alpha());
    assertPixel(file, 0, 1, 0, 255, 0, 0, 128);
    assertPixel(file, 1, 1, 0, 0, 255, 0, 255);
    assertPixel(file, 0, 0, 0, 0, 0, 0, 0);
    assertPixel(file, 1, 0, 1, 10, 20, 30, 64);
    PictureFile solid = PictureReader.readFile("made", bitmap(40, false));
    assertPixel(solid, 0, 1, 0, 255, 0, 0, 255);
    assertPixel(solid, 0, 0, 0, 0, 0, 255, 255);
  }

  private static byte[] bytes(String encoded) {
    return Base64.getDecoder().decode(encoded);
  }

  @Test
  void tiffOfThirtyTwoBitsIsReadWithoutASign() {
    PictureFile file = read(DEEP_TIFF);
    int[] expected = {0, 64, 191, 255};
    for (int x = 0; x < 4; x++) {
      assertPixel(file, x, 0, 1, expected[x], expected[x], expected[x], 255);
    }
  }

  /** One colour that is clear, in greys that a byte holds several of. */
  @ParameterizedTest
  @CsvSource({"1, 0x40, 0, 1", "1, 0x80, 1, 0", "2, 0x60, 1, 2", "4, 0x37, 3, 7"})
  void fewGreysCanBeClearToo(int depth, String packed, int clear, int other) {
    byte[] pixels = {0, Integer.decode(packed).byteValue()};
    PictureFile file =
        PictureReader.readFile(
            "greys",
            new PngFile(2, 1, depth, 0).chunk("tRNS", (byte) 0, (byte) clear).pixels(pixels));
    int most = (1 << depth) - 1;
    assertPixel(file, 0, 0, 0, 0, 0, 0, 0);
    int grey = Math.round(255f * other / most);
    assertPixel(file, 1, 0, 1, grey, grey, grey, 255);
  }

  @ParameterizedTest
  @CsvSource({"EIGHT", "SIXTEEN"})
  void premultipliedTiffIsDividedByItsAlpha(BitDepth depth) throws IOException {
    Frame frame = Frame.of(64, 64);
    FileKind kind = FileKind.tiff().with(depth).with(Carried.PREMULTIPLIED);
    Path file =
        new Deliverer(Samples.renderer(), Sidecar::toString)
            .deliver(
                Samples.overlay(
                    frame,
                    Samples.plate(
                        new PlateShape.Rectangle(),
                        Samples.centre(),
                        40,
                        40,
                        Samples.flat("#c8643280"))),
                new Target(frame, kind),
                folder,
                "plate",
                Progress.NONE)
            .getFirst()
            .file();
    PictureFile back = PictureReader.readFile("plate.tif", Files.readAllBytes(file));
    assertPixel(back, 32, 32, 1, 0xc8, 0x64, 0x32, 0x80);
    assertPixel(back, 2, 2, 0, 0, 0, 0, 0);
  }

  @Test
  void aPhotographCutShortIsTakenAndTold() throws IOException {
    BufferedImage image = new BufferedImage(200, 200, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < 40_000; i++) {
      image.setRGB(i % 200, i / 200, i * 7919);
    }
    ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", jpeg);
    byte[] whole = jpeg.toByteArray();
    assertEquals(List.of(), PictureReader.readFile("whole.jpg", whole).notes());
    byte[] half = Arrays.copyOf(whole, whole.length / 2);
    List<String> notes = PictureReader.readFile("half.jpg", half).notes();
    assertEquals(1, notes.size());
    assertTrue(notes.getFirst().startsWith("The file is cut short"), notes.getFirst());
  }

  @Test
  void packedSvgIsSvg() throws IOException {
    String svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='30' height='20'><rect width='9' height='9'/></svg>";
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (GZIPOutputStream out = new GZIPOutputStream(packed)) {
      out.write(svg.getBytes(StandardCharsets.UTF_8));
    }
    assertTrue(PictureReader.isVector(packed.toByteArray()));
    PictureFile file = PictureReader.readFile("drawing.svgz", packed.toByteArray());
    assertEquals("SVG", file.format());
    assertEquals(30, file.picture().ownWidth());
    byte[] short_ = Arrays.copyOf(packed.toByteArray(), packed.size() - 12);
    assertFalse(said(short_).isEmpty());
  }

  private static String said(byte[] bytes) {
    return assertThrows(InvalidInput.class, () -> PictureReader.readFile("given", bytes))
        .getMessage();
  }

  @ParameterizedTest
  @CsvSource({
    "4, ftypavif, an AVIF picture",
    "4, ftypheic, a HEIC picture",
    "4, ftypisom, a video",
    "0, 8BPS, a layered file",
    "0, %!PS-Adobe, a PostScript file",
    "0, <html>, a web page"
  })
  void whatIsKnownButNotReadIsCalledByItsName(int at, String signature, String what) {
    byte[] bytes = new byte[200];
    byte[] start = signature.getBytes(StandardCharsets.ISO_8859_1);
    System.arraycopy(start, 0, bytes, at, start.length);
    String said = said(bytes);
    assertTrue(said.contains("\"given\" is " + what) && said.contains("; "), said);
  }

  @Test
  void packingThatIsNotUndoneIsCalledByItsName() {
    byte[] tiff = bytes(DEEP_TIFF);
    int compression = 24 + 2 + 3 * 12 + 8;
    tiff[compression] = 0x50; // 50000 as two bytes, low one first.
    tiff[compression + 1] = (byte) 0xc3;
    assertTrue(said(tiff).contains("packed with Zstandard"), said(tiff));
    byte[] jpeg = {
      (byte) 0xff,
      (byte) 0xd8,
      (byte) 0xff,
      (byte) 0xc9,
      0,
      11,
      8,
      0,
      8,
      0,
      8,
      1,
      1,
      0x11,
      0,
      (byte) 0xff,
      (byte) 0xd9
    };
    assertTrue(said(jpeg).contains("arithmetic coding"), said(jpeg));
  }
}
