package app.diaphan.core.render;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.VectorPicture;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.util.List;

/** The colours of a shader, tinted pixel by pixel; their alpha stays. */
record Tinted(Shader own, Pixel tint) implements Shader {

  /** Changes one straight colour, given where it lies. */
  @FunctionalInterface
  interface Pixel {
    /**
     * @param rgb red, green and blue, 0–1
     * @param at where they stand
     * @return the share of the alpha that is left, 0–1
     */
    float change(int x, int y, float[] rgb, int at);
  }

  /**
   * @param fromPicture from the picture's pixels to the shader's
   * @return the shader itself if there is nothing to tint
   */
  static Shader of(Shader own, Tint tint, Picture picture, AffineTransform fromPicture) {
    return switch (tint) {
      case Tint.OwnColours() -> own;
      case Tint.OneColour(Colour colour) -> new Tinted(own, flat(colour));
      case Tint.Gradient gradient -> new Tinted(own, along(gradient, picture, fromPicture));
      case Tint.Adjusted adjusted -> new Tinted(own, new Adjusting(adjusted));
      // A vector picture's colours are replaced before they are drawn.
      case Tint.Replaced(List<Tint.Replacement> colours) ->
          colours.isEmpty() || picture instanceof VectorPicture
              ? own
              : new Tinted(own, new Replacing(colours));
    };
  }

  @Override
  public long bytes() {
    return own.bytes();
  }

  @Override
  public void row(int y, int left, int count, float[] rgba) {
    own.row(y, left, count, rgba);
    for (int i = 0; i < count; i++) {
      int at = 4 * i;
      float alpha = rgba[at + 3];
      if (alpha > 0) {
        for (int c = at; c < at + 3; c++) {
          rgba[c] = Math.min(1, rgba[c] / alpha);
        }
        float tinted = alpha * tint.change(left + i, y, rgba, at);
        for (int c = at; c < at + 3; c++) {
          rgba[c] = Math.clamp(rgba[c], 0f, 1f) * tinted;
        }
        rgba[at + 3] = tinted;
      }
    }
  }

  private static Pixel flat(Colour colour) {
    float[] parts = {colour.red() / 255f, colour.green() / 255f, colour.blue() / 255f};
    float alpha = colour.alpha() / 255f;
    return (x, y, rgb, at) -> {
      System.arraycopy(parts, 0, rgb, at, 3);
      return alpha;
    };
  }

  private static Pixel along(Tint.Gradient tint, Picture picture, AffineTransform fromPicture) {
    double angle = Math.toRadians(tint.angle());
    double across = Math.cos(angle);
    double down = Math.sin(angle);
    double length = Math.abs(across) * picture.ownWidth() + Math.abs(down) * picture.ownHeight();
    AffineTransform back;
    try {
      back = fromPicture.createInverse();
    } catch (NoninvertibleTransformException e) {
      return (x, y, rgb, at) -> 1; // Without area there is no pixel to tint.
    }
    double perX = (back.getScaleX() * across + back.getShearY() * down) / length;
    double perY = (back.getShearX() * across + back.getScaleY() * down) / length;
    double start =
        ((back.getTranslateX() - picture.ownWidth() / 2.0) * across
                    + (back.getTranslateY() - picture.ownHeight() / 2.0) * down)
                / length
            + 0.5;
    Ramp ramp = Ramp.of(tint.stops());
    return (x, y, rgb, at) -> {
      float[] colour = new float[4];
      ramp.colour((x + 0.5) * perX + (y + 0.5) * perY + start, 1, colour, 0);
      for (int c = 0; c < 3; c++) {
        rgb[at + c] = colour[3] > 0 ? colour[c] / colour[3] : 0;
      }
      return colour[3];
    };
  }
}
