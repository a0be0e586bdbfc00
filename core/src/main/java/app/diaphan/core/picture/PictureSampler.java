package app.diaphan.core.picture;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;

/**
 * Reads a picture as it looks under a transform. Shrinking takes the halving nearest above the
 * wanted size and weights its pixels by a tent about as wide as a target pixel; enlarging
 * interpolates linearly. At 1:1 every pixel comes through as it is.
 */
public final class PictureSampler {
  /** What lies beyond a picture's sides. */
  public enum Beyond {
    /** Its outermost pixels go on. */
    ITS_EDGE,
    /** It begins again. */
    ITSELF
  }

  /**
   * The tent's radius in target pixels. A little less than one: so what is drawn small is nearer to
   * the mean of what is drawn large.
   */
  private static final double TENT = 0.9;

  private final Beyond beyond;
  private final RasterPicture level;
  private final PixelStore store;

  /** What 1 is in the store's own numbers. */
  private final double most;

  private final AffineTransform toLevel;
  private final double radiusX;
  private final double radiusY;

  /**
   * @param toTarget from the picture's own pixels to the target's
   */
  public PictureSampler(RasterPicture picture, AffineTransform toTarget, Beyond beyond) {
    this.beyond = beyond;
    AffineTransform toSource;
    try {
      toSource = toTarget.createInverse();
    } catch (NoninvertibleTransformException e) {
      throw new IllegalArgumentException("A picture without area cannot be sampled.", e);
    }
    double shrinkX = Math.hypot(toSource.getScaleX(), toSource.getShearX());
    double shrinkY = Math.hypot(toSource.getShearY(), toSource.getScaleY());
    int step = 0;
    double least = Math.min(shrinkX, shrinkY);
    while (least >= 4
        && step + 1 < picture.halvings().size()) { // Asked for only then: they cost memory.
      least /= 2;
      step++;
    }
    level = step == 0 ? picture : picture.halvings().get(step);
    store = level.store();
    most =
        switch (store) {
          case PixelStore.Floats floats -> 1;
          case PixelStore.Bytes bytes -> PixelStore.BYTE_MOST;
          case PixelStore.Shorts shorts -> PixelStore.SHORT_MOST;
          case PixelStore.Filed filed -> filed.most();
        };
    // By the level's own size, which odd sides make a little more than the exact half.
    toLevel =
        AffineTransform.getScaleInstance(
            (double) level.width() / picture.width(), (double) level.height() / picture.height());
    toLevel.concatenate(toSource);
    radiusX = Math.max(1, TENT * Math.hypot(toLevel.getScaleX(), toLevel.getShearX()));
    radiusY = Math.max(1, TENT * Math.hypot(toLevel.getShearY(), toLevel.getScaleY()));
  }

  /** Writes the premultiplied colour at the middle of target pixel (x, y) to four places. */
  public void sample(int x, int y, float[] rgba, int at) {
    double cx =
        toLevel.getScaleX() * (x + 0.5)
            + toLevel.getShearX() * (y + 0.5)
            + toLevel.getTranslateX()
            - 0.5;
    double cy =
        toLevel.getShearY() * (x + 0.5)
            + toLevel.getScaleY() * (y + 0.5)
            + toLevel.getTranslateY()
            - 0.5;
    int left = (int) Math.ceil(cx - radiusX);
    int right = (int) Math.floor(cx + radiusX);
    int top = (int) Math.ceil(cy - radiusY);
    int bottom = (int) Math.floor(cy + radiusY);
    boolean within = left >= 0 && top >= 0 && right < level.width() && bottom < level.height();
    double total = 0;
    double r = 0;
    double g = 0;
    double b = 0;
    double a = 0;
    for (int j = top; j <= bottom; j++) {
      double weightY = 1 - Math.abs(j - cy) / radiusY;
      int row = (within ? j : inside(j, level.height())) * level.width();
      for (int i = left; i <= right; i++) {
        double weight = weightY * (1 - Math.abs(i - cx) / radiusX);
        int from = 4 * (row + (within ? i : inside(i, level.width())));
        total += weight;
        switch (store) {
          case PixelStore.Floats(float[] samples) -> {
            r += weight * samples[from];
            g += weight * samples[from + 1];
            b += weight * samples[from + 2];
            a += weight * samples[from + 3];
          }
          case PixelStore.Bytes(byte[] samples) -> {
            double solid = weight * (samples[from + 3] & PixelStore.BYTE_MOST);
            r += solid * (samples[from] & PixelStore.BYTE_MOST);
            g += solid * (samples[from + 1] & PixelStore.BYTE_MOST);
            b += solid * (samples[from + 2] & PixelStore.BYTE_MOST);
            a += solid;
          }
          case PixelStore.Shorts(short[] samples) -> {
            double solid = weight * (samples[from + 3] & PixelStore.SHORT_MOST);
            r += solid * (samples[from] & PixelStore.SHORT_MOST);
            g += solid * (samples[from + 1] & PixelStore.SHORT_MOST);
            b += solid * (samples[from + 2] & PixelStore.SHORT_MOST);
            a += solid;
          }
          case PixelStore.Filed filed -> {
            double solid = weight * filed.sample(from + 3);
            r += solid * filed.sample(from);
            g += solid * filed.sample(from + 1);
            b += solid * filed.sample(from + 2);
            a += solid;
          }
        }
      }
    }
    rgba[at] = (float) (r / (total * most * most));
    rgba[at + 1] = (float) (g / (total * most * most));
    rgba[at + 2] = (float) (b / (total * most * most));
    rgba[at + 3] = (float) (a / (total * most));
  }

  private int inside(int place, int size) {
    return switch (beyond) {
      case ITS_EDGE -> Math.clamp(place, 0, size - 1);
      case ITSELF -> Math.floorMod(place, size);
    };
  }
}
