package app.diaphan.core.deliver;

import app.diaphan.core.file.FileKind;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;

/** PNG, read back while it is written: both cores have work to the end. */
final class PngFormat implements DeliveredFormat {
  static final PngFormat INSTANCE = new PngFormat();

  private PngFormat() {}

  @Override
  public boolean begins(byte[] start) {
    return start[0] == (byte) 0x89 && start[1] == 'P';
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
    FollowedFile followed = new FollowedFile(channel);
    FutureTask<FileReport> reading =
        new FutureTask<>(
            () -> ReadBack.read(() -> PngReadBack.of(followed, ReadBack.equal(samples, rowSums))));
    Thread.ofPlatform().daemon().name("reading back").start(reading);
    try {
      new PngWriter(samples, header, kind.level(), rowSums).write(followed, progress);
      followed.end();
    } finally {
      followed.giveUp(); // Of no effect once it has ended.
    }
    try {
      return Optional.of(reading.get());
    } catch (ExecutionException e) {
      if (e.getCause() instanceof IOException broken) {
        throw broken;
      }
      throw e.getCause() instanceof DeliveryFailed failed
          ? failed
          : ReadBack.unreadable(e.getCause());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new InterruptedIOException("it was called off");
    }
  }

  @Override
  public FileReport inspect(Path file, FileInspector.RowVisitor visitor) throws IOException {
    return PngInspection.of(file, visitor);
  }
}
