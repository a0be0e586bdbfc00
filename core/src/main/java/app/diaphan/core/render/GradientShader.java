package app.diaphan.core.render;

import java.awt.geom.AffineTransform;

/**
 * The colours of gradients: of each pixel their mean over it, within 1/255. Where the ramp neither
 * bends nor breaks, that is the colour at its middle.
 */
sealed interface GradientShader extends Shader {

  /**
   * Colours along a direction. The position along the gradient is {@code x * perX + y * perY +
   * start} in pixels.
   */
  record Linear(double perX, double perY, double start, Ramp ramp) implements GradientShader {
    @Override
    public void row(int y, int left, int count, float[] rgba) {
      if (count == 0) {
        return;
      }
      double position = (left + 0.5) * perX + (y + 0.5) * perY + start;
      double half = (Math.abs(perX) + Math.abs(perY)) / 2;
      if (Math.abs(perX) * count < Math.ulp(1f)) {
        if (ramp.mean().changesWithin(position, half)) {
          ramp.mean().write(position, perX, perY, rgba, 0);
        } else {
          ramp.colour(position, 1, rgba, 0);
        }
        new Flat(rgba[0], rgba[1], rgba[2], rgba[3]).row(y, left, count, rgba);
        return;
      }
      ramp.row(position, perX, count, rgba);
      for (int stop = 0; stop < ramp.mean().stops(); stop++) {
        double away = ramp.mean().position(stop) - position;
        double one = (away - half) / perX;
        double other = (away + half) / perX;
        int from = (int) Math.max(0, Math.ceil(Math.min(one, other)));
        int to = (int) Math.min(count - 1, Math.floor(Math.max(one, other)));
        for (int i = from; i <= to; i++) {
          ramp.mean().write(position + i * perX, perX, perY, rgba, 4 * i);
        }
      }
    }
  }

  /**
   * Colours by the distance from a point.
   *
   * @param toUnits from pixels to a plane in which position 1 is the circle of radius 1 around the
   *     origin
   */
  record Radial(AffineTransform toUnits, Ramp ramp) implements GradientShader {
    @Override
    public void row(int y, int left, int count, float[] rgba) {
      Field field = new Field(toUnits, ramp, false);
      field.row(y, left, count, rgba);
    }
  }

  /**
   * Colours once round a point, clockwise.
   *
   * @param toUnits from pixels to a plane with the point at the origin and position 0 on the
   *     positive x axis
   * @param ramp going round
   */
  record Conic(AffineTransform toUnits, Ramp ramp) implements GradientShader {
    @Override
    public void row(int y, int left, int count, float[] rgba) {
      Field field = new Field(toUnits, ramp, true);
      field.row(y, left, count, rgba);
    }
  }

  /** Positions that do not change evenly: a pixel is cut into parts over which they nearly do. */
  final class Field {
    /** Of a part's own size: nearer to the middle than this, angles do not change evenly. */
    private static final double CLOSE = 2.5;

    /**
     * A part of this size is small enough where circles have a radius of one pixel; it may grow
     * with the root of the radius.
     */
    private static final double STRAIGHT = 0.22;

    /** Half a pixel, and a little, since positions do not change quite evenly. */
    private static final double NEAR = 0.65;

    private static final double SMALLEST = 1.0 / 64;

    private final AffineTransform toUnits;
    private final Ramp ramp;
    private final boolean round;

    /** The most and the least that a pixel's length can be in units of the plane. */
    private final double most;

    private final double least;

    /**
     * @param round whether the position is the angle instead of the distance
     */
    Field(AffineTransform toUnits, Ramp ramp, boolean round) {
      this.toUnits = toUnits;
      this.ramp = ramp;
      this.round = round;
      double scaleX = toUnits.getScaleX();
      double scaleY = toUnits.getScaleY();
      double sum = Math.hypot(scaleX + scaleY, toUnits.getShearY() - toUnits.getShearX());
      double difference = Math.hypot(scaleX - scaleY, toUnits.getShearY() + toUnits.getShearX());
      most = (sum + difference) / 2;
      least = Math.abs(sum - difference) / 2;
    }

    void row(int y, int left, int count, float[] rgba) {
      double[] p = {left + 0.5, y + 0.5};
      toUnits.transform(p, 0, p, 0, 1);
      int stop = 1;
      for (int i = 0; i < count; i++) {
        double distance = Math.hypot(p[0], p[1]);
        double position = position(p[0], p[1], distance);
        double half =
            NEAR * (Math.abs(across(p[0], p[1], distance)) + Math.abs(down(p[0], p[1], distance)));
        stop = ramp.colour(position, stop, rgba, 4 * i);
        boolean plain =
            distance > CLOSE * most
                && position - half > ramp.positions()[stop - 1]
                && position + half < ramp.positions()[stop];
        if (!plain && (distance < CLOSE * most || ramp.mean().changesWithin(position, half))) {
          double[] sum = new double[4];
          add(p[0], p[1], 1, sum);
          for (int c = 0; c < 4; c++) {
            rgba[4 * i + c] = (float) sum[c];
          }
        }
        p[0] += toUnits.getScaleX();
        p[1] += toUnits.getShearY();
      }
    }

    private double position(double x, double y, double distance) {
      if (!round) {
        return distance;
      }
      double turn = Math.atan2(y, x) / (2 * Math.PI);
      return turn < 0 ? turn + 1 : turn;
    }

    /** How much the position changes over a pixel's width. */
    private double across(double x, double y, double distance) {
      return change(x, y, distance, toUnits.getScaleX(), toUnits.getShearY());
    }

    /** How much the position changes over a pixel's height. */
    private double down(double x, double y, double distance) {
      return change(x, y, distance, toUnits.getShearX(), toUnits.getScaleY());
    }

    private double change(double x, double y, double distance, double right, double below) {
      return round
          ? (x * below - y * right) / (2 * Math.PI * distance * distance)
          : (x * right + y * below) / distance;
    }

    /**
     * Adds the mean of a part, or of its quarters, by its share of the pixel.
     *
     * @param size of the part's sides in pixels
     */
    private void add(double x, double y, double size, double[] sum) {
      double distance = Math.hypot(x, y);
      boolean even =
          round
              ? distance > CLOSE * most * size
              : size * size < STRAIGHT * STRAIGHT * distance * least / (most * most);
      if (even || size <= SMALLEST) {
        float[] mean = new float[4];
        if (distance == 0) {
          ramp.colour(0, 1, mean, 0);
        } else if (round) {
          writeAlongRay(x, y, distance, size, mean);
        } else {
          double across = across(x, y, distance) * size;
          double down = down(x, y, distance) * size;
          ramp.mean().write(distance, across, down, mean, 0);
        }
        for (int c = 0; c < 4; c++) {
          sum[c] += size * size * mean[c];
        }
        return;
      }
      for (int quarter = 0; quarter < 4; quarter++) {
        double right = ((quarter & 1) - 0.5) * size / 2;
        double below = ((quarter >> 1) - 0.5) * size / 2;
        add(
            x + right * toUnits.getScaleX() + below * toUnits.getShearX(),
            y + right * toUnits.getShearY() + below * toUnits.getScaleY(),
            size / 2,
            sum);
      }
    }

    /**
     * As if positions changed evenly to both sides of the nearest stop's ray, which is straight.
     */
    private void writeAlongRay(double x, double y, double distance, double size, float[] mean) {
      double position = position(x, y, distance);
      double stop = ramp.mean().position(ramp.mean().nearest(position));
      double away = 2 * Math.PI * (position - stop);
      if (Math.abs(away) > 1) { // Its ray is far from here.
        double across = across(x, y, distance) * size;
        ramp.mean().write(position, across, down(x, y, distance) * size, mean, 0);
        return;
      }
      double along = 2 * Math.PI * distance * Math.cos(away);
      double right = -Math.sin(2 * Math.PI * stop) / along;
      double below = Math.cos(2 * Math.PI * stop) / along;
      ramp.mean()
          .write(
              stop + distance * Math.sin(away) / along,
              (right * toUnits.getScaleX() + below * toUnits.getShearY()) * size,
              (right * toUnits.getShearX() + below * toUnits.getScaleY()) * size,
              mean,
              0);
    }
  }
}
