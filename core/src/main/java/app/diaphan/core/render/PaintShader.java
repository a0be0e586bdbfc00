package app.diaphan.core.render;

import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.pattern.PatternTile;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.VectorPicture;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;

/** Makes the shader of a paint for a piece's box. */
final class PaintShader {
  private static final Shader CLEAR = new Shader.Flat(0, 0, 0, 0);
  private static final Bounds EVERYWHERE = new Bounds(-(1 << 20), -(1 << 20), 1 << 20, 1 << 20);

  private final double width;
  private final double height;
  private final AffineTransform toPixels;
  private final AffineTransform toBox;

  private PaintShader(double width, double height, AffineTransform toPixels)
      throws NoninvertibleTransformException {
    this.width = width;
    this.height = height;
    this.toPixels = toPixels;
    toBox = toPixels.createInverse();
  }

  /**
   * @param width of the piece's box, which paint is measured by
   * @param height of the box
   * @param toPixels from the box to pixels
   */
  static Shader of(Content.Fill fill, double width, double height, AffineTransform toPixels) {
    try {
      return new PaintShader(width, height, toPixels).of(fill);
    } catch (NoninvertibleTransformException e) {
      return CLEAR; // No area, so no pixel to colour.
    }
  }

  private Shader of(Content.Fill fill) {
    return switch (fill.paint()) {
      case Paint.Flat flat -> Shader.Flat.of(flat.colour());
      case Paint.Linear linear -> linear(linear);
      case Paint.Radial radial -> radial(radial);
      case Paint.Conic conic -> conic(conic);
      case Paint.Texture texture ->
          fill.picture().map(picture -> texture(texture, pixels(picture))).orElse(CLEAR);
      case Paint.Patterned patterned -> patterned(patterned);
      case Paint.Pictured pictured ->
          fill.picture().map(picture -> pictured(pictured, pixels(picture))).orElse(CLEAR);
    };
  }

  private static RasterPicture pixels(Picture picture) {
    return switch (picture) {
      case RasterPicture raster -> raster;
      case VectorPicture vector -> vector.asPaint();
    };
  }

  private Shader linear(Paint.Linear paint) {
    double angle = Math.toRadians(paint.angle());
    double across = Math.cos(angle);
    double down = Math.sin(angle);
    double span = paint.end() - paint.start();
    if (Math.abs(span) < 1e-9) {
      return Shader.Flat.of(paint.stops().getLast().colour());
    }
    double length = (Math.abs(across) * width + Math.abs(down) * height) * span;
    double perX = (toBox.getScaleX() * across + toBox.getShearY() * down) / length;
    double perY = (toBox.getShearX() * across + toBox.getScaleY() * down) / length;
    double start =
        ((toBox.getTranslateX() - width / 2) * across + (toBox.getTranslateY() - height / 2) * down)
                / length
            + (0.5 - paint.start()) / span;
    return new GradientShader.Linear(perX, perY, start, Ramp.of(paint.stops()));
  }

  private Shader radial(Paint.Radial paint) {
    double reach = paint.radius() * Math.hypot(width, height) / 2;
    AffineTransform toUnits = new AffineTransform();
    if (paint.stretched()) {
      // The circle through the corners of a square box, drawn out with the box.
      double half = paint.radius() * Math.sqrt(0.5);
      toUnits.scale(1 / (half * width), 1 / (half * height));
    } else {
      toUnits.scale(1 / reach, 1 / reach);
    }
    toUnits.translate(-paint.x() * width, -paint.y() * height);
    toUnits.concatenate(toBox);
    return new GradientShader.Radial(toUnits, Ramp.of(paint.stops()));
  }

  private Shader conic(Paint.Conic paint) {
    AffineTransform toUnits = AffineTransform.getRotateInstance(-Math.toRadians(paint.angle()));
    toUnits.translate(-paint.x() * width, -paint.y() * height);
    toUnits.concatenate(toBox);
    return new GradientShader.Conic(toUnits, Ramp.of(paint.stops()).round());
  }

  private Shader texture(Paint.Texture paint, RasterPicture picture) {
    double height = paint.width() * picture.height() / picture.width();
    return repeated(picture, paint.width(), height, paint.turn(), paint.right(), paint.down());
  }

  /** The tile has twice the pixels that it is drawn on, so that edges stay sharp at any turn. */
  private Shader patterned(Paint.Patterned paint) {
    double pixels = paint.width() * Math.sqrt(Math.abs(toPixels.getDeterminant()));
    PatternTile tile = PatternTile.of(paint.pattern(), 2 * pixels);
    RasterPicture picture = tile.picture();
    double height = paint.width() * tile.height();
    return new Shader.TwoColours(
        repeated(picture, paint.width(), height, paint.turn(), paint.right(), paint.down()),
        picture,
        Shader.Flat.of(paint.ink()),
        Shader.Flat.of(paint.ground()));
  }

  private Shader repeated(
      RasterPicture picture,
      double across,
      double down,
      double turn,
      double offsetRight,
      double offsetDown) {
    AffineTransform fromPicture = new AffineTransform(toPixels);
    fromPicture.translate(offsetRight, offsetDown);
    fromPicture.rotate(Math.toRadians(turn));
    fromPicture.scale(across / picture.width(), down / picture.height());
    return new Shader.Sampled(
        new PictureSampler(picture, fromPicture, PictureSampler.Beyond.ITSELF));
  }

  private Shader pictured(Paint.Pictured paint, RasterPicture picture) {
    FittedPicture fitted = FittedPicture.of(picture, Crop.NOTHING, paint.fit(), width, height);
    AffineTransform fromPicture = new AffineTransform(toPixels);
    fromPicture.concatenate(fitted.toBox());
    Shader sampled =
        new Shader.Sampled(
            new PictureSampler(picture, fromPicture, PictureSampler.Beyond.ITS_EDGE));
    boolean whole =
        fitted.footprint().getWidth() >= width && fitted.footprint().getHeight() >= height;
    return whole
        ? sampled
        : new Shader.Within(
            sampled, Coverage.of(toPixels.createTransformedShape(fitted.footprint()), EVERYWHERE));
  }
}
