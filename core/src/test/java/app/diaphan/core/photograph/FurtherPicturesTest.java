package app.diaphan.core.photograph;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import app.diaphan.core.photograph.file.Photographs;
import app.diaphan.core.photograph.jpeg.JpegFile;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files of phones, in which a second picture lies behind the photograph. */
class FurtherPicturesTest {
  @TempDir Path folder;

  /** An index of two pictures, little-endian. */
  private static ByteBuffer index(int first, int second, int offset) {
    ByteBuffer index = ByteBuffer.allocate(8 + 2 + 12 + 4 + 32).order(ByteOrder.LITTLE_ENDIAN);
    index.put(new byte[] {'I', 'I', 42, 0}).putInt(8).putShort((short) 1);
    index.putShort((short) 0xB002).putShort((short) 7).putInt(32).putInt(26).putInt(0);
    index.putInt(0x030000).putInt(first).putInt(0).putInt(0);
    index.putInt(0).putInt(second).putInt(offset).putInt(0);
    return index;
  }

  @Test
  void theyAreFoundWhereTheyLieNow() throws Exception {
    byte[] second = MadePhotograph.file(MadePhotograph.picture(40, 30, 5), "jpeg", "");
    byte[] plain = MadePhotograph.file(MadePhotograph.picture(320, 200, 5), "jpeg", "");
    int start = 2 + 4 + 4;
    int end = plain.length + start - 2 + 58;
    byte[] first =
        MadePhotograph.withSegments(
            plain,
            MadePhotograph.segment(0xE2, "MPF\0", index(end, second.length, end - start).array()));
    assertEquals(end, first.length);
    ByteArrayOutputStream both = new ByteArrayOutputStream();
    both.writeBytes(first);
    both.writeBytes(second);
    Path file = Files.write(folder.resolve("phone.jpg"), both.toByteArray());
    assertEquals(
        List.of("A second picture in the file, behind the photograph, has no mark."),
        Photographs.open(file).notes());

    JpegFile jpeg = JpegFile.read(both.toByteArray());
    short[] block = new short[64];
    Arrays.setAll(new int[64], i -> block[i] = (short) (i % 3 * 5 - 4));
    for (int column = 0; column < 20; column++) {
      jpeg.coefficients(0).put(column, 7, block);
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    jpeg.write(out);
    byte[] written = out.toByteArray();
    assertNotEquals(both.size(), written.length);
    int at = new String(written, StandardCharsets.ISO_8859_1).indexOf("MPF\0") + 4;
    ByteBuffer found = ByteBuffer.wrap(written).order(ByteOrder.LITTLE_ENDIAN);
    assertEquals(written.length - second.length, found.getInt(at + 26 + 4));
    int place = at + found.getInt(at + 26 + 16 + 8);
    assertArrayEquals(second, Arrays.copyOfRange(written, place, place + second.length));
  }
}
