package app.diaphan.core.photograph.jpeg;

import app.diaphan.core.raster.Bounds;

/**
 * Lays a mark over a file's blocks. Compositing and the change from red, green and blue to what the
 * file holds are both linear, so each component is composited at its own resolution: of a colour
 * that has fewer samples, a sample is mixed with the mean of what the mark has on its pixels. A
 * block on which the mark has nothing is not touched.
 */
public final class BlockMark {
  private static final int SIDE = JpegFrame.BLOCK;

  private final JpegFile file;
  private final JpegColours colours;
  private final Bounds bounds;
  private final float[] pixels;

  private BlockMark(JpegFile file, JpegColours colours, Bounds bounds, float[] pixels) {
    this.file = file;
    this.colours = colours;
    this.bounds = bounds;
    this.pixels = pixels;
  }

  /**
   * @param bounds where the mark lies, in pixels of the photograph as it is stored
   * @param pixels premultiplied red, green, blue and alpha of the mark, 0–1, row by row, in the
   *     photograph's own colour space
   * @return how many blocks were touched
   * @throws NotByBlocks if the file's colours are not known; then nothing was changed
   */
  public static int lay(JpegFile file, Bounds bounds, float[] pixels) throws NotByBlocks {
    BlockMark mark = new BlockMark(file, file.colours(), bounds, pixels);
    int touched = 0;
    for (int c = 0; c < file.frame().components().size(); c++) {
      touched += mark.lay(c);
    }
    return touched;
  }

  private int lay(int number) {
    JpegFrame.Component component = file.frame().components().get(number);
    double across = (double) file.frame().mostAcross() / component.across();
    double down = (double) file.frame().mostDown() / component.down();
    int left = Math.max(0, (int) Math.floor(bounds.left() / across / SIDE));
    int top = Math.max(0, (int) Math.floor(bounds.top() / down / SIDE));
    int right = Math.min(component.columns(), (int) Math.ceil(bounds.right() / across / SIDE));
    int bottom = Math.min(component.rows(), (int) Math.ceil(bounds.bottom() / down / SIDE));
    int[] steps = file.quantization(number);
    short[] block = new short[Coefficients.OF_BLOCK];
    double[] samples = new double[Coefficients.OF_BLOCK];
    int touched = 0;
    for (int row = top; row < bottom; row++) {
      for (int column = left; column < right; column++) {
        double[] over = over(number, column, row, across, down);
        if (over.length > 0) {
          file.coefficients(number).block(column, row, block);
          BlockTransform.toSamples(block, steps, samples);
          for (int i = 0; i < samples.length; i++) {
            double zero = colours.zero(number);
            double own = samples[i] - zero;
            samples[i] = over[2 * i] + (1 - over[2 * i + 1]) * own + zero;
          }
          BlockTransform.toCoefficients(samples, steps, block);
          file.coefficients(number).put(column, row, block);
          touched++;
        }
      }
    }
    return touched;
  }

  /**
   * What the mark has on a block's samples: the component's part and the alpha of each.
   *
   * @return empty if it has nothing there
   */
  private double[] over(int number, int column, int row, double across, double down) {
    double[] over = new double[2 * Coefficients.OF_BLOCK];
    boolean any = false;
    for (int i = 0; i < Coefficients.OF_BLOCK; i++) {
      double left = (column * SIDE + i % SIDE) * across;
      double top = (row * SIDE + i / SIDE) * down;
      any |= mean(number, left, top, left + across, top + down, over, 2 * i);
    }
    return any ? over : new double[0];
  }

  /** Weighs pixels by how much of each lies within: a share of them may be a third or so. */
  private boolean mean(
      int number, double left, double top, double right, double bottom, double[] to, int at) {
    double area = (right - left) * (bottom - top);
    if (area == 1 && left == (int) left) {
      int from = place((int) left, (int) top);
      if (from < 0 || pixels[from + 3] == 0) {
        return false;
      }
      to[at] = colours.component(number, pixels[from], pixels[from + 1], pixels[from + 2]);
      to[at + 1] = pixels[from + 3];
      return true;
    }
    double part = 0;
    double alpha = 0;
    for (int y = (int) top; y < bottom; y++) {
      double high = Math.min(bottom, y + 1) - Math.max(top, y);
      for (int x = (int) left; x < right; x++) {
        int from = place(x, y);
        if (from >= 0) {
          double weight = high * (Math.min(right, x + 1) - Math.max(left, x));
          part +=
              weight * colours.component(number, pixels[from], pixels[from + 1], pixels[from + 2]);
          alpha += weight * pixels[from + 3];
        }
      }
    }
    to[at] = part / area;
    to[at + 1] = alpha / area;
    return alpha > 0;
  }

  /** Past the photograph's edge its last pixels go on, and the mark with them. */
  private int place(int x, int y) {
    int column = Math.min(x, file.frame().width() - 1);
    int row = Math.min(y, file.frame().height() - 1);
    boolean within =
        column >= bounds.left()
            && column < bounds.right()
            && row >= bounds.top()
            && row < bounds.bottom();
    return within ? 4 * ((row - bounds.top()) * bounds.width() + column - bounds.left()) : -1;
  }
}
