package app.diaphan.core.picture;

import java.awt.Color;
import java.awt.Paint;
import java.awt.PaintContext;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.Transparency;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.awt.image.ColorModel;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.util.List;

/**
 * A round gradient from one circle to another, each circle between them in a colour of its own, as
 * if a cone were seen from above (W3C SVG 2, section 14.2.3; the same in HTML's canvas). Where no
 * circle comes by, nothing is painted.
 */
final class ConePaint implements Paint {
  /** A circle in the gradient's own units. */
  record Circle(double x, double y, double r) {}

  /**
   * @param offset 0–1, not before the stop ahead of it
   */
  record Stop(double offset, Color colour) {}

  /** What is painted before the first circle and after the last. */
  enum Beyond {
    PAD,
    REPEAT,
    REFLECT;

    double within(double t) {
      return switch (this) {
        case PAD -> Math.clamp(t, 0, 1);
        case REPEAT -> t - Math.floor(t);
        case REFLECT -> {
          double twice = t / 2 - Math.floor(t / 2);
          yield 1 - Math.abs(1 - 2 * twice);
        }
      };
    }
  }

  private final Circle from;
  private final Circle to;
  private final List<Stop> stops;
  private final Beyond beyond;
  private final AffineTransform toUser;

  /**
   * @param toUser from the gradient's units
   */
  ConePaint(Circle from, Circle to, List<Stop> stops, Beyond beyond, AffineTransform toUser) {
    this.from = from;
    this.to = to;
    this.stops = List.copyOf(stops);
    this.beyond = beyond;
    this.toUser = toUser;
  }

  /**
   * The outermost circle that goes through a place: |p − c(t)| = r(t), with the largest t of those
   * whose radius is not negative.
   *
   * @return NaN for none
   */
  private double circleAt(double x, double y) {
    double acrossStep = to.x() - from.x();
    double downStep = to.y() - from.y();
    double rStep = to.r() - from.r();
    double across = x - from.x();
    double down = y - from.y();
    double a = acrossStep * acrossStep + downStep * downStep - rStep * rStep;
    double b = across * acrossStep + down * downStep + from.r() * rStep;
    double c = across * across + down * down - from.r() * from.r();
    if (a == 0) {
      return fitting(c / (2 * b), Double.NaN);
    }
    double root = Math.sqrt(b * b - a * c);
    double one = (b + root) / a;
    double other = (b - root) / a;
    return fitting(Math.max(one, other), Math.min(one, other));
  }

  private double fitting(double larger, double smaller) {
    double rStep = to.r() - from.r();
    return from.r() + larger * rStep >= 0
        ? larger
        : from.r() + smaller * rStep >= 0 ? smaller : Double.NaN;
  }

  private int colour(double t) {
    if (Double.isNaN(t) || stops.isEmpty()) {
      return 0;
    }
    double at = beyond.within(t);
    Stop before = stops.getFirst();
    for (Stop stop : stops) {
      if (stop.offset() > at) {
        return between(before, stop, at);
      }
      before = stop;
    }
    return before.colour().getRGB();
  }

  private static int between(Stop before, Stop after, double at) {
    double share =
        after.offset() > before.offset()
            ? Math.clamp((at - before.offset()) / (after.offset() - before.offset()), 0, 1)
            : 0;
    int colour = 0;
    for (int shift = 0; shift < 32; shift += 8) {
      int one = before.colour().getRGB() >> shift & 255;
      int other = after.colour().getRGB() >> shift & 255;
      colour |= (int) Math.round(one + share * (other - one)) << shift;
    }
    return colour;
  }

  @Override
  public PaintContext createContext(
      ColorModel model,
      Rectangle device,
      Rectangle2D user,
      AffineTransform toDevice,
      RenderingHints hints) {
    AffineTransform all = new AffineTransform(toDevice);
    all.concatenate(toUser);
    try {
      return new Circles(all.createInverse());
    } catch (NoninvertibleTransformException e) {
      return new Circles(new AffineTransform()); // Nothing is seen of it.
    }
  }

  @Override
  public int getTransparency() {
    return Transparency.TRANSLUCENT;
  }

  private final class Circles implements PaintContext {
    private final AffineTransform toGradient;

    private Circles(AffineTransform toGradient) {
      this.toGradient = toGradient;
    }

    @Override
    public ColorModel getColorModel() {
      return ColorModel.getRGBdefault();
    }

    @Override
    public Raster getRaster(int left, int top, int width, int height) {
      WritableRaster raster = getColorModel().createCompatibleWritableRaster(width, height);
      int[] row = new int[width];
      double[] place = new double[2];
      for (int y = 0; y < height; y++) {
        for (int x = 0; x < width; x++) {
          place[0] = left + x;
          place[1] = top + y;
          toGradient.transform(place, 0, place, 0, 1);
          row[x] = colour(circleAt(place[0], place[1]));
        }
        raster.setDataElements(0, y, width, 1, row);
      }
      return raster;
    }

    @Override
    public void dispose() {}
  }
}
