package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Files of pixels that are told on the command line. */
final class PixelFile {
  private PixelFile() {}

  /**
   * @throws InvalidInput if it is no picture, or none of pixels
   */
  static PictureFile read(Path file) throws IOException {
    String name = file.getFileName().toString();
    if (!Files.isRegularFile(file)) {
      throw new InvalidInput(Sentence.of("There is no file \"%s\".", file));
    }
    PictureFile read = PictureReader.readFile(name, Files.readAllBytes(file));
    if (!(read.picture() instanceof RasterPicture)) {
      throw new InvalidInput(
          Sentence.of("\"%s\" is a vector picture; give a file of pixels.", name));
    }
    return read;
  }

  /** What {@link #read} gives, without what is told beside the pixels. */
  static RasterPicture pixels(Path file) throws IOException {
    return (RasterPicture) read(file).picture();
  }
}
