package app.diaphan.core.deliver;

import app.diaphan.core.frame.PixelAspect;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.WritableByteChannel;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.CRC32;

/**
 * Writes PNG files of colours and alpha, of colours, or of greys (W3C PNG, third edition). Bands of
 * rows are filtered and deflated independently of each other, so that both cores work and bytes do
 * not depend on them. A band is deflated in slices; one that is clear is deflated once for all its
 * like, in whatever file. An IDAT chunk is whole slices, drawn ones or clear ones.
 */
final class PngWriter {
  private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10};
  private static final int BAND = 128;

  /**
   * Rows are put together by the band and deflated by the slice: few rows that are clear are lost.
   */
  private static final int SLICE = 32;

  /**
   * From this level on the best filter is looked for; below it differences from the left are taken.
   * On dithered plates, words and soft edges they give files from 12 % smaller to 7 % larger (over
   * the demo's overlays), are found in less than half of the time, and are undone as quickly.
   */
  private static final int FILTERS_FROM_LEVEL = 4;

  private final SampleRows samples;
  private final FileHeader header;
  private final int level;
  private final RowSums rowSums;
  private final int stride;

  /** All that decides a clear slice. */
  private record ClearSlice(int stride, int level) {}

  /** Slices of zeros take a thousandth of their size; all of them together stay under 64 KB. */
  private static final int MOST_CLEAR_SLICES = 16;

  private static final Map<ClearSlice, DeflatedRows> CLEAR_SLICES =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<ClearSlice, DeflatedRows> eldest) {
          return size() > MOST_CLEAR_SLICES;
        }
      };

  PngWriter(SampleRows samples, FileHeader header, int level, RowSums rowSums) {
    this.samples = samples;
    this.header = header;
    this.level = level;
    this.rowSums = rowSums;
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
    chunk(file, "IDAT", ByteBuffer.allocate(2).put((byte) 0x78).put((byte) 0x9c));
    BandPipeline.run(
        bands,
        this::pack,
        (band, parts) -> {
          for (DeflatedRows part : parts) {
            whole[0] = AdlerSums.joined(whole[0], part.sum(), part.length());
            chunk(file, "IDAT", ByteBuffer.wrap(part.bytes()));
          }
          progress.at(Math.min(samples.height(), (band + 1) * BAND), samples.height());
        });
    // An empty final block ends the stream; then its checksum.
    chunk(file, "IDAT", ByteBuffer.allocate(6).put((byte) 3).put((byte) 0).putInt((int) whole[0]));
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

  private List<DeflatedRows> pack(int band) {
    int top = band * BAND;
    int bottom = Math.min(samples.height(), top + BAND);
    byte[] nothing = new byte[stride];
    if (samples.clear(top, bottom)) {
      DeflatedRows clear = clear(top, Math.min(bottom, top + SLICE), nothing);
      for (int from = top + SLICE; from < bottom; from += SLICE) {
        clear = clear.and(clear(from, Math.min(bottom, from + SLICE), nothing));
      }
      return List.of(clear);
    }
    // The row above the band is needed to filter its first row.
    int above = top > 0 ? 1 : 0;
    byte[] raw = new byte[(bottom - top + above) * stride];
    samples.rows(top - above, bottom, raw);
    List<DeflatedRows> parts = new ArrayList<>();
    boolean lastClear = false;
    for (int from = top; from < bottom; from += SLICE) {
      int to = Math.min(bottom, from + SLICE);
      int at = (from - top + above) * stride;
      boolean clear = clear(raw, at, to - from, nothing);
      DeflatedRows slice = clear ? clear(from, to, nothing) : drawn(from, to, raw, at, nothing);
      if (!parts.isEmpty() && clear == lastClear) {
        parts.add(parts.removeLast().and(slice));
      } else {
        parts.add(slice);
      }
      lastClear = clear;
    }
    return parts;
  }

  private boolean clear(byte[] raw, int at, int rows, byte[] nothing) {
    for (int row = 0; row < rows; row++) {
      int from = at + row * stride;
      if (!Arrays.equals(raw, from, from + stride, nothing, 0, stride)) {
        return false;
      }
    }
    return true;
  }

  /**
   * @param raw of all rows of a band
   * @param at where the slice's first row begins in it
   */
  private DeflatedRows drawn(int top, int bottom, byte[] raw, int at, byte[] nothing) {
    byte[] filtered = new byte[(bottom - top) * (stride + 1)];
    PngFilter filter = new PngFilter(stride, samples.bytesPerPixel(), level >= FILTERS_FROM_LEVEL);
    for (int y = top; y < bottom; y++) {
      int row = at + (y - top) * stride;
      rowSums.put(y, raw, row, stride);
      boolean hasAbove = y > 0;
      filter.row(
          raw,
          row,
          hasAbove ? raw : nothing,
          hasAbove ? row - stride : 0,
          filtered,
          (y - top) * (stride + 1));
    }
    return DeflatedRows.of(filtered, level);
  }

  /** A slice of zeros. */
  private DeflatedRows clear(int top, int bottom, byte[] nothing) {
    for (int y = top; y < bottom; y++) {
      rowSums.put(y, nothing, 0, stride);
    }
    if (bottom - top < SLICE) {
      return DeflatedRows.of(new byte[(bottom - top) * (stride + 1)], level);
    }
    synchronized (CLEAR_SLICES) {
      return CLEAR_SLICES.computeIfAbsent(
          new ClearSlice(stride, level),
          unknown -> DeflatedRows.of(new byte[SLICE * (stride + 1)], level));
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
