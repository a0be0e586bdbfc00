package app.diaphan.core.deliver;

import app.diaphan.core.file.Extent;
import app.diaphan.core.raster.Bounds;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.util.Optional;

/**
 * Writes one file of a target and reads it back, some formats while they are written, others
 * afterwards.
 */
final class CheckedWriting {
  private final SampleRows samples;
  private final Target target;
  private final Bounds extent;
  private final Progress progress;
  private final RowSums rowSums;
  private Optional<FileReport> report = Optional.empty();

  /**
   * @param extent of the file, in pixels of the frame
   */
  CheckedWriting(SampleRows samples, Target target, Bounds extent, Progress progress) {
    this.samples = samples;
    this.target = target;
    this.extent = extent;
    this.progress = progress;
    rowSums = new RowSums(samples.height());
  }

  void to(FileChannel channel) throws IOException {
    FileHeader header =
        new FileHeader(
            target.frame().pixelAspect(),
            target.dotsPerInch(),
            extent.left(),
            extent.top(),
            target.file().extent() instanceof Extent.TrimmedExtent);
    report =
        DeliveredFormat.of(target.file().format())
            .write(channel, samples, header, target.file(), rowSums, progress);
  }

  /**
   * @param unnamed the file as it was written, before it has its name
   */
  void check(Path unnamed) throws IOException {
    if (report.isEmpty()) {
      report =
          Optional.of(
              ReadBack.read(
                  () -> FileInspector.inspect(unnamed, ReadBack.equal(samples, rowSums))));
    }
    ReadBack.held(report(), samples, FileReport.AlphaFound.of(target.file().carried()));
  }

  /** What the file was read back as; only when it is written and checked. */
  FileReport report() {
    return report.orElseThrow();
  }
}
