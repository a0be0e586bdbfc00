package app.diaphan.core.photograph.jpeg;

import app.diaphan.core.raster.Bounds;
import java.util.function.IntFunction;

/**
 * Pixels of a file's blocks, in the file's own red, green and blue or grey. Colours that have fewer
 * samples lie in the middle of the pixels that they are of, and are interpolated between.
 */
public final class BlockPixels {
  private static final int SIDE = JpegFrame.BLOCK;

  private final JpegFile file;
  private final JpegColours colours;

  /**
   * @throws NotByBlocks if the file's colours are not known
   */
  public BlockPixels(JpegFile file) throws NotByBlocks {
    this.file = file;
    this.colours = file.colours();
  }

  /** 1 for grey, 3 for colours. */
  public int channels() {
    return colours == JpegColours.GREY ? 1 : 3;
  }

  /**
   * Of a part of the photograph as it is stored.
   *
   * @return grey, or red, green and blue of each pixel, 0–1, row by row
   */
  public float[] part(Bounds part) {
    return colours(part, number -> plane(number, part));
  }

  /**
   * One pixel for each block: the mean of it.
   *
   * @return likewise, of an eighth of the width and height, rounded up
   */
  public float[] eighth() {
    Bounds all = new Bounds(0, 0, rounded(file.frame().width()), rounded(file.frame().height()));
    return colours(all, number -> eighth(number, all));
  }

  private static int rounded(int pixels) {
    return (pixels + SIDE - 1) / SIDE;
  }

  /**
   * @param planesOf by component, at the resolution of the pixels; about 0
   */
  private float[] colours(Bounds part, IntFunction<float[]> planesOf) {
    int channels = channels();
    float[][] planes = new float[channels][];
    for (int c = 0; c < channels; c++) {
      planes[c] = planesOf.apply(c);
    }
    float[] pixels = new float[channels * part.width() * part.height()];
    for (int i = 0; i < pixels.length / channels; i++) {
      colours.colour(planes, i, pixels, channels * i);
    }
    return pixels;
  }

  private float[] eighth(int number, Bounds all) {
    JpegFrame.Component component = file.frame().components().get(number);
    Coefficients coefficients = file.coefficients(number);
    // A mean is the first coefficient, times the length that the transform gives it.
    float scale = file.quantization(number)[0] / (float) SIDE;
    float[] means = new float[component.columns() * component.rows()];
    for (int row = 0; row < component.rows(); row++) {
      for (int column = 0; column < component.columns(); column++) {
        means[row * component.columns() + column] = scale * coefficients.first(column, row);
      }
    }
    Bounds known = new Bounds(0, 0, component.columns(), component.rows());
    return spread(means, known, component, known, all);
  }

  private float[] plane(int number, Bounds part) {
    JpegFrame.Component component = file.frame().components().get(number);
    double across = (double) file.frame().mostAcross() / component.across();
    double down = (double) file.frame().mostDown() / component.down();
    // A sample more on each side, to interpolate from.
    int left = Math.max(0, (int) Math.floor(part.left() / across - 1) / SIDE);
    int top = Math.max(0, (int) Math.floor(part.top() / down - 1) / SIDE);
    int right = Math.min(component.columns(), rounded((int) Math.ceil(part.right() / across + 1)));
    int bottom = Math.min(component.rows(), rounded((int) Math.ceil(part.bottom() / down + 1)));
    Bounds samples = new Bounds(SIDE * left, SIDE * top, SIDE * right, SIDE * bottom);
    float[] decoded = new float[samples.width() * samples.height()];
    short[] block = new short[Coefficients.OF_BLOCK];
    double[] values = new double[Coefficients.OF_BLOCK];
    int[] steps = file.quantization(number);
    for (int row = top; row < bottom; row++) {
      for (int column = left; column < right; column++) {
        file.coefficients(number).block(column, row, block);
        BlockTransform.toSamples(block, steps, values);
        int at = SIDE * (row - top) * samples.width() + SIDE * (column - left);
        for (int i = 0; i < values.length; i++) {
          decoded[at + i / SIDE * samples.width() + i % SIDE] = (float) values[i];
        }
      }
    }
    // What fills the last blocks up is of no picture.
    int columns = (int) Math.ceil(file.frame().width() / across);
    int rows = (int) Math.ceil(file.frame().height() / down);
    return spread(
        decoded,
        samples,
        component,
        new Bounds(0, 0, Math.min(columns, samples.right()), Math.min(rows, samples.bottom())),
        part);
  }

  /**
   * Interpolates to the pixels of a part.
   *
   * @param known where the samples lie
   * @param within whose outermost samples go on
   */
  private float[] spread(
      float[] samples, Bounds known, JpegFrame.Component component, Bounds within, Bounds part) {
    double across = (double) component.across() / file.frame().mostAcross();
    double down = (double) component.down() / file.frame().mostDown();
    if (across == 1 && down == 1 && known.equals(part)) {
      return samples;
    }
    float[] spread = new float[part.width() * part.height()];
    if (across == 1 && down == 1) {
      for (int y = part.top(); y < part.bottom(); y++) {
        System.arraycopy(
            samples,
            (y - known.top()) * known.width() + part.left() - known.left(),
            spread,
            (y - part.top()) * part.width(),
            part.width());
      }
      return spread;
    }
    for (int y = part.top(); y < part.bottom(); y++) {
      double fromY = Math.clamp((y + 0.5) * down - 0.5, known.top(), within.bottom() - 1.0);
      int upper = (int) fromY;
      int lower = Math.min(upper + 1, within.bottom() - 1);
      float low = (float) (fromY - upper);
      for (int x = part.left(); x < part.right(); x++) {
        double fromX = Math.clamp((x + 0.5) * across - 0.5, known.left(), within.right() - 1.0);
        int left = (int) fromX;
        int right = Math.min(left + 1, within.right() - 1);
        float far = (float) (fromX - left);
        int above = (upper - known.top()) * known.width() - known.left();
        int below = (lower - known.top()) * known.width() - known.left();
        float first = samples[above + left] * (1 - far) + samples[above + right] * far;
        float other = samples[below + left] * (1 - far) + samples[below + right] * far;
        spread[(y - part.top()) * part.width() + x - part.left()] = first * (1 - low) + other * low;
      }
    }
    return spread;
  }
}
