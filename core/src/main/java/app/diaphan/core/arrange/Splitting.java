package app.diaphan.core.arrange;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PathData;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.picture.Figure;
import app.diaphan.core.picture.VectorPicture;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import java.awt.Color;
import java.awt.LinearGradientPaint;
import java.awt.MultipleGradientPaint;
import java.awt.RadialGradientPaint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * Takes a vector picture apart: each of its shapes becomes a plate of its own in a group that takes
 * the picture's place and look. What hung from the picture hangs from what holds it.
 */
final class Splitting {
  static final int MOST_PARTS = 200;

  /** Thinner boxes than a piece may have. */
  private static final double LEAST_SIDE = 0.1;

  /** Parts that have an opacity as one: a group of their own. */
  private record Thin(List<String> ids, String name, double opacity) {}

  private final Overlay overlay;
  private final Renderer renderer;

  Splitting(Overlay overlay, Renderer renderer) {
    this.overlay = overlay;
    this.renderer = renderer;
  }

  /**
   * @throws InvalidInput if the piece is no vector picture, or one with parts that no plate can be
   */
  Arranged split(String id) {
    PlacedPiece placed = PlacedPieces.of(overlay, renderer).piece(id);
    if (!(placed.piece() instanceof PicturePiece piece)
        || !(placed.content() instanceof Content.Pictured content)
        || !(content.picture() instanceof VectorPicture vector)) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is no SVG or PDF picture; only those can be split into their parts.",
              placed.piece().name()));
    }
    Rectangle2D shown = content.fitted(placed.width(), placed.height()).footprint();
    List<Piece> parts = new ArrayList<>();
    List<Figure> figures = vector.figures(content.fitted(placed.width(), placed.height()).toBox());
    List<String> names = vector.names();
    PartNames called = new PartNames();
    List<Thin> thin = new ArrayList<>();
    for (int i = 0; i < figures.size(); i++) {
      String name = names.size() == figures.size() ? names.get(i) : "";
      switch (figures.get(i)) {
        case Figure.Together together -> {
          String group = called.next(name);
          int first = parts.size();
          for (Figure figure : Figure.apart(together.parts())) {
            part(figure, piece, placed, shown, () -> called.next(name), parts);
          }
          if (parts.size() > first) {
            List<String> ids = parts.subList(first, parts.size()).stream().map(Piece::id).toList();
            thin.add(new Thin(ids, group, together.opacity()));
          }
        }
        case Figure.Filled one -> part(one, piece, placed, shown, () -> called.next(name), parts);
        case Figure.Imaged one -> part(one, piece, placed, shown, () -> called.next(name), parts);
      }
    }
    if (parts.isEmpty()) {
      throw new InvalidInput(
          Sentence.of("\"%s\" shows nothing that could be split.", piece.name()));
    }
    if (parts.size() > MOST_PARTS) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" has %d parts; a picture of up to %d can be split. Simplify the file.",
              piece.name(), parts.size(), MOST_PARTS));
    }
    Overlay apart =
        Pieces.rearranged(
            overlay,
            id,
            stack ->
                stack.stream()
                    .<Piece>mapMulti(
                        (one, to) -> {
                          if (one.id().equals(id)) {
                            parts.reversed().forEach(to);
                          } else {
                            to.accept(one);
                          }
                        })
                    .toList());
    List<String> ids = new ArrayList<>(parts.stream().map(Piece::id).toList());
    for (Thin one : thin) {
      Arranged within = new Grouping(apart, renderer).grouped(one.ids(), one.name());
      String group = within.chosen().getFirst();
      Look look = Look.PLAIN.withOverallOpacity(one.opacity());
      apart = Pieces.replaced(within.overlay(), group, found -> found.withLook(look));
      ids.set(ids.indexOf(one.ids().getFirst()), group);
      ids.removeAll(one.ids());
    }
    Arranged grouped = new Grouping(apart, renderer).grouped(ids, piece.name());
    return new Arranged(
        Pieces.replaced(
            grouped.overlay(), grouped.chosen().getFirst(), group -> group.withLook(piece.look())),
        grouped.chosen());
  }

  private void part(
      Figure figure,
      PicturePiece piece,
      PlacedPiece placed,
      Rectangle2D shown,
      Supplier<String> name,
      List<Piece> parts) {
    if (!(figure instanceof Figure.Filled filled)) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" has a part made of pixels (a mask, a blur or a picture in it), which no plate can be; it was not split.",
              piece.name()));
    }
    Shape shape = clipped(filled, shown);
    Rectangle2D box = shape.getBounds2D();
    if (box.isEmpty()) {
      return;
    }
    double width = Math.max(LEAST_SIDE, box.getWidth());
    double height = Math.max(LEAST_SIDE, box.getHeight());
    AffineTransform toShares = AffineTransform.getScaleInstance(1 / width, 1 / height);
    toShares.translate(-box.getX(), -box.getY());
    Point2D centre =
        placed
            .toHolder()
            .transform(new Point2D.Double(box.getX() + width / 2, box.getY() + height / 2), null);
    boolean evenOdd = shape.getPathIterator(null).getWindingRule() == PathIterator.WIND_EVEN_ODD;
    parts.add(
        new PlatePiece(
            // One takes the picture's name, so that what leans on it finds it until it is loosened.
            parts.isEmpty()
                ? piece.id()
                : Pieces.freeId(overlay, "part", parts.stream().map(Piece::id).toList()),
            name.get(),
            true,
            false,
            Placing.at(piece.place(), placed.hook(), width, height, centre),
            new PlateShape.Drawn(PathData.write(shape, toShares), evenOdd),
            width,
            height,
            Backing.NOTHING,
            paint(filled, piece, box),
            Look.PLAIN));
  }

  private static Shape clipped(Figure.Filled figure, Rectangle2D shown) {
    List<Shape> clips = new ArrayList<>(figure.clips());
    clips.add(shown);
    Rectangle2D box = figure.shape().getBounds2D();
    Shape shape = figure.shape();
    for (Shape clip : clips) {
      if (!clip.contains(box)) {
        Area area = new Area(shape);
        area.intersect(new Area(clip));
        shape = new Path2D.Double(area);
      }
    }
    return shape;
  }

  private static Paint paint(Figure.Filled figure, PicturePiece piece, Rectangle2D box) {
    return switch (figure.paint()) {
      case Color colour -> new Paint.Flat(colour(colour, figure.opacity()));
      case LinearGradientPaint linear -> linear(linear, figure, box);
      case RadialGradientPaint radial -> radial(radial, figure, box);
      default ->
          throw new InvalidInput(
              Sentence.of(
                  "\"%s\" has a part painted with a pattern or a mesh, which no plate can be; it was not split.",
                  piece.name()));
    };
  }

  private static Paint linear(LinearGradientPaint paint, Figure.Filled figure, Rectangle2D box) {
    AffineTransform to = toBox(paint, figure);
    Point2D from = to.transform(paint.getStartPoint(), null);
    Point2D end = to.transform(paint.getEndPoint(), null);
    double across = end.getX() - from.getX();
    double down = end.getY() - from.getY();
    double length = Math.hypot(across, down);
    if (length == 0) {
      return new Paint.Flat(
          colour(paint.getColors()[paint.getColors().length - 1], figure.opacity()));
    }
    across /= length;
    down /= length;
    double span = Math.abs(across) * box.getWidth() + Math.abs(down) * box.getHeight();
    double start =
        ((from.getX() - box.getCenterX()) * across + (from.getY() - box.getCenterY()) * down) / span
            + 0.5;
    return new Paint.Linear(
        Math.toDegrees(Math.atan2(down, across)),
        start,
        start + length / span,
        stops(paint, figure.opacity()));
  }

  private static Paint radial(RadialGradientPaint paint, Figure.Filled figure, Rectangle2D box) {
    AffineTransform to = toBox(paint, figure);
    Point2D centre = to.transform(paint.getCenterPoint(), null);
    double radius = paint.getRadius() * Math.sqrt(Math.abs(to.getDeterminant()));
    return new Paint.Radial(
        (centre.getX() - box.getX()) / box.getWidth(),
        (centre.getY() - box.getY()) / box.getHeight(),
        radius / (Math.hypot(box.getWidth(), box.getHeight()) / 2),
        false,
        stops(paint, figure.opacity()));
  }

  private static AffineTransform toBox(MultipleGradientPaint paint, Figure.Filled figure) {
    AffineTransform to = new AffineTransform(figure.toPixels());
    to.concatenate(paint.getTransform());
    return to;
  }

  private static List<Paint.Stop> stops(MultipleGradientPaint paint, float opacity) {
    List<Paint.Stop> stops = new ArrayList<>();
    for (int i = 0; i < paint.getColors().length; i++) {
      stops.add(new Paint.Stop(paint.getFractions()[i], colour(paint.getColors()[i], opacity)));
    }
    return stops;
  }

  private static Colour colour(Color colour, float opacity) {
    return new Colour(
        colour.getRed(),
        colour.getGreen(),
        colour.getBlue(),
        Math.round(colour.getAlpha() * opacity));
  }
}
