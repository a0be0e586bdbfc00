package app.diaphan.core.deliver;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.file.FilePart;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Rendering;
import java.util.Arrays;
import java.util.Optional;

/**
 * The rows of a delivered file as whole numbers: as many channels as the part of the target has,
 * each of one or two bytes, high byte first, which is how both PNG and our TIFF files store them.
 *
 * <p>Straight colours have clean edges: a clear pixel within {@value #MARGIN} px of a drawn one
 * carries the nearest one's colour, farther away that of what is drawn nearby ({@link FarColours}),
 * so that an editor which scales the file by mixing straight colours mixes in no black.
 */
final class SampleRows {
  static final int MARGIN = 8;

  private static final int AT_HAND = 1024;

  private static final int[] NOTHING_SOFT = {};

  /** Alpha below this is drawn nowhere: half a step of 16 bits. */
  private static final float NOTHING = 0.5f / 65535;

  private final Rendering rendering;
  private final Bounds extent;
  private final BitDepth depth;
  private final FilePart part;
  private final boolean straight;
  private final boolean dither;
  private final boolean cleanEdges;

  /** Where clear pixels are given colours. */
  private final Optional<ComposedRows> composed;

  /** How far from what is drawn pixels may be other than 0. */
  private final int reach;

  /** Red, green and blue of what colours are mixed with by their alpha, 0–1; black adds nothing. */
  private final float[] ground;

  private final boolean onBlack;

  /** Whether every channel of a pixel becomes a byte by itself. */
  private final boolean plainBytes;

  /** For {@link #plainBytes}, by the row's place in the dither's pattern. */
  private final float[][] patterns;

  private SampleRows(
      Rendering rendering, Bounds extent, FileKind kind, FilePart part, boolean cleanEdges) {
    this.rendering = rendering;
    this.extent = extent;
    this.part = part;
    depth = kind.depth();
    Carried carried = part == FilePart.KEY ? Carried.STRAIGHT : kind.carried();
    straight =
        carried instanceof Carried.Straight
            || carried instanceof Carried.FillAndKey(boolean shaped) && !shaped;
    dither = kind.dither() && depth == BitDepth.EIGHT;
    this.cleanEdges = cleanEdges && straight && part != FilePart.KEY;
    composed = this.cleanEdges ? Optional.of(new ComposedRows(rendering)) : Optional.empty();
    reach = this.cleanEdges ? FarColours.REACH : MARGIN;
    Colour beneath =
        switch (carried) {
          case Carried.OverColour(Colour colour) -> colour;
          case Carried.Premultiplied(Colour matte) -> matte;
          case Carried.Straight _, Carried.FillAndKey _ -> Colour.BLACK;
        };
    ground = new float[] {beneath.red() / 255f, beneath.green() / 255f, beneath.blue() / 255f};
    onBlack = beneath.equals(Colour.BLACK);
    plainBytes =
        straight && onBlack && depth == BitDepth.EIGHT && part == FilePart.COLOUR_AND_ALPHA;
    patterns = plainBytes && dither ? patterns(extent.width(), extent.left()) : new float[0][];
  }

  /** The rows of one file of a target. */
  static SampleRows of(Rendering rendering, Bounds extent, FileKind kind, FilePart part) {
    return new SampleRows(rendering, extent, kind, part, true);
  }

  /** Colours and straight alpha without clean edges, for looking at and for counting. */
  static SampleRows plain(Rendering rendering, Bounds extent, FileKind kind) {
    FileKind straight = kind.with(Carried.STRAIGHT);
    return new SampleRows(rendering, extent, straight, FilePart.COLOUR_AND_ALPHA, false);
  }

  int width() {
    return extent.width();
  }

  int height() {
    return extent.height();
  }

  BitDepth depth() {
    return depth;
  }

  int channels() {
    return part.channels();
  }

  int bytesPerPixel() {
    return part.channels() * depth.bytes();
  }

  int bytesPerRow() {
    return bytesPerPixel() * width();
  }

  /** Whether every sample of these rows is 0. */
  boolean clear(int top, int bottom) {
    return onBlack && untouched(top, bottom);
  }

  private boolean untouched(int top, int bottom) {
    Bounds drawn = rendering.drawn();
    if (drawn.empty()) {
      return true;
    }
    drawn = drawn.grown(reach, reach);
    return extent.top() + bottom <= drawn.top() || extent.top() + top >= drawn.bottom();
  }

  /** Writes the rows from {@code top} to before {@code bottom}, counted within the extent. */
  void rows(int top, int bottom, byte[] samples) {
    Arrays.fill(samples, 0, (bottom - top) * bytesPerRow(), (byte) 0);
    if (!onBlack) {
      fillWithGround(samples, (bottom - top) * width());
    }
    if (untouched(top, bottom)) {
      return;
    }
    int first = extent.top() + top;
    int margin = cleanEdges ? MARGIN : dither ? 1 : 0;
    int from = Math.max(0, first - margin);
    int to = Math.min(rendering.canvas().height(), extent.top() + bottom + margin);
    Bounds near = rendering.drawn().grown(reach, reach).within(rendering.canvas().bounds());
    float[] pixels =
        composed.isPresent()
            ? composed.get().rows(from, to, near.left(), near.right())
            : rendering.rows(from, to, near.left(), near.right());
    if (straight) {
      unmultiply(pixels);
    }
    if (composed.isPresent()) {
      for (int y = first; y < first + bottom - top; y++) {
        int at = 4 * near.width() * (y - from);
        composed.get().far().fill(y, pixels, at, near.left(), near.width());
      }
      CleanEdges.spread(pixels, near.width(), first - from, bottom - top);
    }
    int stride = 4 * near.width();
    Optional<SoftValues> soft =
        dither ? Optional.of(new SoftValues(pixels, stride)) : Optional.empty();
    int before = 4 * (extent.left() - near.left());
    int left = Math.max(0, near.left() - extent.left());
    int right = Math.min(width(), near.right() - extent.left());
    for (int y = top; y < bottom; y++) {
      int row = extent.top() + y - from;
      int[] softness = soft.map(values -> values.of(row)).orElse(NOTHING_SOFT);
      quantise(
          new Values(pixels, stride * row + before, softness, before, left, right),
          y,
          samples,
          (y - top) * bytesPerRow());
    }
  }

  /**
   * The values of a row near what is drawn; columns are counted within the extent.
   *
   * @param at where those of column 0 are, or would be, among the pixels
   * @param softness of the row's values
   * @param softAt where that of column 0 is, or would be
   * @param left the first column
   * @param right the last one, exclusive
   */
  private record Values(float[] pixels, int at, int[] softness, int softAt, int left, int right) {}

  private static void unmultiply(float[] pixels) {
    for (int i = 0; i < pixels.length; i += 4) {
      float alpha = pixels[i + 3];
      if (alpha == 1) {
        continue;
      }
      if (alpha > NOTHING) {
        pixels[i] /= alpha;
        pixels[i + 1] /= alpha;
        pixels[i + 2] /= alpha;
      } else {
        pixels[i + 3] = 0;
      }
    }
  }

  private void fillWithGround(byte[] samples, int pixels) {
    for (int i = 0; i < pixels; i++) {
      for (int c = 0; c < 3; c++) {
        put(
            Math.round(ground[c] * depth.most()),
            samples,
            i * bytesPerPixel() + c * depth.bytes(),
            depth.bytes());
      }
    }
  }

  /** Writes the columns that are near to what is drawn; the others stay as they are. */
  private void quantise(Values values, int y, byte[] samples, int rowStart) {
    if (plainBytes) {
      bytes(values, y, samples, rowStart);
      return;
    }
    float[] pixels = values.pixels();
    int[] softness = values.softness();
    int most = depth.most();
    int bytes = depth.bytes();
    float[] pattern = OrderedDither.row(extent.top() + y);
    for (int x = values.left(); x < values.right(); x++) {
      int value = values.softAt() + 4 * x;
      int from = values.at() + 4 * x;
      float red = pixels[from];
      float green = pixels[from + 1];
      float blue = pixels[from + 2];
      float alpha = pixels[from + 3];
      if (alpha == 0 && red == 0 && green == 0 && blue == 0) {
        continue;
      }
      float half = 0.5f + pattern[extent.left() + x & 7];
      int whole = whole(alpha, most, half(softness, value + 3, half), most);
      int to = rowStart + bytesPerPixel() * x;
      if (part == FilePart.KEY) {
        put(whole, samples, to, bytes);
        continue;
      }
      if (!onBlack) {
        red += ground[0] * (1 - alpha);
        green += ground[1] * (1 - alpha);
        blue += ground[2] * (1 - alpha);
      }
      // No colour on black may exceed a premultiplied alpha.
      int limit = straight || !onBlack ? most : whole;
      put(whole(red, most, half(softness, value, half), limit), samples, to, bytes);
      put(whole(green, most, half(softness, value + 1, half), limit), samples, to + bytes, bytes);
      put(
          whole(blue, most, half(softness, value + 2, half), limit),
          samples,
          to + 2 * bytes,
          bytes);
      if (part == FilePart.COLOUR_AND_ALPHA) {
        put(whole, samples, to + 3 * bytes, bytes);
      }
    }
  }

  /**
   * The same for what is delivered most, where each channel becomes a byte by itself. Floats are
   * only read, and whole numbers stay at their index: the machine does many at a time so.
   */
  private void bytes(Values values, int y, byte[] samples, int rowStart) {
    int[] whole = new int[AT_HAND];
    int end = 4 * values.right();
    for (int first = 4 * values.left(); first < end; first += AT_HAND) {
      int count = Math.min(AT_HAND, end - first);
      int from = values.at() + first;
      if (dither) {
        System.arraycopy(values.softness(), values.softAt() + first, whole, 0, count);
        float[] pattern = patterns[extent.top() + y & 7];
        dithered(values.pixels(), from, pattern, first, whole, count);
      } else {
        rounded(values.pixels(), from, whole, count);
      }
      for (int i = 0, to = rowStart + first; i < count; i++, to++) {
        samples[to] = (byte) whole[i];
      }
    }
  }

  /**
   * @param whole how soft each value is; then 0–255
   */
  private static void dithered(
      float[] pixels, int from, float[] pattern, int at, int[] whole, int count) {
    for (int i = 0; i < count; i++) {
      int soft = Math.max(0, Math.min(1, whole[i]));
      int value = (int) (pixels[from + i] * 255 + (0.5f + soft * pattern[at + i]));
      whole[i] = Math.max(0, Math.min(255, value));
    }
  }

  private static void rounded(float[] pixels, int from, int[] whole, int count) {
    for (int i = 0; i < count; i++) {
      int value = (int) (pixels[from + i] * 255 + 0.5f);
      whole[i] = Math.max(0, Math.min(255, value));
    }
  }

  /** What the dither adds to each value of a row that is soft, for each row of its pattern. */
  private static float[][] patterns(int width, int left) {
    float[][] patterns = new float[8][4 * width];
    for (int y = 0; y < patterns.length; y++) {
      float[] pattern = OrderedDither.row(y);
      for (int i = 0; i < 4 * width; i++) {
        patterns[y][i] = pattern[left + i / 4 & 7];
      }
    }
    return patterns;
  }

  /**
   * @param dithered what is added to a value that is dithered
   */
  private float half(int[] softness, int value, float dithered) {
    return dither && softness[value] > 0 ? dithered : 0.5f;
  }

  /** Below 0 is cut off after rounding, as a whole number: that is the quicker way. */
  private static int whole(float value, int most, float half, int limit) {
    return Math.max(0, Math.min(limit, (int) (value * most + half)));
  }

  private static void put(int value, byte[] samples, int at, int bytes) {
    if (bytes == 2) {
      samples[at] = (byte) (value >> 8);
      samples[at + 1] = (byte) value;
    } else {
      samples[at] = (byte) value;
    }
  }
}
