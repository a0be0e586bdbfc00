package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.nio.ByteBuffer;
import org.junit.jupiter.api.Test;

class TiffDirectoryTest {
  /** TIFF 6.0, section 2: values begin at even places, also behind one of an odd length. */
  @Test
  void valuesBehindTheFieldsBeginAtEvenPlaces() {
    ByteBuffer directory =
        new TiffDirectory()
            .words(TiffTag.IMAGE_DESCRIPTION, "matted")
            .rational(TiffTag.X_RESOLUTION, 72, 1)
            .at(100);
    int words = directory.getInt(2 + 8);
    int rational = directory.getInt(2 + 12 + 8);
    assertEquals(100 + 2 + 2 * 12 + 4, words);
    assertEquals(words + 8, rational, "seven bytes and one to spare");
    assertEquals(72, directory.getInt(rational - 100));
    assertEquals(rational - 100 + 8, directory.capacity());
  }
}
