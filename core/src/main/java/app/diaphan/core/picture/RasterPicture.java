package app.diaphan.core.picture;

import app.diaphan.core.raster.Bands;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;

/**
 * A picture of pixels: each a premultiplied red, green, blue and alpha, 0–1, row by row. They are
 * shared, not copied, and only read once the picture exists.
 */
public final class RasterPicture implements Picture {
  private static final AtomicLong MADE = new AtomicLong();

  /**
   * How much less than memory a file weighs where pictures are remembered: the disk has more room,
   * but is not without an end.
   */
  private static final int FILE_LIGHTER = 4;

  private static final int HALVED_AT_ONCE = 64;

  private final int width;
  private final int height;
  private final PixelStore store;
  private final boolean alpha;
  private final String identity;
  private volatile List<RasterPicture> halves;

  /**
   * @param pixels 4 × width × height values
   * @param alpha whether any pixel may be less than solid
   */
  public RasterPicture(int width, int height, float[] pixels, boolean alpha) {
    this(width, height, new PixelStore.Floats(pixels), alpha, ownName());
  }

  /**
   * A picture that may be seen through, kept with 16 bits a channel.
   *
   * @param colours red, green and blue of each pixel, 0–1
   * @param alphas of each pixel, 0–1
   */
  public static RasterPicture ofStraight(int width, int height, float[] colours, float[] alphas) {
    short[] samples = new short[4 * alphas.length];
    Bands.over(
        0,
        height,
        width,
        (top, bottom) -> {
          for (int i = top * width; i < bottom * width; i++) {
            for (int c = 0; c < 3; c++) {
              samples[4 * i + c] = sample(colours[3 * i + c]);
            }
            samples[4 * i + 3] = sample(alphas[i]);
          }
        });
    return new RasterPicture(width, height, new PixelStore.Shorts(samples), true, ownName());
  }

  private static short sample(float value) {
    return (short) Math.round(Math.clamp(value, 0f, 1f) * PixelStore.SHORT_MOST);
  }

  private static String ownName() {
    return "made-" + MADE.incrementAndGet();
  }

  RasterPicture(int width, int height, PixelStore store, boolean alpha, String identity) {
    if (store.length() != 4 * width * height) {
      throw new IllegalArgumentException("A picture has four values a pixel.");
    }
    this.width = width;
    this.height = height;
    this.store = store;
    this.alpha = alpha;
    this.identity = identity;
  }

  @Override
  public double ownWidth() {
    return width();
  }

  @Override
  public double ownHeight() {
    return height();
  }

  /** In pixels. */
  public int width() {
    return width;
  }

  public int height() {
    return height;
  }

  /** Four a pixel. */
  public int valueCount() {
    return store.length();
  }

  /** The premultiplied value of a channel: of red at four times the pixel's place. */
  public float value(int at) {
    return store.premultiplied(at);
  }

  /** All values at once; for pictures of moderate size. */
  public float[] pixels() {
    if (store instanceof PixelStore.Floats(float[] samples)) {
      return samples;
    }
    float[] all = new float[store.length()];
    for (int i = 0; i < all.length; i++) {
      all[i] = store.premultiplied(i);
    }
    return all;
  }

  PixelStore store() {
    return store;
  }

  @Override
  public boolean hasAlpha() {
    return alpha;
  }

  @Override
  public String identity() {
    return identity;
  }

  /** With its halvings, whether they are made yet or not; less for what lies in files. */
  @Override
  public long bytes() {
    long sum = weight(store.bytesPerSample(), width, height, store instanceof PixelStore.Filed);
    int w = width;
    int h = height;
    while (w > 1 || h > 1) {
      w = (w + 1) / 2;
      h = (h + 1) / 2;
      boolean filed = PixelStore.liesInFile(4L * w * h, Short.BYTES);
      sum += weight(Short.BYTES, w, h, filed);
    }
    return sum;
  }

  private static long weight(int bytesPerSample, int width, int height, boolean filed) {
    long bytes = 4L * width * height * bytesPerSample;
    return filed ? bytes / FILE_LIGHTER : bytes;
  }

  /** This picture and its halvings, down to one pixel: each the mean of 2 × 2 of the one before. */
  public List<RasterPicture> halvings() {
    List<RasterPicture> known = halves;
    if (known == null) {
      List<RasterPicture> made = new ArrayList<>();
      made.add(this);
      while (made.getLast().width > 1 || made.getLast().height > 1) {
        made.add(made.getLast().halved());
      }
      halves = known = List.copyOf(made);
    }
    return known;
  }

  private RasterPicture halved() {
    int w = (width + 1) / 2;
    int h = (height + 1) / 2;
    PixelStore half =
        PixelStore.ofRows(
            w, h, Short.BYTES, HALVED_AT_ONCE, (part, top, rows) -> halve(part, top, rows, w));
    return new RasterPicture(w, h, half, alpha, identity + "/2");
  }

  /**
   * @param top in rows of the half
   */
  private void halve(PixelStore.Part part, int top, int rows, int w) {
    for (int y = 0; y < rows; y++) {
      int y0 = 2 * (top + y);
      int y1 = Math.min(height - 1, y0 + 1);
      for (int x = 0; x < w; x++) {
        int x0 = 2 * x;
        int x1 = Math.min(width - 1, x0 + 1);
        int at = 4 * (y * w + x);
        float mean = mean(x0, y0, x1, y1, 3);
        for (int c = 0; c < 3; c++) {
          float value = mean > 0 ? mean(x0, y0, x1, y1, c) / mean : 0;
          part.set(at + c, Math.clamp(value, 0f, 1f), mean);
        }
        part.set(at + 3, Math.clamp(mean, 0f, 1f), mean);
      }
    }
  }

  private float mean(int x0, int y0, int x1, int y1, int c) {
    return (value(x0, y0, c) + value(x1, y0, c) + value(x0, y1, c) + value(x1, y1, c)) / 4;
  }

  private float value(int x, int y, int channel) {
    return store.premultiplied(4 * (y * width + x) + channel);
  }
}
