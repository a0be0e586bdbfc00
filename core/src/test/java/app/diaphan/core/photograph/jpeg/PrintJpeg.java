package app.diaphan.core.photograph.jpeg;

import java.io.ByteArrayOutputStream;
import java.io.IOException;

/** A JPEG file of print's four colours that says so, for tests of other folders. */
public final class PrintJpeg {
  private PrintJpeg() {}

  public static byte[] bytes(int width, int height) throws IOException {
    byte[] four = MadeJpeg.ofFour(width, height);
    byte[] adobe = {
      (byte) 0xFF, (byte) 0xEE, 0, 14, 'A', 'd', 'o', 'b', 'e', 0, 100, 0, 0, 0, 0, 0
    };
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(four, 0, 2);
    out.writeBytes(adobe);
    out.write(four, 2, four.length - 2);
    return out.toByteArray();
  }
}
