package app.diaphan.core.photograph.file;

import app.diaphan.core.deliver.SafeFile;
import app.diaphan.core.photograph.metadata.Credit;
import app.diaphan.core.photograph.metadata.Crediting;
import app.diaphan.core.photograph.metadata.Metadata;
import app.diaphan.core.raster.Bounds;
import java.awt.image.BufferedImage;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.Channels;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** Writes photographs with marks on them. */
public final class PhotographWriter {
  private static final int THUMBNAIL = 160;

  /** Of JPEG files that are made of other kinds, 0–1. */
  private static final double QUALITY = 0.95;

  /**
   * What a mark is on a photograph.
   *
   * @param bounds where it lies, as the photograph is stored
   * @param pixels premultiplied red, green, blue and alpha of it, 0–1, in sRGB
   */
  public record Laid(Bounds bounds, float[] pixels) {}

  private final Photograph photograph;
  private final float[] own;
  private final Laid mark;
  private final Credit credit;
  private final List<String> notes = new ArrayList<>();

  private PhotographWriter(Photograph photograph, Laid mark, Credit credit) {
    this.photograph = photograph;
    this.mark = mark;
    this.credit = credit;
    own = photograph.colours().fromSrgb(mark.pixels());
  }

  /**
   * The file gets its name when it is whole.
   *
   * @param format one that is written
   * @return what is otherwise than in the photograph's file but for the mark, in sentences
   */
  public static List<String> write(
      Photograph photograph, Laid mark, Credit credit, PhotographFormat format, Path to)
      throws IOException {
    PhotographWriter writer = new PhotographWriter(photograph, mark, credit);
    writer.write(format, to);
    return List.copyOf(writer.notes);
  }

  private void write(PhotographFormat format, Path to) throws IOException {
    notes.addAll(photograph.notes());
    if (photograph instanceof JpegPhotograph jpeg && format == PhotographFormat.JPEG) {
      jpeg.lay(mark.bounds(), own);
      Metadata said = said(() -> jpeg.small(THUMBNAIL));
      written(to, out -> notes.addAll(jpeg.write(out, said)));
      return;
    }
    Metadata said = said(this::small);
    if (photograph.bits() > format.mostBits()) {
      notes.add("It has 8 bits a channel now: " + format.words() + " files have no more.");
    }
    try (RowSource rows = new MarkedRows(photograph.rows(), mark.bounds(), own)) {
      if (rows.alpha() && !format.alpha()) {
        notes.add("What was clear is white now: " + format.words() + " files have no alpha.");
      }
      switch (format) {
        case JPEG -> written(to, out -> notes.addAll(JpegSink.write(rows, said, quality(), out)));
        case PNG -> {
          Optional<PngPhotograph> png =
              photograph instanceof PngPhotograph one ? Optional.of(one) : Optional.empty();
          written(to, out -> PngSink.write(rows, said, png.map(PngPhotograph::chunks), out));
        }
        case WEBP -> {
          boolean lossless = photograph instanceof WebpPhotograph webp && webp.lossless();
          if (!lossless) {
            notes.add(
                "It was coded anew as a whole: WebP files cannot keep what is beside a mark.");
          }
          written(to, out -> WebpSink.write(new EightBitRows(rows, false), said, lossless, out));
        }
        case TIFF -> {
          Optional<TiffPhotograph> tiff =
              photograph instanceof TiffPhotograph one ? Optional.of(one) : Optional.empty();
          SafeFile.write(
              to, channel -> TiffSink.write(rows, said, credit, tiff, channel), whole -> {});
        }
        case HEIF, AVIF -> throw new IllegalArgumentException("These are only read.");
      }
    }
  }

  /** That of the photograph's own file, if it is a JPEG file that is coded anew. */
  private double quality() {
    return photograph instanceof DecodedPhotograph decoded
        ? decoded.quality().orElse(QUALITY)
        : QUALITY;
  }

  @FunctionalInterface
  private interface Writing {
    void to(OutputStream out) throws IOException;
  }

  private static void written(Path to, Writing writing) throws IOException {
    SafeFile.write(
        to,
        channel -> {
          OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), 1 << 16);
          writing.to(out);
          out.flush();
        },
        whole -> {});
  }

  private Metadata said(Supplier<BufferedImage> small) {
    Crediting crediting =
        Crediting.of(photograph.metadata(), credit, () -> JpegSink.thumbnail(small.get()));
    notes.addAll(crediting.notes());
    return crediting.metadata();
  }

  private BufferedImage small() {
    Reduction reduction = new Reduction(photograph.width(), photograph.height(), THUMBNAIL);
    try (RowSource rows = new MarkedRows(photograph.rows(), mark.bounds(), own)) {
      int[] row = new int[rows.width() * rows.channels()];
      for (int y = 0; y < rows.height(); y++) {
        rows.next(row);
        reduction.row(Seen.straight(rows, row, 0, rows.width(), photograph.colours()));
      }
      return reduction.picture(photograph.colours());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
