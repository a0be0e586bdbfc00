package app.diaphan.server.web;

import app.diaphan.core.picture.PictureReader;
import java.io.IOException;
import org.springframework.web.multipart.MultipartFile;

/** What of an upload is held in memory at once. */
final class Uploads {
  private Uploads() {}

  /**
   * All bytes of a file of at most the length that pictures may have; only packages are larger.
   *
   * @throws TooLarge if it is longer
   */
  static byte[] bytes(MultipartFile file) throws IOException {
    if (file.getSize() > PictureReader.MOST_BYTES) {
      throw new TooLarge();
    }
    return file.getBytes();
  }

  /** A file has more bytes than its kind may have. */
  static final class TooLarge extends RuntimeException {}
}
