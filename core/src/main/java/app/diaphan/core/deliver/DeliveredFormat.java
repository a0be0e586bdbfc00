package app.diaphan.core.deliver;

import app.diaphan.core.file.FileFormat;
import app.diaphan.core.file.FileKind;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;

/** How files of one format are written, and read by a decoder that shares no code with that. */
interface DeliveredFormat {
  /** As many bytes as a file of each format is known by. */
  int BEGINS_WITH = 4;

  static DeliveredFormat of(FileFormat format) {
    return switch (format) {
      case PNG -> PngFormat.INSTANCE;
      case TIFF -> TiffFormat.INSTANCE;
    };
  }

  /**
   * @param start of a file, {@link #BEGINS_WITH} bytes
   */
  static Optional<DeliveredFormat> beginning(byte[] start) {
    return Arrays.stream(FileFormat.values())
        .map(DeliveredFormat::of)
        .filter(format -> format.begins(start))
        .findFirst();
  }

  /** Whether a file that begins so is of this format. */
  boolean begins(byte[] start);

  /**
   * Writes a file.
   *
   * @param rowSums to be noted of each row
   * @return what was read back meanwhile; empty if the file is to be inspected when it is whole
   */
  Optional<FileReport> write(
      FileChannel channel,
      SampleRows samples,
      FileHeader header,
      FileKind kind,
      RowSums rowSums,
      Progress progress)
      throws IOException;

  /** Reads a whole file. */
  FileReport inspect(Path file, FileInspector.RowVisitor visitor) throws IOException;
}
