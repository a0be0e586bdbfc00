package app.diaphan.core.picture;

import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.stream.Stream;

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

  /**
   * What is drawn by itself and then shown with an opacity as one, so that its parts do not show
   * through each other.
   */
  record Together(List<Figure> parts, float opacity) implements Figure {
    /** Those of its parts are theirs. */
    @Override
    public List<Shape> clips() {
      return List.of();
    }
  }

  /** The parts of all, each with the opacity of what it was a part of. */
  static List<Figure> apart(List<Figure> figures) {
    return figures.stream().flatMap(figure -> apart(figure, 1)).toList();
  }

  private static Stream<Figure> apart(Figure figure, float opacity) {
    float all = opacity * figure.opacity();
    return switch (figure) {
      case Filled f -> Stream.of(new Filled(f.shape(), f.paint(), f.toPixels(), all, f.clips()));
      case Imaged i -> Stream.of(new Imaged(i.image(), i.toPixels(), all, i.clips()));
      case Together together -> together.parts().stream().flatMap(part -> apart(part, all));
    };
  }
}
