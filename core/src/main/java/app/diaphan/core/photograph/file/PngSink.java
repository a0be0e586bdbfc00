package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.metadata.Metadata;
import ar.com.hjg.pngj.ImageInfo;
import ar.com.hjg.pngj.PngWriter;
import ar.com.hjg.pngj.PngjException;
import ar.com.hjg.pngj.chunks.ChunksList;
import ar.com.hjg.pngj.chunks.PngChunk;
import ar.com.hjg.pngj.chunks.PngChunkICCP;
import ar.com.hjg.pngj.chunks.PngChunkITXT;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.Set;

/** Writes PNG files, with all chunks of the photograph's own file that still say what is so. */
final class PngSink {
  /** A photograph is seldom packed much smaller by more work. */
  private static final int LEVEL = 4;

  /** Of palettes and of clear colours; pixels have their own by now. */
  private static final Set<String> OF_PALETTE = Set.of("PLTE", "tRNS", "hIST", "bKGD", "sBIT");

  private PngSink() {}

  /**
   * @param own the photograph's chunks, if it is a PNG file
   */
  static void write(RowSource rows, Metadata metadata, Optional<ChunksList> own, OutputStream to)
      throws IOException {
    try {
      ImageInfo info =
          new ImageInfo(
              rows.width(), rows.height(), rows.bits(), rows.alpha(), rows.channels() < 3, false);
      PngWriter writer = new PngWriter(to, info);
      writer.setShouldCloseStream(false);
      writer.setCompLevel(LEVEL);
      own.ifPresent(chunks -> writer.copyChunksFrom(chunks, PngSink::kept));
      say(writer, info, metadata, own.isPresent());
      int[] row = new int[rows.width() * rows.channels()];
      for (int y = 0; y < rows.height(); y++) {
        rows.next(row);
        writer.writeRowInt(row);
      }
      writer.end();
    } catch (PngjException e) {
      throw e.getCause() instanceof IOException cause ? cause : new IOException(e);
    }
  }

  private static boolean kept(PngChunk chunk) {
    return !chunk.crit
        && !OF_PALETTE.contains(chunk.id)
        && !chunk.id.equals(PngExif.ID)
        && !PngPhotograph.xmp(chunk);
  }

  private static void say(
      PngWriter writer, ImageInfo info, Metadata metadata, boolean profileIsThere) {
    if (metadata.profile().isPresent() && !profileIsThere) {
      PngChunkICCP profile = new PngChunkICCP(info);
      profile.setProfileNameAndContent("ICC profile", metadata.profile().get());
      writer.queueChunk(profile);
    }
    metadata.exif().ifPresent(exif -> writer.queueChunk(new PngExif(info, exif)));
    metadata
        .xmp()
        .ifPresent(
            xmp -> {
              PngChunkITXT chunk = new PngChunkITXT(info);
              chunk.setKeyVal(PngPhotograph.XMP, new String(xmp, StandardCharsets.UTF_8));
              writer.queueChunk(chunk);
            });
  }
}
