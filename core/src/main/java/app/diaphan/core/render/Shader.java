package app.diaphan.core.render;

import app.diaphan.core.overlay.Colour;
import app.diaphan.core.overlay.Paint;
import app.diaphan.core.picture.PictureSampler;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.util.List;

/** Gives the colours of a row of pixels, premultiplied floats 0–1. */
interface Shader {

  /** Writes {@code count} colours of row {@code y} from column {@code left} on. */
  void row(int y, int left, int count, float[] rgba);

  /** The same colour everywhere. */
  record Flat(float red, float green, float blue, float alpha) implements Shader {
    static Flat of(Colour colour) {
      float alpha = colour.alpha() / 255f;
      return new Flat(
          colour.red() / 255f * alpha,
          colour.green() / 255f * alpha,
          colour.blue() / 255f * alpha,
          alpha);
    }

    @Override
    public void row(int y, int left, int count, float[] rgba) {
      for (int i = 0; i < 4 * count; i += 4) {
        rgba[i] = red;
        rgba[i + 1] = green;
        rgba[i + 2] = blue;
        rgba[i + 3] = alpha;
      }
    }
  }

  /**
   * Colours along a direction, mixed premultiplied so that a clear stop adds no colour of its own.
   * The position along the gradient is {@code x * perX + y * perY + start} in pixels.
   */
  record Linear(double perX, double perY, double start, float[] positions, List<Flat> colours)
      implements Shader {

    @Override
    public void row(int y, int left, int count, float[] rgba) {
      double position = (left + 0.5) * perX + (y + 0.5) * perY + start;
      int stop = 1;
      for (int i = 0; i < count; i++, position += perX) {
        while (stop > 1 && position < positions[stop - 1]) {
          stop--;
        }
        while (stop < positions.length - 1 && position > positions[stop]) {
          stop++;
        }
        Flat from = colours.get(stop - 1);
        Flat to = colours.get(stop);
        float span = positions[stop] - positions[stop - 1];
        float t =
            span <= 0
                ? (position < positions[stop] ? 0 : 1)
                : (float) Math.clamp((position - positions[stop - 1]) / span, 0.0, 1.0);
        int at = 4 * i;
        rgba[at] = from.red + t * (to.red - from.red);
        rgba[at + 1] = from.green + t * (to.green - from.green);
        rgba[at + 2] = from.blue + t * (to.blue - from.blue);
        rgba[at + 3] = from.alpha + t * (to.alpha - from.alpha);
      }
    }
  }

  /** A picture under its transform. */
  record Sampled(PictureSampler sampler) implements Shader {
    @Override
    public void row(int y, int left, int count, float[] rgba) {
      for (int i = 0; i < count; i++) {
        sampler.sample(left + i, y, rgba, 4 * i);
      }
    }
  }

  /**
   * @param width of the piece's box, which a gradient crosses from one side to the other
   * @param height of the box
   * @param toPixels from the box to pixels
   */
  static Shader of(Paint paint, double width, double height, AffineTransform toPixels) {
    return switch (paint) {
      case Paint.Flat(Colour colour) -> Flat.of(colour);
      case Paint.Linear linear -> linear(linear, width, height, toPixels);
    };
  }

  private static Shader linear(
      Paint.Linear paint, double width, double height, AffineTransform toPixels) {
    double angle = Math.toRadians(paint.angle());
    double across = Math.cos(angle);
    double down = Math.sin(angle);
    double length = Math.abs(across) * width + Math.abs(down) * height;
    try {
      AffineTransform toBox = toPixels.createInverse();
      double perX = (toBox.getScaleX() * across + toBox.getShearY() * down) / length;
      double perY = (toBox.getShearX() * across + toBox.getScaleY() * down) / length;
      double start =
          ((toBox.getTranslateX() - width / 2) * across
                      + (toBox.getTranslateY() - height / 2) * down)
                  / length
              + 0.5;
      float[] positions = new float[paint.stops().size()];
      for (int i = 0; i < positions.length; i++) {
        positions[i] = (float) paint.stops().get(i).position();
      }
      List<Flat> colours = paint.stops().stream().map(stop -> Flat.of(stop.colour())).toList();
      return new Linear(perX, perY, start, positions, colours);
    } catch (NoninvertibleTransformException e) {
      return Flat.of(paint.stops().getFirst().colour()); // No area, so no pixel to colour.
    }
  }
}
