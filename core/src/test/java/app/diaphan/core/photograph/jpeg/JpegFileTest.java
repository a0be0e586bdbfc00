package app.diaphan.core.photograph.jpeg;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Stream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriter;
import javax.imageio.plugins.jpeg.JPEGImageWriteParam;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Files by the platform's encoder, read back by its decoder, which share no code with ours. */
class JpegFileTest {
  private static final int[][] SIZES = {{1, 1}, {7, 9}, {16, 16}, {33, 47}, {200, 133}};
  private static final int[][] SAMPLINGS = {{1, 1}, {2, 1}, {2, 2}, {1, 2}, {4, 1}};

  static Stream<MadeJpeg> files() {
    List<MadeJpeg> files = new ArrayList<>();
    for (int[] size : SIZES) {
      for (boolean progressive : new boolean[] {false, true}) {
        for (int[] sampling : SAMPLINGS) {
          float quality = sampling[0] == 4 ? 0.3f : sampling[1] == 2 ? 0.75f : 0.95f;
          files.add(of(size, false, quality, progressive, sampling, 0));
          files.add(of(size, false, quality, progressive, sampling, 3));
        }
        files.add(of(size, true, 0.6f, progressive, SAMPLINGS[0], 0));
        files.add(of(size, true, 1, progressive, SAMPLINGS[0], 5));
      }
    }
    return files.stream();
  }

  private static MadeJpeg of(
      int[] size, boolean grey, float quality, boolean progressive, int[] sampling, int restart) {
    return new MadeJpeg(
        size[0], size[1], grey, quality, progressive, sampling[0], sampling[1], restart);
  }

  private static byte[] written(JpegFile file) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    file.write(bytes);
    return bytes.toByteArray();
  }

  /** As they are in the file, without anything done about their colours. */
  static Raster pixels(byte[] bytes) throws IOException {
    ImageReader reader = ImageIO.getImageReadersByFormatName("jpeg").next();
    try (var in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
      reader.setInput(in);
      return reader.readRaster(0, null);
    } finally {
      reader.dispose();
    }
  }

  private static int[] values(Raster raster) {
    return raster.getPixels(0, 0, raster.getWidth(), raster.getHeight(), (int[]) null);
  }

  private static List<short[]> blocks(JpegFile file) {
    List<short[]> blocks = new ArrayList<>();
    for (int c = 0; c < file.frame().components().size(); c++) {
      JpegFrame.Component component = file.frame().components().get(c);
      for (int row = 0; row < component.allRows(); row++) {
        for (int column = 0; column < component.allColumns(); column++) {
          short[] block = new short[Coefficients.OF_BLOCK];
          file.coefficients(c).block(column, row, block);
          blocks.add(block);
        }
      }
    }
    return blocks;
  }

  private static void assertSame(byte[] bytes) throws Exception {
    JpegFile file = JpegFile.read(bytes);
    byte[] again = written(file);
    assertArrayEquals(values(pixels(bytes)), values(pixels(again)));
    List<short[]> before = blocks(file);
    List<short[]> after = blocks(JpegFile.read(again));
    assertEquals(before.size(), after.size());
    for (int i = 0; i < before.size(); i++) {
      assertArrayEquals(before.get(i), after.get(i), "block " + i);
    }
  }

  @ParameterizedTest
  @MethodSource("files")
  void aFileWrittenAgainIsTheSamePicture(MadeJpeg made) throws Exception {
    byte[] bytes = made.bytes();
    assertSame(bytes);
    byte[] again = written(JpegFile.read(bytes));
    assertTrue(
        new String(again, java.nio.charset.StandardCharsets.ISO_8859_1).contains("Quay at dusk"));
    // Codes are the shortest, so that nothing grows but a header of a few bytes.
    assertTrue(again.length <= bytes.length + 200, again.length + " of " + bytes.length);
  }

  @Test
  void theFilesAreOfAllKindsTheySay() throws Exception {
    int progressive = 0;
    int restarts = 0;
    for (MadeJpeg made : files().toList()) {
      byte[] bytes = made.bytes();
      JpegFile file = JpegFile.read(bytes);
      assertEquals(made.width(), file.frame().width());
      assertEquals(made.height(), file.frame().height());
      assertEquals(made.progressive(), file.frame().progressive());
      if (!made.grey()) {
        assertEquals(made.across(), file.frame().mostAcross());
        assertEquals(made.down(), file.frame().mostDown());
      }
      progressive += made.progressive() ? 1 : 0;
      restarts += holds(bytes, Segment.RESTART_INTERVAL) ? 1 : 0;
    }
    assertTrue(files().count() >= 60 && progressive >= 30, files().count() + " files");
    assertTrue(restarts >= 30, restarts + " with restarts");
  }

  private static boolean holds(byte[] bytes, int marker) {
    for (int i = 0; i + 1 < bytes.length; i++) {
      if (bytes[i] == (byte) 0xFF && (bytes[i + 1] & 0xFF) == marker) {
        return true;
      }
    }
    return false;
  }

  @Test
  void filesOfFourColoursAreTheSameToo() throws Exception {
    assertSame(MadeJpeg.ofFour(61, 43));
  }

  /** So many that their codes have to end before all blocks are through. */
  @Test
  void bitsThatWaitForACodeAreNeverTooMany() throws Exception {
    JpegFile file = JpegFile.read(of(SIZES[4], true, 1, true, SAMPLINGS[0], 0).bytes());
    short[] block = new short[Coefficients.OF_BLOCK];
    JpegFrame.Component grey = file.frame().components().getFirst();
    for (int i = 0; i < grey.blocks(); i++) {
      for (int k = 1; k < block.length; k++) {
        block[k] = (short) ((i + k) % 2 == 0 ? 4 + (i * k) % 4 : -4 - (i + 3 * k) % 4);
      }
      file.coefficients(0).put(i % grey.allColumns(), i / grey.allColumns(), block);
    }
    assertSame(written(file));
    List<short[]> before = blocks(file);
    List<short[]> after = blocks(JpegFile.read(written(file)));
    for (int i = 0; i < before.size(); i++) {
      assertArrayEquals(before.get(i), after.get(i), "block " + i);
    }
  }

  /** Rows before and behind are copied, whatever bit they begin at. */
  @ParameterizedTest
  @MethodSource("files")
  void whatIsChangedInAnyRowIsReadAgain(MadeJpeg made) throws Exception {
    byte[] bytes = made.bytes();
    int rows = JpegFile.read(bytes).frame().components().getFirst().rows();
    for (int row : new int[] {0, rows / 2, rows - 1}) {
      JpegFile file = JpegFile.read(bytes);
      for (int c = 0; c < file.frame().components().size(); c++) {
        JpegFrame.Component component = file.frame().components().get(c);
        short[] block = new short[Coefficients.OF_BLOCK];
        int own = Math.min(row, component.rows() - 1);
        file.coefficients(c).block(component.columns() - 1, own, block);
        block[0] += 11;
        block[9] -= 3;
        file.coefficients(c).put(component.columns() - 1, own, block);
      }
      List<short[]> expected = blocks(file);
      List<short[]> found = blocks(JpegFile.read(written(file)));
      for (int i = 0; i < expected.size(); i++) {
        assertArrayEquals(expected.get(i), found.get(i), "row " + row + ", block " + i);
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"2, 2", "1, 1"})
  void anUnchangedFileOfOneScanIsTheSameToTheByte(int across, int down) throws Exception {
    byte[] bytes = of(SIZES[4], false, 0.9f, false, new int[] {across, down}, 0).bytes();
    assertArrayEquals(bytes, written(JpegFile.read(bytes)));
  }

  /** Codes of a file that has only those that it needs do not do for everything. */
  @Test
  void whatAFileHasNoCodesForGetsSome() throws Exception {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    JPEGImageWriteParam how = new JPEGImageWriteParam(Locale.ROOT);
    how.setOptimizeHuffmanTables(true);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (var to = ImageIO.createImageOutputStream(out)) {
      writer.setOutput(to);
      BufferedImage flat = new BufferedImage(160, 96, BufferedImage.TYPE_INT_RGB);
      writer.write(null, new IIOImage(flat, null, null), how);
    } finally {
      writer.dispose();
    }
    JpegFile file = JpegFile.read(out.toByteArray());
    short[] block = new short[Coefficients.OF_BLOCK];
    for (int i = 0; i < block.length; i++) {
      block[i] = (short) (i * 13 % 31 - 15);
    }
    file.coefficients(0).put(3, 4, block);
    short[] found = new short[Coefficients.OF_BLOCK];
    JpegFile.read(written(file)).coefficients(0).block(3, 4, found);
    assertArrayEquals(block, found);
  }

  /** What stands behind a file's end is no part of it, but stays. */
  @Test
  void whatComesAfterTheEndIsKept() throws Exception {
    byte[] bytes = of(SIZES[3], false, 0.8f, false, SAMPLINGS[2], 0).bytes();
    byte[] longer = Arrays.copyOf(bytes, bytes.length + 5);
    longer[bytes.length + 4] = 42;
    byte[] again = written(JpegFile.read(longer));
    assertEquals(42, again[again.length - 1]);
    assertEquals((byte) 0xD9, again[again.length - 6]);
  }

  /** Of a file without subsampling: 8 by 8 pixels, and no other. */
  @ParameterizedTest
  @CsvSource({"false", "true"})
  void aChangedBlockChangesItsPixelsAlone(boolean progressive) throws Exception {
    byte[] bytes = of(SIZES[4], false, 0.9f, progressive, SAMPLINGS[0], 0).bytes();
    JpegFile file = JpegFile.read(bytes);
    short[] block = new short[Coefficients.OF_BLOCK];
    file.coefficients(0).block(7, 5, block);
    block[0] += 40;
    block[20] -= 9;
    file.coefficients(0).put(7, 5, block);
    Raster before = pixels(bytes);
    Raster after = pixels(written(file));
    int changed = 0;
    for (int y = 0; y < before.getHeight(); y++) {
      for (int x = 0; x < before.getWidth(); x++) {
        boolean same =
            Arrays.equals(before.getPixel(x, y, (int[]) null), after.getPixel(x, y, (int[]) null));
        boolean within = x / 8 == 7 && y / 8 == 5;
        assertTrue(same || within, x + ", " + y);
        changed += same ? 0 : 1;
      }
    }
    assertTrue(changed > 32, "changed " + changed);
  }

  @ParameterizedTest
  @CsvSource({"201, arithmetically", "195, without loss", "197, in layers"})
  void otherCodingsAreToldByName(int header, String said) throws Exception {
    byte[] bytes = of(SIZES[3], false, 0.8f, false, SAMPLINGS[0], 0).bytes();
    for (int i = 0; i + 1 < bytes.length; i++) {
      if (bytes[i] == (byte) 0xFF && bytes[i + 1] == (byte) Segment.BASELINE) {
        bytes[i + 1] = (byte) header;
        break;
      }
    }
    NotByBlocks refused = assertThrows(NotByBlocks.class, () -> JpegFile.read(bytes));
    assertTrue(refused.getMessage().contains(said), refused.getMessage());
  }

  @ParameterizedTest
  @CsvSource({"false", "true"})
  void aFileCutShortAnywhereIsTold(boolean progressive) throws Exception {
    byte[] bytes = of(SIZES[3], false, 0.8f, progressive, SAMPLINGS[2], 2).bytes();
    for (int length = 0; length < bytes.length; length++) {
      byte[] cut = Arrays.copyOf(bytes, length);
      assertThrows(NotByBlocks.class, () -> JpegFile.read(cut), "after " + length);
    }
  }

  /** Whatever is wrong in a file: it is told of, or it can be written again. */
  @ParameterizedTest
  @CsvSource({"false, 1", "true, 2"})
  void damagedFilesHurtNobody(boolean progressive, int seed) throws Exception {
    byte[] bytes = of(SIZES[3], false, 0.8f, progressive, SAMPLINGS[2], 2).bytes();
    Random random = new Random(seed);
    int told = 0;
    for (int turn = 0; turn < 3000; turn++) {
      byte[] damaged = bytes.clone();
      for (int i = 0; i <= turn % 3; i++) {
        damaged[random.nextInt(damaged.length)] = (byte) random.nextInt(256);
      }
      try {
        JpegFile read = JpegFile.read(damaged);
        byte[] again = written(read);
        List<short[]> before = blocks(read);
        List<short[]> after = blocks(JpegFile.read(again));
        for (int i = 0; i < before.size(); i++) {
          assertArrayEquals(before.get(i), after.get(i), "turn " + turn + ", block " + i);
        }
      } catch (NotByBlocks e) {
        told++;
      }
    }
    assertTrue(told > 300, "told of " + told);
  }
}
