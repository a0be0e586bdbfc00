package app.diaphan.core.deliver;

import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.Compression;
import app.diaphan.core.file.FileKind;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.SeekableByteChannel;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.zip.Deflater;

/**
 * Writes files of colours and alpha, of colours, or of greys by TIFF 6.0: big-endian, in strips
 * that are packed independently of each other, with the horizontal predictor of section 14 where
 * they are compressed. ExtraSamples names the kind of the one alpha, ImageDescription the matte if
 * it is not black; XPosition and YPosition tell where a trimmed file lies.
 */
final class TiffWriter {
  private static final int ROWS_PER_STRIP = 64;
  private static final int HEADER = 8;

  /** What ImageDescription begins with where colours are mixed with a matte that is not black. */
  static final String MATTE = "Colours premultiplied on ";

  private final SampleRows samples;
  private final FileHeader header;
  private final FileKind kind;
  private final RowSums checks;

  TiffWriter(SampleRows samples, FileHeader header, FileKind kind, RowSums checks) {
    this.samples = samples;
    this.header = header;
    this.kind = kind;
    this.checks = checks;
  }

  void write(SeekableByteChannel file, Progress progress) throws IOException {
    file.position(HEADER);
    int strips = (samples.height() + ROWS_PER_STRIP - 1) / ROWS_PER_STRIP;
    int[] offsets = new int[strips];
    int[] lengths = new int[strips];
    BandPipeline.run(
        strips,
        this::pack,
        (strip, packed) -> {
          evenPosition(file);
          offsets[strip] = Math.toIntExact(file.position());
          lengths[strip] = packed.length;
          PngWriter.writeFully(file, ByteBuffer.wrap(packed));
          progress.at(Math.min(samples.height(), (strip + 1) * ROWS_PER_STRIP), samples.height());
        });
    evenPosition(file);
    int directory = Math.toIntExact(file.position());
    PngWriter.writeFully(file, directory(directory, offsets, lengths));
    file.position(0);
    PngWriter.writeFully(
        file,
        ByteBuffer.allocate(HEADER)
            .put((byte) 'M')
            .put((byte) 'M')
            .putShort((short) 42)
            .putInt(directory)
            .flip());
  }

  private static void evenPosition(SeekableByteChannel file) throws IOException {
    if ((file.position() & 1) == 1) {
      PngWriter.writeFully(file, ByteBuffer.allocate(1));
    }
  }

  private byte[] pack(int strip) {
    int top = strip * ROWS_PER_STRIP;
    int bottom = Math.min(samples.height(), top + ROWS_PER_STRIP);
    int stride = samples.bytesPerRow();
    byte[] rows = new byte[(bottom - top) * stride];
    samples.rows(top, bottom, rows);
    for (int y = top; y < bottom; y++) {
      checks.put(y, rows, (y - top) * stride, stride);
    }
    if (kind.compression() == Compression.NONE) {
      return rows;
    }
    for (int y = 0; y < bottom - top; y++) {
      predict(rows, y * stride, stride);
    }
    return kind.compression() == Compression.LZW ? LzwEncoder.encode(rows) : deflate(rows);
  }

  /** Replaces each sample by its difference from the pixel on its left. */
  private void predict(byte[] rows, int at, int stride) {
    int pixel = samples.bytesPerPixel();
    if (samples.depth() == BitDepth.EIGHT) {
      for (int i = at + stride - 1; i >= at + pixel; i--) {
        rows[i] -= rows[i - pixel];
      }
      return;
    }
    for (int i = at + stride - 2; i >= at + pixel; i -= 2) {
      int value = (rows[i] & 0xff) << 8 | rows[i + 1] & 0xff;
      int left = (rows[i - pixel] & 0xff) << 8 | rows[i - pixel + 1] & 0xff;
      int difference = value - left;
      rows[i] = (byte) (difference >> 8);
      rows[i + 1] = (byte) difference;
    }
  }

  private byte[] deflate(byte[] rows) {
    Deflater deflater = new Deflater(kind.level());
    try {
      deflater.setInput(rows);
      deflater.finish();
      ByteArrayOutputStream out = new ByteArrayOutputStream(rows.length / 8 + 64);
      byte[] part = new byte[1 << 15];
      while (!deflater.finished()) {
        out.write(part, 0, deflater.deflate(part));
      }
      return out.toByteArray();
    } finally {
      deflater.end();
    }
  }

  /** One entry of the directory; values longer than four bytes go behind it. */
  private record Entry(int tag, int type, int count, byte[] value) {
    static final int ASCII = 2;
    static final int BYTES = 7;
    static final int SHORT = 3;
    static final int LONG = 4;
    static final int RATIONAL = 5;

    static Entry shorts(int tag, int... values) {
      ByteBuffer buffer = ByteBuffer.allocate(2 * values.length);
      for (int value : values) {
        buffer.putShort((short) value);
      }
      return new Entry(tag, SHORT, values.length, buffer.array());
    }

    static Entry longs(int tag, int... values) {
      ByteBuffer buffer = ByteBuffer.allocate(4 * values.length);
      for (int value : values) {
        buffer.putInt(value);
      }
      return new Entry(tag, LONG, values.length, buffer.array());
    }

    static Entry words(int tag, String text) {
      byte[] value = (text + '\0').getBytes(StandardCharsets.US_ASCII);
      return new Entry(tag, ASCII, value.length, value);
    }

    static Entry rational(int tag, int numerator, int denominator) {
      return new Entry(
          tag, RATIONAL, 1, ByteBuffer.allocate(8).putInt(numerator).putInt(denominator).array());
    }
  }

  private List<Entry> entries(int[] offsets, int[] lengths) {
    int bits = samples.depth().bits();
    int packing =
        switch (kind.compression()) {
          case NONE -> 1;
          case LZW -> 5;
          case DEFLATE -> 8;
        };
    byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();
    int dots = header.dotsPerInch();
    int across = header.aspect().across();
    int up = header.aspect().up();
    List<Entry> entries = new ArrayList<>();
    entries.add(Entry.longs(256, samples.width()));
    entries.add(Entry.longs(257, samples.height()));
    int[] each = new int[samples.channels()];
    Arrays.fill(each, bits);
    entries.add(Entry.shorts(258, each));
    entries.add(Entry.shorts(259, packing));
    entries.add(Entry.shorts(262, samples.channels() == 1 ? 1 : 2)); // grey or RGB
    if (samples.channels() == 4
        && kind.carried() instanceof Carried.Premultiplied matted
        && !matted.onBlack()) {
      entries.add(Entry.words(270, MATTE + matted.matte()));
    }
    entries.add(Entry.longs(273, offsets));
    entries.add(Entry.shorts(274, 1)); // the first row is the top one
    entries.add(Entry.shorts(277, samples.channels()));
    entries.add(Entry.longs(278, ROWS_PER_STRIP));
    entries.add(Entry.longs(279, lengths));
    // A wide pixel has fewer dots to the inch across.
    entries.add(Entry.rational(282, dots * up, across));
    entries.add(Entry.rational(283, dots, 1));
    entries.add(Entry.shorts(284, 1)); // samples of a pixel stand together
    if (header.trimmed()) {
      entries.add(Entry.rational(286, header.left() * across, dots * up));
      entries.add(Entry.rational(287, header.top(), dots));
    }
    entries.add(Entry.shorts(296, 2)); // inches
    if (kind.compression() != Compression.NONE) {
      entries.add(Entry.shorts(317, 2));
    }
    if (samples.channels() == 4) {
      entries.add(Entry.shorts(338, extraSamples()));
    }
    Arrays.fill(each, 1);
    entries.add(Entry.shorts(339, each)); // unsigned whole numbers
    if (samples.channels() > 1) {
      entries.add(new Entry(34675, Entry.BYTES, profile.length, profile));
    }
    return entries;
  }

  /**
   * Associated alpha is alpha over black; colours over any other matte have a kind of their own.
   */
  private int extraSamples() {
    return switch (kind.carried()) {
      case Carried.Premultiplied matted -> matted.onBlack() ? 1 : 0;
      case Carried.Straight _, Carried.FillAndKey _, Carried.OverColour _ -> 2;
    };
  }

  private ByteBuffer directory(int position, int[] offsets, int[] lengths) {
    List<Entry> entries = entries(offsets, lengths);
    int inline = 2 + 12 * entries.size() + 4;
    int size = inline;
    for (Entry entry : entries) {
      size += entry.value().length > 4 ? entry.value().length + (entry.value().length & 1) : 0;
    }
    ByteBuffer buffer = ByteBuffer.allocate(size);
    buffer.putShort((short) entries.size());
    int behind = inline;
    for (Entry entry : entries) {
      buffer.putShort((short) entry.tag()).putShort((short) entry.type()).putInt(entry.count());
      byte[] value = entry.value();
      if (value.length <= 4) {
        buffer.put(value).put(new byte[4 - value.length]);
      } else {
        buffer.putInt(position + behind);
        buffer.put(behind, value);
        behind += value.length + (value.length & 1);
      }
    }
    buffer.putInt(0); // no further picture
    return buffer.rewind();
  }
}
