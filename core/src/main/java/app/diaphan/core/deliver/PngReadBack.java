package app.diaphan.core.deliver;

import app.diaphan.core.Digest;
import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.DigestInputStream;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.zip.Adler32;
import java.util.zip.CRC32;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/**
 * Reads a PNG file back while it is being written (W3C PNG, third edition). It takes nothing from
 * the writer but what our files promise: an IDAT chunk is whole rows, deflated by themselves. Most
 * of an overlay is clear, in chunks of the same bytes: such a chunk is inflated once, and known
 * again after that.
 */
final class PngReadBack {
  private static final long SIGNATURE = 0x89504e470d0a1a0aL;
  private static final byte[] STREAM_BEGINS = {0x78, (byte) 0x9c};

  /** The rest of the last chunk is the stream's checksum. */
  private static final byte[] STREAM_ENDS = {3, 0};

  /** An empty block that brings what was deflated to a byte's end (RFC 1951, section 3.2.4). */
  private static final byte[] ROWS_END = {0, 0, -1, -1};

  private static final int MOST_KNOWN = 64;
  private static final int LONGEST_KNOWN = 1 << 14;

  /** What a chunk of a row's length was found to be made of. */
  private record Chunk(int stride, byte[] bytes) {
    @Override
    public boolean equals(Object other) {
      return other instanceof Chunk(int otherStride, byte[] otherBytes)
          && stride == otherStride
          && Arrays.equals(bytes, otherBytes);
    }

    @Override
    public int hashCode() {
      return 31 * stride + Arrays.hashCode(bytes);
    }
  }

  /** How many clear rows chunks hold; at most 1 MB of them together. */
  private static final Map<Chunk, Integer> CLEAR =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Chunk, Integer> eldest) {
          return size() > MOST_KNOWN;
        }
      };

  private final PngHead head;
  private final MeasuredRows look;
  private final Map<String, String> tags = new TreeMap<>();
  private final byte[] nothing;

  /** The row before the next one, unfiltered. */
  private byte[] above;

  private byte[] row;

  /** The filter's type and the filtered row. */
  private final byte[] filtered;

  private int y;
  private long sum = 1; // Of no bytes.
  private boolean begun;
  private boolean ended;

  private PngReadBack(PngHead head, FileInspector.RowVisitor visitor) {
    this.head = head;
    look = head.measured(visitor);
    nothing = new byte[head.stride() + 1];
    above = new byte[head.stride()];
    row = new byte[head.stride()];
    filtered = new byte[head.stride() + 1];
  }

  /**
   * @throws IllegalStateException if the file cannot be read
   */
  static FileReport of(FollowedFile file, FileInspector.RowVisitor visitor) throws IOException {
    try (DigestInputStream digested = Digest.taken(file.reading());
        DataInputStream in = new DataInputStream(new BufferedInputStream(digested, 1 << 16))) {
      demand(in.readLong() == SIGNATURE, "signature");
      PngReadBack reading = new PngReadBack(head(in), visitor);
      while (reading.chunk(in)) {
        // The end says so itself.
      }
      demand(reading.ended && reading.y == reading.head.height() && in.read() < 0, "end");
      return reading.head.report(
          reading.look, false, reading.tags, file.size(), Digest.of(digested));
    }
  }

  private static PngHead head(DataInputStream in) throws IOException {
    int length = in.readInt();
    byte[] name = in.readNBytes(4);
    demand(length == 13 && "IHDR".equals(name(name)), "IHDR");
    ByteBuffer content = ByteBuffer.wrap(content(in, name, length));
    int width = content.getInt();
    int height = content.getInt();
    int bits = content.get();
    int channels =
        switch (content.get()) {
          case 0 -> 1;
          case 2 -> 3;
          case 6 -> 4;
          default -> throw new IllegalStateException("colour type");
        };
    demand(content.getShort() == 0 && content.get() == 0, "IHDR");
    return new PngHead(width, height, bits, channels);
  }

  /** Whether more follow. */
  private boolean chunk(DataInputStream in) throws IOException {
    int length = in.readInt();
    byte[] name = in.readNBytes(4);
    byte[] content = content(in, name, length);
    switch (name(name)) {
      case "IDAT" -> data(content);
      case "IEND" -> {
        return false;
      }
      case "pHYs" -> {
        ByteBuffer physical = ByteBuffer.wrap(content);
        tags.put(
            "pHYs", PngHead.physical(physical.getInt(), physical.getInt(), physical.get() == 1));
      }
      case "oFFs" -> {
        ByteBuffer offset = ByteBuffer.wrap(content);
        tags.put("oFFs", PngHead.offset(offset.getInt(), offset.getInt()));
      }
      case String other -> tags.put(other, "present");
    }
    return true;
  }

  private static byte[] content(DataInputStream in, byte[] name, int length) throws IOException {
    byte[] content = in.readNBytes(length);
    CRC32 sum = new CRC32();
    sum.update(name);
    sum.update(content);
    demand(content.length == length && in.readInt() == (int) sum.getValue(), "checksum");
    return content;
  }

  private static String name(byte[] name) {
    return new String(name, StandardCharsets.US_ASCII);
  }

  private void data(byte[] content) {
    if (!begun) {
      demand(Arrays.equals(content, STREAM_BEGINS), "stream's beginning");
      begun = true;
    } else if (y == head.height()) {
      ByteBuffer end = ByteBuffer.wrap(content);
      demand(!ended && content.length == 6 && Arrays.mismatch(content, STREAM_ENDS) == 2, "stream");
      demand(end.getInt(2) == (int) sum, "stream's checksum");
      ended = true;
    } else {
      rows(content);
    }
  }

  private void rows(byte[] content) {
    Optional<Integer> known = knownClear(content);
    int first = y;
    boolean clear;
    if (known.isEmpty()) {
      int end = content.length - ROWS_END.length;
      demand(
          end > 0 && Arrays.equals(content, end, content.length, ROWS_END, 0, ROWS_END.length),
          "rows");
      clear = inflated(content);
      if (clear && content.length <= LONGEST_KNOWN) {
        synchronized (CLEAR) {
          CLEAR.put(new Chunk(head.stride(), content), y - first);
        }
      }
    } else {
      demand(y + known.get() <= head.height(), "rows");
      for (int i = 0; i < known.get(); i++) {
        look.row(y++, nothing, 0, head.stride());
      }
      Arrays.fill(above, (byte) 0);
      clear = true;
    }
    if (clear) {
      long length = (long) (y - first) * filtered.length;
      sum = AdlerSums.joined(sum, AdlerSums.ofZeros(length), length);
    }
  }

  private Optional<Integer> knownClear(byte[] content) {
    if (content.length > LONGEST_KNOWN) {
      return Optional.empty();
    }
    synchronized (CLEAR) {
      return Optional.ofNullable(CLEAR.get(new Chunk(head.stride(), content)));
    }
  }

  /** Whether all was 0; else what was inflated is added to the sum. */
  private boolean inflated(byte[] content) {
    int first = y;
    boolean clear = true;
    Adler32 inflated = new Adler32();
    Inflater inflater = new Inflater(true);
    try {
      inflater.setInput(content);
      int at = 0;
      while (true) {
        int count = inflater.inflate(filtered, at, filtered.length - at);
        at += count;
        if (at == filtered.length) {
          demand(y < head.height(), "rows");
          clear &= Arrays.equals(filtered, nothing);
          inflated.update(filtered);
          unfilter();
          look.row(y++, row, 0, head.stride());
          byte[] last = above;
          above = row;
          row = last;
          at = 0;
        } else if (count == 0) {
          demand(at == 0 && inflater.needsInput(), "rows");
          break;
        }
      }
    } catch (DataFormatException e) {
      throw new IllegalStateException(e);
    } finally {
      inflater.end();
    }
    if (!clear) {
      sum = AdlerSums.joined(sum, inflated.getValue(), (long) (y - first) * filtered.length);
    }
    return clear;
  }

  /** Undoes the filter of a row (section 9.2), from {@link #filtered} into {@link #row}. */
  private void unfilter() {
    int pixel = head.pixel();
    int stride = head.stride();
    System.arraycopy(filtered, 1, row, 0, stride);
    switch (filtered[0]) {
      case 0 -> {}
      case 1 -> {
        for (int i = pixel; i < stride; i++) {
          row[i] += row[i - pixel];
        }
      }
      case 2 -> {
        for (int i = 0; i < stride; i++) {
          row[i] += above[i];
        }
      }
      case 3 -> {
        for (int i = 0; i < stride; i++) {
          int left = i < pixel ? 0 : row[i - pixel] & 0xff;
          row[i] += (byte) (left + (above[i] & 0xff) >> 1);
        }
      }
      case 4 -> {
        for (int i = 0; i < stride; i++) {
          int left = i < pixel ? 0 : row[i - pixel] & 0xff;
          int corner = i < pixel ? 0 : above[i - pixel] & 0xff;
          row[i] += (byte) nearest(left, above[i] & 0xff, corner);
        }
      }
      default -> throw new IllegalStateException("filter " + filtered[0]);
    }
  }

  /** Of the three the one that is nearest to left + up - corner; ties in this order. */
  private static int nearest(int left, int up, int corner) {
    int guess = left + up - corner;
    int toLeft = Math.abs(guess - left);
    int toUp = Math.abs(guess - up);
    int toCorner = Math.abs(guess - corner);
    if (toLeft <= toUp && toLeft <= toCorner) {
      return left;
    }
    return toUp <= toCorner ? up : corner;
  }

  private static void demand(boolean holds, String what) {
    if (!holds) {
      throw new IllegalStateException("This is no whole PNG file: " + what);
    }
  }
}
