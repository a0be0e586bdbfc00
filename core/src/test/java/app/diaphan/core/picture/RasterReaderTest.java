package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.Base64;
import java.util.Iterator;
import java.util.zip.CRC32;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RasterReaderTest {
  @Test
  void alphaAndColourComeThrough() throws IOException {
    BufferedImage image = new BufferedImage(3, 2, BufferedImage.TYPE_INT_ARGB);
    image.setRGB(1, 0, 0x80ff4000);
    RasterPicture picture = RasterReader.read("pennant.png", encoded(image, "png"));
    assertEquals(3, picture.width());
    assertTrue(picture.hasAlpha());
    float alpha = 0x80 / 255f;
    assertEquals(alpha, picture.value(4), 1e-6);
    assertEquals(0x40 / 255f * alpha, picture.value(5), 1e-6);
    assertEquals(alpha, picture.value(7), 1e-6);
    assertEquals(0, picture.value(3));
  }

  @ParameterizedTest
  @ValueSource(strings = {"png", "jpg", "gif", "bmp", "tiff"})
  void theUsualFormatsAreRead(String format) throws IOException {
    BufferedImage image = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
    for (int x = 0; x < 40; x++) {
      for (int y = 0; y < 30; y++) {
        image.setRGB(x, y, 0xe8a33d);
      }
    }
    byte[] bytes = encoded(image, format);
    assertEquals(40, RasterReader.header("p", bytes).width());
    RasterPicture picture = RasterReader.read("p", bytes);
    assertEquals(0xe8 / 255f, picture.value(4 * 15), 0.02);
  }

  /** One clear pixel in a lossless WebP file, byte by byte as its container format has it. */
  @Test
  void webpIsReadWithItsAlpha() {
    byte[] webp = Base64.getDecoder().decode("UklGRhoAAABXRUJQVlA4TA0AAAAvAAAAEAcQERGIiP4HAA==");
    PictureHeader header = RasterReader.header("clear.webp", webp);
    assertEquals("WebP", header.format());
    RasterPicture picture = RasterReader.read("clear.webp", webp);
    assertEquals(1, picture.width());
    assertEquals(0, picture.value(3));
  }

  /** Cyan, magenta, yellow and black as a printer's file has them: 255 is no ink. */
  @Test
  void printColoursAreBroughtToThoseOfAScreen() throws IOException {
    WritableRaster inks = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, 48, 16, 4, null);
    int[][] parts = {{255, 0, 0, 255}, {255, 255, 255, 255}, {255, 255, 255, 0}};
    for (int x = 0; x < 48; x++) {
      for (int y = 0; y < 16; y++) {
        inks.setPixel(x, y, parts[x / 16]);
      }
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageWriter writer = ownJpegWriter();
    try (var output = ImageIO.createImageOutputStream(bytes)) {
      writer.setOutput(output);
      writer.write(new IIOImage(inks, null, null));
    } finally {
      writer.dispose();
    }
    // A marker after the first one tells that the four bands are inks (ITU-T T.872, 6.5.3).
    byte[] plain = bytes.toByteArray();
    ByteBuffer print = ByteBuffer.allocate(plain.length + 16).put(plain, 0, 2);
    print.put(new byte[] {(byte) 0xff, (byte) 0xee, 0, 14, 'A', 'd', 'o', 'b', 'e', 0, 100});
    print.put(new byte[5]).put(plain, 2, plain.length - 2);
    RasterPicture picture = RasterReader.read("print.jpg", print.array());
    float[] pixels = picture.pixels();
    int red = 4 * (8 * 48 + 8);
    assertTrue(pixels[red] > 0.7 && pixels[red + 1] < 0.4 && pixels[red + 2] < 0.4, "red");
    assertTrue(pixels[red + 64] > 0.95, "paper");
    assertTrue(pixels[red + 128] < 0.25, "black");
  }

  /** The Java platform's, which takes any four bands as they are. */
  private static ImageWriter ownJpegWriter() {
    Iterator<ImageWriter> writers = ImageIO.getImageWritersByFormatName("jpeg");
    while (writers.hasNext()) {
      ImageWriter writer = writers.next();
      if (writer.canWriteRasters()) {
        return writer;
      }
    }
    throw new AssertionError("no writer of rasters");
  }

  /** A camera held upright writes its pixels lying and says so in EXIF orientation 6. */
  @Test
  void photographsAreTurnedUpright() throws IOException {
    BufferedImage image = new BufferedImage(64, 32, BufferedImage.TYPE_INT_RGB);
    for (int x = 0; x < 16; x++) {
      for (int y = 0; y < 32; y++) {
        image.setRGB(x, y, 0xffffff);
      }
    }
    byte[] jpeg = encoded(image, "jpg");
    RasterPicture picture = RasterReader.read("photo.jpg", TaggedJpeg.of(jpeg, 6));
    assertEquals(32, picture.width());
    assertEquals(64, picture.height());
    // The white left side of the stored picture is at the top of the upright one.
    assertTrue(picture.value(4 * (3 * 32 + 16)) > 0.9);
    assertTrue(picture.value(4 * (60 * 32 + 16)) < 0.1);
  }

  @Test
  void sixteenBitsAreKept() throws IOException {
    ByteBuffer raw = ByteBuffer.allocate(1 + 8);
    raw.put((byte) 0).putShort((short) 0x1234).putShort((short) 0).putShort((short) 0);
    raw.putShort((short) 0xffff);
    RasterPicture picture = RasterReader.read("deep.png", png(1, 1, 16, 6, raw.array()));
    assertEquals(0x1234 / 65535f, picture.value(0), 1e-7);
  }

  @Test
  void aHugePictureIsRefusedByItsHeader() throws IOException {
    byte[] huge = png(40_000, 40_000, 8, 6, new byte[0]);
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> RasterReader.header("huge.png", huge));
    assertTrue(refused.getMessage().contains("40000 × 40000"), refused.getMessage());
    assertThrows(InvalidInput.class, () -> RasterReader.read("huge.png", huge));
    assertThrows(InvalidInput.class, () -> PictureReader.checkLength("big.png", 200_000_000));
  }

  @Test
  void damagedAndForeignFilesAreRefusedInWords() throws IOException {
    byte[] whole = encoded(new BufferedImage(300, 300, BufferedImage.TYPE_INT_ARGB), "png");
    byte[] cut = Arrays.copyOf(whole, whole.length / 2);
    assertTrue(
        assertThrows(InvalidInput.class, () -> RasterReader.read("cut.png", cut))
            .getMessage()
            .contains("cut.png"));
    byte[] words = "not a picture at all".getBytes();
    assertTrue(
        assertThrows(InvalidInput.class, () -> RasterReader.header("notes.txt", words))
            .getMessage()
            .contains("not a picture"));
    assertThrows(InvalidInput.class, () -> RasterReader.header("empty", new byte[0]));
  }

  private static byte[] encoded(BufferedImage image, String format) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    assertTrue(ImageIO.write(image, format, out));
    return out.toByteArray();
  }

  private static byte[] png(int width, int height, int depth, int type, byte[] raw)
      throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
    byte[] head =
        ByteBuffer.allocate(13)
            .putInt(width)
            .putInt(height)
            .put((byte) depth)
            .put((byte) type)
            .array();
    chunk(out, "IHDR", head);
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (var deflater = new java.util.zip.DeflaterOutputStream(packed)) {
      deflater.write(raw);
    }
    chunk(out, "IDAT", packed.toByteArray());
    chunk(out, "IEND", new byte[0]);
    return out.toByteArray();
  }

  private static void chunk(ByteArrayOutputStream out, String type, byte[] data)
      throws IOException {
    CRC32 sum = new CRC32();
    sum.update(type.getBytes());
    sum.update(data);
    out.write(ByteBuffer.allocate(4).putInt(data.length).array());
    out.write(type.getBytes());
    out.write(data);
    out.write(ByteBuffer.allocate(4).putInt((int) sum.getValue()).array());
  }
}
