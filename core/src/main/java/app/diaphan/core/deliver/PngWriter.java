package app.diaphan.core.deliver;

import app.diaphan.core.frame.PixelAspect;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.WritableByteChannel;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.Adler32;
import java.util.zip.CRC32;
import java.util.zip.Deflater;

/**
 * Writes PNG files of colours and alpha, of colours, or of greys (W3C PNG, third edition). Bands of
 * rows are filtered and deflated independently of each other, so that both cores work and bytes do
 * not depend on them; a band that is clear is deflated once for all its like, in whatever file.
 */
final class PngWriter {
  private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10};
  private static final int BAND = 128;

  private final SampleRows samples;
  private final FileHeader header;
  private final int level;
  private final RowChecks checks;
  private final int stride;

  /**
   * A band's part of the deflated stream.
   *
   * @param sum Adler-32 of what was deflated
   * @param length of that
   */
  private record Packed(byte[] deflated, long sum, int length) {}

  /** All that decides a clear band. */
  private record ClearBand(int stride, int level) {}

  /** Bands of zeros take a few hundred bytes each; so all of them together stay under 64 KB. */
  private static final int MOST_CLEAR_BANDS = 16;

  private static final Map<ClearBand, Packed> CLEAR_BANDS =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<ClearBand, Packed> eldest) {
          return size() > MOST_CLEAR_BANDS;
        }
      };

  PngWriter(SampleRows samples, FileHeader header, int level, RowChecks checks) {
    this.samples = samples;
    this.header = header;
    this.level = level;
    this.checks = checks;
    stride = samples.bytesPerRow();
  }

  void write(WritableByteChannel file, Progress progress) throws IOException {
    writeFully(file, ByteBuffer.wrap(SIGNATURE));
    chunk(
        file,
        "IHDR",
        ByteBuffer.allocate(13)
            .putInt(samples.width())
            .putInt(samples.height())
            .put((byte) samples.depth().bits())
            .put(colourType()));
    describe(file);
    long[] whole = {1}; // Of no bytes.
    int bands = (samples.height() + BAND - 1) / BAND;
    BandPipeline.run(
        bands,
        this::pack,
        (band, packed) -> {
          whole[0] = AdlerSums.joined(whole[0], packed.sum(), packed.length());
          boolean first = band == 0;
          boolean last = band == bands - 1;
          ByteBuffer data =
              ByteBuffer.allocate(packed.deflated().length + (first ? 2 : 0) + (last ? 6 : 0));
          if (first) {
            data.put((byte) 0x78).put((byte) 0x9c);
          }
          data.put(packed.deflated());
          if (last) {
            // An empty final block ends the stream; then its checksum.
            data.put((byte) 3).put((byte) 0).putInt((int) whole[0]);
          }
          chunk(file, "IDAT", data);
          progress.at(Math.min(samples.height(), (band + 1) * BAND), samples.height());
        });
    chunk(file, "IEND", ByteBuffer.allocate(0));
  }

  private byte colourType() {
    return switch (samples.channels()) {
      case 1 -> 0;
      case 3 -> 2;
      default -> 6;
    };
  }

  private void describe(WritableByteChannel file) throws IOException {
    if (samples.channels() > 1) {
      describeColours(file); // The grey of a key is a share and no light.
    }
    PixelAspect aspect = header.aspect();
    ByteBuffer resolution = ByteBuffer.allocate(9);
    if (aspect.square()) {
      int perMetre = (int) Math.rint(header.dotsPerInch() / 0.0254);
      resolution.putInt(perMetre).putInt(perMetre).put((byte) 1);
    } else {
      // Pixels to a unit: a wide pixel has fewer across. The unit itself is left open.
      resolution.putInt(aspect.up()).putInt(aspect.across()).put((byte) 0);
    }
    chunk(file, "pHYs", resolution);
    if (header.trimmed()) {
      chunk(
          file,
          "oFFs",
          ByteBuffer.allocate(9).putInt(header.left()).putInt(header.top()).put((byte) 0));
    }
  }

  private static void describeColours(WritableByteChannel file) throws IOException {
    chunk(file, "sRGB", ByteBuffer.allocate(1));
    chunk(file, "gAMA", ByteBuffer.allocate(4).putInt(45455));
    ByteBuffer primaries = ByteBuffer.allocate(32);
    for (int value : new int[] {31270, 32900, 64000, 33000, 30000, 60000, 15000, 6000}) {
      primaries.putInt(value);
    }
    chunk(file, "cHRM", primaries);
  }

  private Packed pack(int band) {
    int top = band * BAND;
    int bottom = Math.min(samples.height(), top + BAND);
    int rows = bottom - top;
    if (samples.clear(top, bottom) && rows == BAND) {
      byte[] nothing = new byte[stride];
      for (int y = top; y < bottom; y++) {
        checks.put(y, nothing, 0, stride);
      }
      ClearBand clear = new ClearBand(stride, level);
      synchronized (CLEAR_BANDS) {
        return CLEAR_BANDS.computeIfAbsent(
            clear, unknown -> deflated(new byte[BAND * (stride + 1)]));
      }
    }
    // The row above the band is needed to filter its first row.
    int above = top > 0 ? 1 : 0;
    byte[] raw = new byte[(rows + above) * stride];
    samples.rows(top - above, bottom, raw);
    byte[] filtered = new byte[rows * (stride + 1)];
    PngFilter filter = new PngFilter(stride, samples.bytesPerPixel(), level > 1);
    byte[] zero = new byte[stride];
    for (int y = 0; y < rows; y++) {
      int at = (y + above) * stride;
      checks.put(top + y, raw, at, stride);
      boolean hasAbove = y + above > 0;
      filter.row(
          raw, at, hasAbove ? raw : zero, hasAbove ? at - stride : 0, filtered, y * (stride + 1));
    }
    return deflated(filtered);
  }

  private Packed deflated(byte[] filtered) {
    Deflater deflater = new Deflater(level, true);
    try {
      deflater.setInput(filtered);
      ByteArrayOutputStream out = new ByteArrayOutputStream(filtered.length / 8 + 64);
      byte[] part = new byte[1 << 15];
      int count;
      do {
        count = deflater.deflate(part, 0, part.length, Deflater.SYNC_FLUSH);
        out.write(part, 0, count);
      } while (count == part.length);
      Adler32 sum = new Adler32();
      sum.update(filtered);
      return new Packed(out.toByteArray(), sum.getValue(), filtered.length);
    } finally {
      deflater.end();
    }
  }

  private static void chunk(WritableByteChannel file, String type, ByteBuffer data)
      throws IOException {
    byte[] name = type.getBytes(StandardCharsets.US_ASCII);
    byte[] content = Arrays.copyOf(data.array(), data.capacity());
    CRC32 sum = new CRC32();
    sum.update(name);
    sum.update(content);
    ByteBuffer whole = ByteBuffer.allocate(12 + content.length);
    whole.putInt(content.length).put(name).put(content).putInt((int) sum.getValue());
    writeFully(file, whole.flip());
  }

  static void writeFully(WritableByteChannel file, ByteBuffer bytes) throws IOException {
    while (bytes.hasRemaining()) {
      file.write(bytes);
    }
  }
}
