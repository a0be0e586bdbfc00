package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.metadata.Metadata;
import ar.com.hjg.pngj.ImageLineHelper;
import ar.com.hjg.pngj.ImageLineInt;
import ar.com.hjg.pngj.PngReader;
import ar.com.hjg.pngj.PngReaderInt;
import ar.com.hjg.pngj.PngjException;
import ar.com.hjg.pngj.chunks.ChunkLoadBehaviour;
import ar.com.hjg.pngj.chunks.ChunksList;
import ar.com.hjg.pngj.chunks.PngChunk;
import ar.com.hjg.pngj.chunks.PngChunkICCP;
import ar.com.hjg.pngj.chunks.PngChunkITXT;
import ar.com.hjg.pngj.chunks.PngChunkTRNS;
import ar.com.hjg.pngj.chunks.PngChunkUNKNOWN;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** A PNG file; colours of a palette become colours of their own when a mark is laid over them. */
final class PngPhotograph extends RowPhotograph {
  static final String XMP = "XML:com.adobe.xmp";

  private static final long MOST_METADATA = 64L << 20;

  private final Path path;
  private final ChunksList chunks;

  private PngPhotograph(Path path, PngReader reader, Metadata metadata) {
    super(
        new PhotographFacts(
            PhotographFormat.PNG,
            reader.imgInfo.cols,
            reader.imgInfo.rows,
            bits(reader),
            OwnColours.of(metadata.profile(), reader.imgInfo.greyscale ? 1 : 3),
            metadata,
            List.of()));
    this.path = path;
    chunks = reader.getChunksList();
  }

  private static int bits(PngReader reader) {
    return reader.imgInfo.bitDepth > Byte.SIZE ? Short.SIZE : Byte.SIZE;
  }

  static PngPhotograph of(Path path) throws IOException {
    PngReader reader = reader(path);
    try {
      reader.readSkippingAllRows();
      reader.end();
      return new PngPhotograph(path, reader, metadata(reader.getChunksList()));
    } catch (PngjException e) {
      throw new IOException(e);
    } finally {
      reader.close();
    }
  }

  private static PngReader reader(Path path) throws IOException {
    try {
      PngReader reader = new PngReaderInt(path.toFile());
      reader.setChunkLoadBehaviour(ChunkLoadBehaviour.LOAD_CHUNK_ALWAYS);
      reader.setMaxBytesMetadata(MOST_METADATA);
      reader.setMaxTotalBytesRead(0); // As large as it is.
      return reader;
    } catch (PngjException e) {
      throw new IOException(e);
    }
  }

  private static Metadata metadata(ChunksList chunks) {
    Optional<byte[]> exif = Optional.empty();
    Optional<byte[]> xmp = Optional.empty();
    Optional<byte[]> profile = Optional.empty();
    for (PngChunk chunk : chunks.getChunks()) {
      if (chunk.id.equals(PngExif.ID) && chunk instanceof PngChunkUNKNOWN unknown) {
        exif = Optional.of(unknown.getData());
      } else if (xmp(chunk) && chunk instanceof PngChunkITXT text) {
        xmp = Optional.of(text.getVal().getBytes(StandardCharsets.UTF_8));
      } else if (chunk instanceof PngChunkICCP colour) {
        profile = Optional.of(colour.getProfile());
      }
    }
    return new Metadata(exif, Optional.empty(), xmp, profile);
  }

  /** Whether it is the text that holds XMP. */
  static boolean xmp(PngChunk chunk) {
    return chunk instanceof PngChunkITXT text && text.getKey().equals(XMP);
  }

  /** All that the file holds beside its pixels. */
  ChunksList chunks() {
    return chunks;
  }

  @Override
  RowSource decoded() throws IOException {
    return new Rows(reader(path));
  }

  private static final class Rows implements RowSource {
    private final PngReader reader;
    private final boolean palette;
    private final Optional<PngChunkTRNS> clear;
    private final int own;
    private final RowShape shape;

    Rows(PngReader reader) {
      this.reader = reader;
      palette = reader.imgInfo.indexed;
      own = reader.imgInfo.channels;
      clear = Optional.ofNullable(reader.getMetadata().getTRNS());
      int colours = palette ? 3 : own;
      int channels = clear.isPresent() && colours % 2 == 1 ? colours + 1 : colours;
      shape =
          new RowShape(
              reader.imgInfo.cols, reader.imgInfo.rows, channels, PngPhotograph.bits(reader));
    }

    @Override
    public RowShape shape() {
      return shape;
    }

    @Override
    public void next(int[] row) throws IOException {
      try {
        ImageLineInt line = (ImageLineInt) reader.readRow();
        if (palette) {
          spread(line, row);
        } else {
          copy(line.getScanline(), row);
        }
      } catch (PngjException e) {
        throw new IOException(e);
      }
    }

    private void spread(ImageLineInt line, int[] row) {
      if (clear.isPresent()) {
        ImageLineHelper.palette2rgba(line, reader.getMetadata().getPLTE(), clear.get(), row);
      } else {
        ImageLineHelper.palette2rgb(line, reader.getMetadata().getPLTE(), row);
      }
    }

    private void copy(int[] samples, int[] row) {
      int depth = reader.imgInfo.bitDepth;
      int wider = depth < Byte.SIZE ? 255 / ((1 << depth) - 1) : 1;
      int length = width() * own;
      if (channels() == own) {
        for (int i = 0; i < length; i++) {
          row[i] = wider * samples[i];
        }
        return;
      }
      int[] key =
          own == 1 ? new int[] {clear.orElseThrow().getGray()} : clear.orElseThrow().getRGB();
      for (int x = 0; x < width(); x++) {
        boolean isKey = true;
        for (int c = 0; c < own; c++) {
          int sample = samples[x * own + c];
          isKey &= sample == key[c];
          row[x * (own + 1) + c] = wider * sample;
        }
        row[x * (own + 1) + own] = isKey ? 0 : most();
      }
    }

    @Override
    public void close() {
      reader.close();
    }
  }
}
