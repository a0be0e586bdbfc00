package app.diaphan.core.photograph.metadata;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.ByteBuffer;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** Directories that lie otherwise than cameras put them. */
class ExifThumbnailTest {
  private static final byte[] PICTURE = {1, 2, 3, 4, 5, 6};

  /** Big-endian: the second directory at 8, its picture at 38, the first directory at 44. */
  private static byte[] secondFirst() {
    ByteBuffer exif = ByteBuffer.allocate(62);
    exif.put(new byte[] {'M', 'M', 0, 42}).putInt(44);
    exif.putShort((short) 2);
    exif.putShort((short) 0x0201).putShort((short) 4).putInt(1).putInt(38);
    exif.putShort((short) 0x0202).putShort((short) 4).putInt(1).putInt(PICTURE.length);
    exif.putInt(0).put(PICTURE);
    exif.putShort((short) 1);
    exif.putShort((short) 0x0112).putShort((short) 3).putInt(1).putInt(1 << 16);
    exif.putInt(8);
    return exif.array();
  }

  @Test
  void theSecondDirectoryComesBehindTheFirst() {
    byte[] before = secondFirst();
    ByteBuffer after = ByteBuffer.wrap(ExifThumbnail.forwards(before));
    int second = after.getInt(58);
    assertTrue(second > 44);
    assertArrayEquals(
        Arrays.copyOfRange(before, 8, 38), Arrays.copyOfRange(after.array(), second, second + 30));
    assertSame(after.array(), ExifThumbnail.forwards(after.array()), "it lies there already");
  }

  @Test
  void aPictureThatFitsTakesThePlaceOfTheOneThere() {
    byte[] after = ExifThumbnail.exchanged(secondFirst(), new byte[] {9, 8});
    assertEquals(62, after.length);
    assertArrayEquals(new byte[] {9, 8, 0, 0, 0, 0}, Arrays.copyOfRange(after, 38, 44));
    assertEquals(2, ByteBuffer.wrap(after).getInt(30));
  }

  @Test
  void aLongerOneComesBehindAllAndNothingIsLeftOfTheOther() {
    byte[] longer = {9, 8, 7, 6, 5, 4, 3, 2, 1};
    byte[] after = ExifThumbnail.exchanged(secondFirst(), longer);
    assertEquals(62, ByteBuffer.wrap(after).getInt(18));
    assertArrayEquals(longer, Arrays.copyOfRange(after, 62, 71));
    assertArrayEquals(new byte[6], Arrays.copyOfRange(after, 38, 44));
  }

  @Test
  void whatLeadsNowhereIsTakenOut() {
    byte[] wild = secondFirst();
    ByteBuffer.wrap(wild).putInt(18, 1_000_000);
    assertTrue(ExifThumbnail.there(wild));
    assertFalse(ExifThumbnail.there(ExifThumbnail.exchanged(wild, PICTURE)));
    assertFalse(ExifThumbnail.there(new byte[] {1, 2, 3}));
  }
}
