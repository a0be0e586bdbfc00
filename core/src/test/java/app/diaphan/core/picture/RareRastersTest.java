package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import app.diaphan.core.InvalidInput;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Kinds of raster files that few programs write: read, or told of by name. */
class RareRastersTest {
  private static PictureFile read(byte[] bytes) {
    return PictureReader.readFile("made", bytes);
  }

  private static List<Long> pixel(PictureFile file, int place) {
    RasterPicture picture = (RasterPicture) file.picture();
    List<Long> values = new ArrayList<>();
    for (int c = 0; c < 4; c++) {
      values.add(Math.round(255.0 * picture.value(4 * place + c)));
    }
    return values;
  }

  private static ByteBuffer bmp(int header, int bits, int pixelBytes) {
    ByteBuffer file = ByteBuffer.allocate(14 + header + pixelBytes).order(ByteOrder.LITTLE_ENDIAN);
    file.put((byte) 'B').put((byte) 'M').putInt(file.capacity()).putInt(0).putInt(14 + header);
    file.putInt(header).putInt(2).putInt(2).putShort((short) 1).putShort((short) bits);
    return file;
  }

  /** The platform's decoder refuses this header; the other one knows it. */
  @Test
  void whatOneDecoderRefusesAnotherReads() {
    ByteBuffer file = bmp(64, 24, 16);
    file.putInt(0).putInt(16).position(14 + 64);
    file.put(new byte[] {1, 2, 3, 4, 5, 6, 0, 0, 7, 8, 9, 10, 11, 12, 0, 0});
    PictureFile read = read(file.array());
    assertEquals("BMP", read.format());
    assertEquals(List.of(9L, 8L, 7L, 255L), pixel(read, 0));
    assertEquals(List.of(6L, 5L, 4L, 255L), pixel(read, 3));
  }

  @Test
  void alphaOfFourBitsInABmpFileIsAlpha() {
    ByteBuffer file = bmp(108, 16, 8);
    file.putInt(3).putInt(8).position(54);
    file.putInt(0x0f00).putInt(0x00f0).putInt(0x000f).putInt(0xf000).position(14 + 108);
    file.putShort((short) 0x0fff).putShort((short) 0xff00);
    file.putShort((short) 0x5f00).putShort((short) 0xf00f);
    PictureFile read = read(file.array());
    assertEquals(List.of(85L, 0L, 0L, 85L), pixel(read, 0));
    assertEquals(List.of(0L, 0L, 255L, 255L), pixel(read, 1));
    assertEquals(List.of(0L, 0L, 0L, 0L), pixel(read, 2));
    assertEquals(List.of(255L, 0L, 0L, 255L), pixel(read, 3));
  }

  /** One pixel in one strip, field by field (TIFF 6.0). */
  private static byte[] tiff(int colours, int bits, int format, byte[] strip, int... black) {
    int[][] fields = {
      {256, 4, 1, 1},
      {257, 4, 1, 1},
      {258, 3, 3, 200},
      {259, 3, 1, 1},
      {262, 3, 1, colours},
      {273, 4, 1, 260},
      {277, 3, 1, 3},
      {278, 4, 1, 1},
      {279, 4, 1, strip.length},
      {284, 3, 1, 1},
      {339, 3, 3, 206},
      {530, 3, 2, 1 | 1 << 16},
      {532, 5, black.length, 212}
    };
    int count = black.length == 0 ? fields.length - 2 : fields.length;
    ByteBuffer file = ByteBuffer.allocate(300).order(ByteOrder.LITTLE_ENDIAN);
    file.put((byte) 'I').put((byte) 'I').putShort((short) 42).putInt(8).putShort((short) count);
    for (int i = 0; i < count; i++) {
      file.putShort((short) fields[i][0]).putShort((short) fields[i][1]);
      file.putInt(fields[i][2]).putInt(fields[i][3]);
    }
    file.putInt(0).position(200);
    for (int value : new int[] {bits, bits, bits, format, format, format}) {
      file.putShort((short) value);
    }
    for (int value : black) {
      file.putInt(value).putInt(1);
    }
    return file.position(260).put(strip).array();
  }

  @Test
  void fractionsBeyondWhiteAreToldOf() {
    ByteBuffer strip = ByteBuffer.allocate(12).order(ByteOrder.LITTLE_ENDIAN);
    strip.putFloat(0.5f).putFloat(3).putFloat(-1);
    PictureFile read = read(tiff(2, 32, 3, strip.array()));
    assertEquals(List.of(ReaderNotes.FLOATS), read.notes());
    assertEquals(List.of(128L, 255L, 0L, 255L), pixel(read, 0));
  }

  @Test
  void coloursByLightnessAreToldOf() {
    assertEquals(List.of(ReaderNotes.LAB), read(tiff(8, 8, 1, new byte[] {-1, 0, 0})).notes());
    assertEquals(List.of(), read(tiff(2, 8, 1, new byte[] {-1, 0, 0})).notes());
  }

  @Test
  void levelsOfVideoAreToldOf() {
    byte[] grey = {100, -128, -128};
    assertEquals(
        List.of(ReaderNotes.LEVELS),
        read(tiff(6, 8, 1, grey, 16, 235, 128, 240, 128, 240)).notes());
    assertEquals(List.of(), read(tiff(6, 8, 1, grey, 0, 255, 128, 255, 128, 255)).notes());
  }

  @Test
  void aPhotographWithMissingBytesIsToldOf() throws IOException {
    BufferedImage noise = new BufferedImage(64, 64, BufferedImage.TYPE_INT_RGB);
    Random random = new Random(7);
    for (int i = 0; i < 64 * 64; i++) {
      noise.setRGB(i % 64, i / 64, random.nextInt(1 << 24));
    }
    ByteArrayOutputStream whole = new ByteArrayOutputStream();
    ImageIO.write(noise, "jpeg", whole);
    assertEquals(List.of(), read(whole.toByteArray()).notes());
    byte[] file = whole.toByteArray();
    ByteArrayOutputStream torn = new ByteArrayOutputStream();
    int half = file.length / 2;
    torn.write(file, 0, half);
    torn.write(file, half + 400, file.length - half - 400);
    assertEquals(
        List.of(
            "The file is damaged: parts of the picture may be wrong. Get it once more from where it came."),
        read(torn.toByteArray()).notes());
  }

  @ParameterizedTest
  @CsvSource({
    "'P6 1 1 255 ...', a portable pixmap (PPM)",
    "'DDS |...', a DDS texture",
    "'SIMPLE  =                    T', a FITS picture"
  })
  void otherOpenKindsAreCalledByName(String file, String what) {
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> read(file.getBytes(StandardCharsets.ISO_8859_1)));
    assertEquals(
        "\"made\" is " + what + ", which Diaphan does not read; export it as PNG or TIFF.",
        refused.getMessage());
  }
}
