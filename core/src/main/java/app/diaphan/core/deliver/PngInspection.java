package app.diaphan.core.deliver;

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
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;

/** Reads a PNG file through the PNGJ library. */
final class PngInspection {
  private PngInspection() {}

  static FileReport of(Path file, FileInspector.RowVisitor visitor) throws IOException {
    ImageInfo head;
    try (var stream = Files.newInputStream(file)) {
      PngReader reader = new PngReader(stream);
      head = reader.imgInfo;
      reader.close();
    }
    boolean bytes = head.bitDepth == 8;
    PngReader reader = bytes ? new PngReaderByte(file.toFile()) : new PngReader(file.toFile());
    try {
      int sample = head.bitDepth == 16 ? 2 : 1;
      int stride = head.samplesPerRow * sample;
      AlphaCount count = new AlphaCount(head.cols);
      CompletableFuture<String> digest = digest(file);
      LookBehind behind =
          new LookBehind(
              stride,
              (y, rows, at, length) -> {
                if (head.alpha) {
                  count.row(y, rows, at, head.channels * sample, sample);
                } else {
                  count.solidRow(y);
                }
                visitor.row(y, rows, at, length);
              });
      byte[] packed = new byte[stride];
      for (int y = 0; y < head.rows; y++) {
        behind.row(y, samples(reader.readRow(), packed, sample));
      }
      reader.end();
      behind.finish();
      boolean keyed = reader.getMetadata().getTRNS() instanceof PngChunkTRNS;
      return new FileReport(
          FileFormat.PNG,
          head.cols,
          head.rows,
          head.bitDepth,
          head.alpha || keyed ? FileReport.AlphaFound.STRAIGHT : FileReport.AlphaFound.NONE,
          count.clearShare(),
          count.partialShare(),
          count.solidShare(),
          count.drawn(),
          tags(reader),
          Files.size(file),
          digest.join());
    } finally {
      reader.close();
    }
  }

  /** Takes the file's digest while its pixels are decoded. */
  private static CompletableFuture<String> digest(Path file) {
    return CompletableFuture.supplyAsync(
        () -> {
          try {
            return FileInspector.sha256(file);
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
