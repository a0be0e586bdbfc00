package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.jpeg.BlockMark;
import app.diaphan.core.photograph.jpeg.BlockPixels;
import app.diaphan.core.photograph.jpeg.JpegFile;
import app.diaphan.core.photograph.jpeg.NotByBlocks;
import app.diaphan.core.photograph.metadata.Metadata;
import app.diaphan.core.raster.Bounds;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A JPEG file that is marked block by block: what is not touched stays as it is. */
public final class JpegPhotograph extends Photograph {
  private static final int BLOCK = 8;
  private static final int ROWS_AT_ONCE = 64;

  private final JpegFile file;
  private final BlockPixels pixels;

  private JpegPhotograph(JpegFile file, BlockPixels pixels, Metadata metadata) {
    super(
        new PhotographFacts(
            PhotographFormat.JPEG,
            file.frame().width(),
            file.frame().height(),
            Byte.SIZE,
            OwnColours.of(metadata.profile(), pixels.channels()),
            metadata,
            notes(file.furtherPictures())));
    this.file = file;
    this.pixels = pixels;
  }

  private static List<String> notes(int further) {
    return switch (further) {
      case 0 -> List.of();
      case 1 -> List.of("A second picture in the file, behind the photograph, has no mark.");
      default ->
          List.of(further + " more pictures in the file, behind the photograph, have no mark.");
    };
  }

  /**
   * @throws NotByBlocks if its blocks cannot be kept
   * @throws IOException if there is no room for a large one
   */
  static JpegPhotograph of(byte[] bytes) throws NotByBlocks, IOException {
    JpegFile file = JpegFile.read(bytes);
    return new JpegPhotograph(file, new BlockPixels(file), JpegMetadata.of(file.segments()));
  }

  @Override
  public List<float[]> parts(List<Bounds> parts) {
    return parts.stream().map(part -> colours().toSrgb(pixels.part(part))).toList();
  }

  /** From the blocks' means, if those are enough. */
  @Override
  public BufferedImage small(int longest) {
    int columns = (width() + BLOCK - 1) / BLOCK;
    int rows = (height() + BLOCK - 1) / BLOCK;
    if (Math.max(columns, rows) >= longest) {
      Reduction reduction = new Reduction(columns, rows, longest);
      float[] means = pixels.eighth();
      int length = columns * pixels.channels();
      for (int y = 0; y < rows; y++) {
        reduction.row(Arrays.copyOfRange(means, y * length, (y + 1) * length));
      }
      return reduction.picture(colours());
    }
    Reduction reduction = new Reduction(width(), height(), longest);
    int length = width() * pixels.channels();
    for (int top = 0; top < height(); top += ROWS_AT_ONCE) {
      int bottom = Math.min(height(), top + ROWS_AT_ONCE);
      float[] band = pixels.part(new Bounds(0, top, width(), bottom));
      for (int y = 0; y < bottom - top; y++) {
        reduction.row(Arrays.copyOfRange(band, y * length, (y + 1) * length));
      }
    }
    return reduction.picture(colours());
  }

  @Override
  RowSource rows() {
    return new Rows();
  }

  /** Decodes some rows of blocks at a time. */
  private final class Rows implements RowSource {
    private float[] band = new float[0];
    private int bandTop;
    private int y;

    @Override
    public RowShape shape() {
      return new RowShape(
          JpegPhotograph.this.width(), JpegPhotograph.this.height(), pixels.channels(), Byte.SIZE);
    }

    @Override
    public void next(int[] row) {
      if (y % ROWS_AT_ONCE == 0) {
        bandTop = y;
        band = pixels.part(new Bounds(0, y, width(), Math.min(height(), y + ROWS_AT_ONCE)));
      }
      int from = (y - bandTop) * width() * channels();
      for (int i = 0; i < width() * channels(); i++) {
        row[i] = Math.round(255 * band[from + i]);
      }
      y++;
    }

    @Override
    public void close() {
      // It holds nothing.
    }
  }

  /**
   * Lays a mark over its blocks; what is read of the photograph from now on has it.
   *
   * @param bounds where it lies, as the photograph is stored
   * @param mark premultiplied, in the photograph's own colours
   */
  void lay(Bounds bounds, float[] mark) {
    try {
      BlockMark.lay(file, bounds, mark);
    } catch (NotByBlocks e) {
      throw new IllegalStateException(e); // Its colours were asked for when it was opened.
    }
  }

  /**
   * @return what could not be written, in sentences
   */
  List<String> write(OutputStream to, Metadata changed) throws IOException {
    List<String> notes = new ArrayList<>();
    file.withSegments(segments -> JpegMetadata.with(segments, metadata(), changed, notes))
        .write(to);
    return notes;
  }
}
