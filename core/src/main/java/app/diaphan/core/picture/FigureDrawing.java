package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.Plane;
import java.awt.Color;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Draws figures one over the other, each with its exact coverage. */
public final class FigureDrawing {
  /** As many shapes as one coverage takes. */
  private static final int MOST_SHAPES = 30;

  private static final double MOST_SECONDS = 20;

  private final Bounds bounds;
  private final Patience patience = Patience.of(MOST_SECONDS);
  private final float[] pixels;

  private FigureDrawing(Bounds bounds) {
    this.bounds = bounds;
    pixels = new float[4 * Math.multiplyExact(bounds.width(), bounds.height())];
  }

  /**
   * @return premultiplied red, green, blue and alpha, 0–1, of each pixel of the bounds, row by row
   */
  public static float[] of(List<Figure> figures, Bounds bounds) {
    FigureDrawing drawing = new FigureDrawing(bounds);
    figures.forEach(drawing::draw);
    return drawing.pixels;
  }

  private void draw(Figure figure) {
    switch (figure) {
      case Figure.Filled filled -> fill(filled);
      case Figure.Imaged imaged -> image(imaged);
      case Figure.Together together -> together(together);
    }
  }

  private void together(Figure.Together figure) {
    Bounds part = extent(figure).map(Bounds::around).orElse(Bounds.EMPTY).within(bounds);
    float[] own = of(figure.parts(), part);
    for (int y = part.top(), from = 0; y < part.bottom(); y++) {
      int to = 4 * ((y - bounds.top()) * bounds.width() + part.left() - bounds.left());
      for (int x = 0; x < part.width(); x++, from += 4, to += 4) {
        float rest = 1 - own[from + 3] * figure.opacity();
        for (int c = 0; c < 4; c++) {
          pixels[to + c] = own[from + c] * figure.opacity() + pixels[to + c] * rest;
        }
      }
    }
  }

  /** What a figure lies within, if it shows anything. */
  private static Optional<Rectangle2D> extent(Figure figure) {
    return switch (figure) {
      case Figure.Filled filled -> clipped(filled.shape().getBounds2D(), filled.clips());
      case Figure.Imaged imaged -> clipped(footprint(imaged).getBounds2D(), imaged.clips());
      case Figure.Together together ->
          together.parts().stream()
              .map(FigureDrawing::extent)
              .flatMap(Optional::stream)
              .reduce(Rectangle2D::createUnion);
    };
  }

  private static Optional<Rectangle2D> clipped(Rectangle2D box, List<Shape> clips) {
    Rectangle2D left = box;
    for (Shape clip : clips) {
      left = left.createIntersection(clip.getBounds2D());
    }
    return left.isEmpty() ? Optional.empty() : Optional.of(left);
  }

  private static Shape footprint(Figure.Imaged figure) {
    return figure
        .toPixels()
        .createTransformedShape(
            new Rectangle(0, 0, figure.image().getWidth(), figure.image().getHeight()));
  }

  /** A vector picture as pixels, so many for each of its units. */
  static RasterPicture raster(VectorPicture picture, double scale) {
    int width = Math.max(1, (int) Math.ceil(picture.ownWidth() * scale));
    int height = Math.max(1, (int) Math.ceil(picture.ownHeight() * scale));
    AffineTransform toPixels =
        AffineTransform.getScaleInstance(
            (double) width / picture.ownWidth(), (double) height / picture.ownHeight());
    Bounds all = new Bounds(0, 0, width, height);
    return new RasterPicture(width, height, of(picture.figures(toPixels), all), true);
  }

  private void fill(Figure.Filled figure) {
    Plane coverage = coverage(figure.shape(), figure.clips());
    if (coverage.bounds().empty()) {
      return;
    }
    if (figure.paint() instanceof Color colour) {
      float[] rgba = colour.getRGBComponents(null);
      for (int c = 0; c < 3; c++) {
        rgba[c] *= rgba[3];
      }
      over(coverage, figure.opacity(), (y, left, count, to) -> repeat(rgba, count, to));
    } else {
      painted(figure, coverage);
    }
  }

  private static void repeat(float[] rgba, int count, float[] to) {
    for (int i = 0; i < count; i++) {
      System.arraycopy(rgba, 0, to, 4 * i, 4);
    }
  }

  private void painted(Figure.Filled figure, Plane coverage) {
    try (PaintRows rows =
        new PaintRows(figure.paint(), figure.toPixels(), userBounds(figure), coverage.bounds())) {
      over(coverage, figure.opacity(), rows::row);
    }
  }

  private static Rectangle2D userBounds(Figure.Filled figure) {
    try {
      return figure.toPixels().createInverse().createTransformedShape(figure.shape()).getBounds2D();
    } catch (NoninvertibleTransformException e) {
      return figure.shape().getBounds2D();
    }
  }

  private void image(Figure.Imaged figure) {
    RasterPicture picture = SrgbSamples.picture(Decoded.of(figure.image()), "image");
    Plane coverage = coverage(footprint(figure), figure.clips());
    if (coverage.bounds().empty()) {
      return;
    }
    PictureSampler sampler =
        new PictureSampler(picture, figure.toPixels(), PictureSampler.Beyond.ITS_EDGE);
    over(
        coverage,
        figure.opacity(),
        (y, left, count, to) -> {
          for (int i = 0; i < count; i++) {
            sampler.sample(left + i, y, to, 4 * i);
          }
        });
  }

  /** What lies within a shape and all its clips. */
  private Plane coverage(Shape shape, List<Shape> clips) {
    Rectangle2D box = shape.getBounds2D();
    List<Shape> shapes = new ArrayList<>();
    shapes.add(shape);
    for (Shape clip : clips) {
      if (!clip.contains(box)) {
        shapes.add(clip);
      }
    }
    while (shapes.size() > MOST_SHAPES) {
      Area both = new Area(shapes.removeLast());
      both.intersect(new Area(shapes.removeLast()));
      shapes.add(both);
    }
    int all = (1 << shapes.size()) - 1;
    return Coverage.of(shapes, inside -> inside == all, bounds);
  }

  @FunctionalInterface
  private interface Colours {
    /** Writes premultiplied colours of a row from a column on. */
    void row(int y, int left, int count, float[] to);
  }

  private void over(Plane coverage, float opacity, Colours colours) {
    Bounds b = coverage.bounds();
    float[] row = new float[4 * b.width()];
    for (int y = b.top(); y < b.bottom(); y++) {
      if (patience.over()) {
        throw new InvalidInput(
            "A vector picture takes too long to draw; simplify it and save it again.");
      }
      int from = coverage.row(y);
      int first = 0;
      int last = b.width();
      while (first < last && coverage.values()[from + first] <= 0) {
        first++;
      }
      while (last > first && coverage.values()[from + last - 1] <= 0) {
        last--;
      }
      if (first == last) {
        continue;
      }
      colours.row(y, b.left() + first, last - first, row);
      int to = 4 * ((y - bounds.top()) * bounds.width() + b.left() + first - bounds.left());
      for (int x = first, i = 0; x < last; x++, i += 4, to += 4) {
        float cover = coverage.values()[from + x] * opacity;
        float rest = 1 - cover * row[i + 3];
        for (int c = 0; c < 4; c++) {
          pixels[to + c] = row[i + c] * cover + pixels[to + c] * rest;
        }
      }
    }
  }
}
