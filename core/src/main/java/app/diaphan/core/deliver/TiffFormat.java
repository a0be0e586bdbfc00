package app.diaphan.core.deliver;

import app.diaphan.core.file.FileKind;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.util.Optional;

/** TIFF 6.0; its directory comes last, so that a file is read back when it is whole. */
final class TiffFormat implements DeliveredFormat {
  static final TiffFormat INSTANCE = new TiffFormat();

  private TiffFormat() {}

  @Override
  public boolean begins(byte[] start) {
    return start[0] == 'M' && start[1] == 'M' || start[0] == 'I' && start[1] == 'I';
  }

  @Override
  public Optional<FileReport> write(
      FileChannel channel,
      SampleRows samples,
      FileHeader header,
      FileKind kind,
      RowSums rowSums,
      Progress progress)
      throws IOException {
    new TiffWriter(samples, header, kind, rowSums).write(channel, progress);
    return Optional.empty();
  }

  @Override
  public FileReport inspect(Path file, FileInspector.RowVisitor visitor) throws IOException {
    return TiffInspection.of(file, visitor);
  }
}
