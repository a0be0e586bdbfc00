package app.diaphan.core.picture;

import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.List;

/** One thing that a vector picture draws, in pixels of what it is drawn on. */
public sealed interface Figure {
  /** Shapes that it shows within, all of them. */
  List<Shape> clips();

  /** 0–1. */
  float opacity();

  /**
   * A shape filled with a paint.
   *
   * @param toPixels from the space that the paint is described in
   */
  record Filled(
      Shape shape, Paint paint, AffineTransform toPixels, float opacity, List<Shape> clips)
      implements Figure {}

  /**
   * A picture within the vector picture, or a part that was drawn on pixels because it has a mask
   * or an opacity of its own.
   *
   * @param toPixels from the image's own pixels
   */
  record Imaged(BufferedImage image, AffineTransform toPixels, float opacity, List<Shape> clips)
      implements Figure {}
}
