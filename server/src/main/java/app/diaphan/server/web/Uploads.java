package app.diaphan.server.web;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.picture.PictureReader;
import java.io.IOException;
import java.util.Optional;
import org.springframework.web.multipart.MultipartFile;

/** What uploads say, and what of them is held in memory at once. */
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

  /** The name that a file came with. */
  static String nameOf(MultipartFile file) {
    String name = file.getOriginalFilename();
    if (name == null || name.isBlank()) {
      throw new InvalidInput("The file came without a name; save it under one and try again.");
    }
    return name;
  }

  /**
   * The encoding that somebody chose for text.
   *
   * @param named nothing if it is empty: it is found out then
   */
  static Optional<String> encoding(String named) {
    return named.isBlank() ? Optional.empty() : Optional.of(named);
  }

  /** A file has more bytes than its kind may have. */
  static final class TooLarge extends RuntimeException {}
}
