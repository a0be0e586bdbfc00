package app.diaphan.core.deliver;

import app.diaphan.core.Digest;
import ar.com.hjg.pngj.IImageLine;
import ar.com.hjg.pngj.ImageInfo;
import ar.com.hjg.pngj.ImageLineByte;
import ar.com.hjg.pngj.ImageLineInt;
import ar.com.hjg.pngj.PngReader;
import ar.com.hjg.pngj.PngReaderByte;
import ar.com.hjg.pngj.chunks.PngChunk;
import ar.com.hjg.pngj.chunks.PngChunkOFFS;
import ar.com.hjg.pngj.chunks.PngChunkPHYS;
import ar.com.hjg.pngj.chunks.PngChunkTRNS;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.ForkJoinPool;

/** Reads a PNG file through the PNGJ library. */
final class PngInspection {
  private PngInspection() {}

  @FunctionalInterface
  private interface Told<T> {
    T tell() throws IOException;
  }

  static FileReport of(Path file, FileInspector.RowVisitor visitor) throws IOException {
    CompletableFuture<String> digest = digest(file);
    return read(
        () -> Files.newInputStream(file),
        visitor,
        Optional.of(ForkJoinPool.commonPool()),
        () -> Files.size(file),
        digest::join);
  }

  /** Reads a file while it is being written, and looks at its rows by the way. */
  static FileReport of(FollowedFile file, FileInspector.RowVisitor visitor) throws IOException {
    return read(
        file::reading, visitor, Optional.empty(), file::size, () -> Digest.of(file.reading()));
  }

  /**
   * @param looking where rows are looked at; nothing for where they are decoded
   */
  private static FileReport read(
      Told<InputStream> opened,
      FileInspector.RowVisitor visitor,
      Optional<Executor> looking,
      Told<Long> size,
      Told<String> digest)
      throws IOException {
    ImageInfo head;
    try (InputStream stream = opened.tell()) {
      PngReader reader = new PngReader(stream);
      head = reader.imgInfo;
      reader.close();
    }
    boolean bytes = head.bitDepth == 8;
    InputStream stream = opened.tell();
    PngReader reader = bytes ? new PngReaderByte(stream) : new PngReader(stream);
    try {
      int sample = head.bitDepth == 16 ? 2 : 1;
      int stride = head.samplesPerRow * sample;
      MeasuredRows look =
          new MeasuredRows(
              head.cols,
              head.channels * sample,
              sample,
              head.alpha,
              head.channels == 4 && head.bitDepth >= 8,
              visitor);
      byte[] packed = new byte[stride];
      Optional<LookBehind> behind = looking.map(it -> new LookBehind(it, stride, look));
      for (int y = 0; y < head.rows; y++) {
        byte[] row = samples(reader.readRow(), packed, sample);
        if (behind.isPresent()) {
          behind.get().row(y, row);
        } else {
          look.row(y, row, 0, stride);
        }
      }
      reader.end();
      behind.ifPresent(LookBehind::finish);
      boolean keyed = reader.getMetadata().getTRNS() instanceof PngChunkTRNS;
      return new FileReport(
          FileFormat.PNG,
          head.cols,
          head.rows,
          head.bitDepth,
          head.channels,
          head.alpha || keyed ? FileReport.AlphaFound.STRAIGHT : FileReport.AlphaFound.NONE,
          look.count().clearShare(),
          look.count().partialShare(),
          look.count().solidShare(),
          look.count().drawn(),
          look.fringe(),
          tags(reader),
          size.tell(),
          digest.tell());
    } finally {
      reader.close();
    }
  }

  /** Takes the file's digest while its pixels are decoded. */
  private static CompletableFuture<String> digest(Path file) {
    return CompletableFuture.supplyAsync(
        () -> {
          try {
            return Digest.of(file);
          } catch (IOException e) {
            throw new UncheckedIOException(e);
          }
        });
  }

  private static byte[] samples(IImageLine line, byte[] packed, int sample) {
    if (line instanceof ImageLineByte bytes) {
      return bytes.getScanlineByte();
    }
    int[] values = ((ImageLineInt) line).getScanline();
    int at = 0;
    for (int i = 0; i < packed.length / sample; i++) {
      if (sample == 2) {
        packed[at++] = (byte) (values[i] >> 8);
      }
      packed[at++] = (byte) values[i];
    }
    return packed;
  }

  private static Map<String, String> tags(PngReader reader) {
    Map<String, String> tags = new TreeMap<>();
    for (PngChunk chunk : reader.getChunksList().getChunks()) {
      switch (chunk) {
        case PngChunkPHYS physical ->
            tags.put(
                "pHYs",
                physical.getPixelsxUnitX()
                    + " × "
                    + physical.getPixelsxUnitY()
                    + (physical.getUnits() == 1 ? " a metre" : " (pixel aspect)"));
        case PngChunkOFFS offset ->
            tags.put("oFFs", offset.getPosX() + " right, " + offset.getPosY() + " down");
        default -> {
          if (!chunk.id.equals("IHDR") && !chunk.id.equals("IDAT") && !chunk.id.equals("IEND")) {
            tags.put(chunk.id, "present");
          }
        }
      }
    }
    return tags;
  }
}
