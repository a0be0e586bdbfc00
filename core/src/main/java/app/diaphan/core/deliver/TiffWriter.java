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
import java.util.Arrays;
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

  /** The number by which TIFF files are known. */
  private static final short VERSION = 42;

  // Values of fields, as TIFF 6.0 and Adobe's supplement of 2002 (Deflate) name them.
  private static final int UNCOMPRESSED = 1;
  private static final int LZW = 5;
  private static final int ADOBE_DEFLATE = 8;
  private static final int BLACK_IS_ZERO = 1;
  private static final int RGB = 2;
  private static final int FIRST_ROW_AT_TOP = 1;
  private static final int SAMPLES_TOGETHER = 1;
  private static final int INCH = 2;
  private static final int HORIZONTAL_DIFFERENCES = 2;
  private static final int UNSPECIFIED = 0;
  private static final int ASSOCIATED_ALPHA = 1;
  private static final int UNASSOCIATED_ALPHA = 2;
  private static final int UNSIGNED_WHOLE = 1;

  /** What ImageDescription begins with where colours are mixed with a matte that is not black. */
  static final String MATTE = "Colours premultiplied on ";

  private final SampleRows samples;
  private final FileHeader header;
  private final FileKind kind;
  private final RowSums rowSums;

  TiffWriter(SampleRows samples, FileHeader header, FileKind kind, RowSums rowSums) {
    this.samples = samples;
    this.header = header;
    this.kind = kind;
    this.rowSums = rowSums;
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
    PngWriter.writeFully(file, directory(offsets, lengths).at(directory));
    file.position(0);
    PngWriter.writeFully(
        file,
        ByteBuffer.allocate(HEADER)
            .put((byte) 'M')
            .put((byte) 'M')
            .putShort(VERSION)
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
      rowSums.put(y, rows, (y - top) * stride, stride);
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

  private TiffDirectory directory(int[] offsets, int[] lengths) {
    int channels = samples.channels();
    int dots = header.dotsPerInch();
    int across = header.aspect().across();
    int up = header.aspect().up();
    TiffDirectory directory =
        new TiffDirectory()
            .longs(TiffTag.IMAGE_WIDTH, samples.width())
            .longs(TiffTag.IMAGE_LENGTH, samples.height())
            .shorts(TiffTag.BITS_PER_SAMPLE, forEach(channels, samples.depth().bits()))
            .shorts(TiffTag.COMPRESSION, compression())
            .shorts(TiffTag.PHOTOMETRIC_INTERPRETATION, channels == 1 ? BLACK_IS_ZERO : RGB)
            .longs(TiffTag.STRIP_OFFSETS, offsets)
            .shorts(TiffTag.ORIENTATION, FIRST_ROW_AT_TOP)
            .shorts(TiffTag.SAMPLES_PER_PIXEL, channels)
            .longs(TiffTag.ROWS_PER_STRIP, ROWS_PER_STRIP)
            .longs(TiffTag.STRIP_BYTE_COUNTS, lengths)
            // A wide pixel has fewer dots to the inch across.
            .rational(TiffTag.X_RESOLUTION, dots * up, across)
            .rational(TiffTag.Y_RESOLUTION, dots, 1)
            .shorts(TiffTag.PLANAR_CONFIGURATION, SAMPLES_TOGETHER)
            .shorts(TiffTag.RESOLUTION_UNIT, INCH)
            .shorts(TiffTag.SAMPLE_FORMAT, forEach(channels, UNSIGNED_WHOLE));
    if (header.trimmed()) {
      directory
          .rational(TiffTag.X_POSITION, header.left() * across, dots * up)
          .rational(TiffTag.Y_POSITION, header.top(), dots);
    }
    if (kind.compression() != Compression.NONE) {
      directory.shorts(TiffTag.PREDICTOR, HORIZONTAL_DIFFERENCES);
    }
    if (channels == 4) {
      directory.shorts(TiffTag.EXTRA_SAMPLES, extraSamples());
      if (kind.carried() instanceof Carried.Premultiplied matted && !matted.onBlack()) {
        directory.words(TiffTag.IMAGE_DESCRIPTION, MATTE + matted.matte());
      }
    }
    if (channels > 1) {
      directory.bytes(TiffTag.ICC_PROFILE, ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData());
    }
    return directory;
  }

  private static int[] forEach(int channels, int value) {
    int[] each = new int[channels];
    Arrays.fill(each, value);
    return each;
  }

  private int compression() {
    return switch (kind.compression()) {
      case NONE -> UNCOMPRESSED;
      case LZW -> LZW;
      case DEFLATE -> ADOBE_DEFLATE;
    };
  }

  /**
   * Associated alpha is alpha over black; colours over any other matte have a kind of their own.
   */
  private int extraSamples() {
    return switch (kind.carried()) {
      case Carried.Premultiplied matted -> matted.onBlack() ? ASSOCIATED_ALPHA : UNSPECIFIED;
      case Carried.Straight _, Carried.FillAndKey _, Carried.OverColour _ -> UNASSOCIATED_ALPHA;
    };
  }
}
