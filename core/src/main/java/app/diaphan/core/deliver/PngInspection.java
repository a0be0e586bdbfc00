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
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ForkJoinPool;

/** Reads a PNG file through the PNGJ library. */
final class PngInspection {
  private PngInspection() {}

  static FileReport of(Path file, FileInspector.RowVisitor visitor) throws IOException {
    CompletableFuture<String> digest = digest(file);
    PngHead head;
    try (InputStream stream = Files.newInputStream(file)) {
      PngReader reader = new PngReader(stream);
      ImageInfo info = reader.imgInfo;
      head = new PngHead(info.cols, info.rows, info.bitDepth, info.channels);
      reader.close();
    }
    InputStream stream = Files.newInputStream(file);
    PngReader reader = head.bits() == 8 ? new PngReaderByte(stream) : new PngReader(stream);
    try {
      int sample = head.bits() == 16 ? 2 : 1;
      MeasuredRows look = head.measured(visitor);
      byte[] packed = new byte[head.stride()];
      LookBehind behind = new LookBehind(ForkJoinPool.commonPool(), head.stride(), look);
      for (int y = 0; y < head.height(); y++) {
        behind.row(y, samples(reader.readRow(), packed, sample));
      }
      reader.end();
      behind.finish();
      boolean keyed = reader.getMetadata().getTRNS() instanceof PngChunkTRNS;
      return head.report(look, keyed, tags(reader), Files.size(file), digest.join());
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
                PngHead.physical(
                    physical.getPixelsxUnitX(),
                    physical.getPixelsxUnitY(),
                    physical.getUnits() == 1));
        case PngChunkOFFS offset ->
            tags.put("oFFs", PngHead.offset(offset.getPosX(), offset.getPosY()));
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
