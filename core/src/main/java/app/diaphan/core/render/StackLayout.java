package app.diaphan.core.render;

import app.diaphan.core.Sentence;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.SizedPiece;
import app.diaphan.core.overlay.TextPiece;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Lays out the pieces of one stack, the overlay's or a group's. A piece may hang from another or
 * back others, so each is laid out when it is first asked for; documents without circles make sure
 * that this ends.
 */
final class StackLayout {
  private final Map<String, Piece> pieces = new LinkedHashMap<>();
  private final Map<String, Located> located = new HashMap<>();
  private final Measuring measuring;

  /** The rectangle of an area in the stack's own units; nothing within a group. */
  private final Function<Area, Optional<Rectangle2D>> areas;

  /**
   * @param innerToBox for a group, from its own units to those within its box
   */
  private record Located(
      Piece piece,
      Content content,
      double width,
      double height,
      AffineTransform toHolder,
      Point2D hook,
      Optional<StackLayout> inside,
      AffineTransform innerToBox) {

    PlacedPiece placed(AffineTransform holderToPixels) {
      AffineTransform innerToPixels = new AffineTransform(holderToPixels);
      innerToPixels.concatenate(toHolder);
      innerToPixels.concatenate(innerToBox);
      return new PlacedPiece(
          piece,
          content,
          width,
          height,
          toHolder,
          holderToPixels,
          hook,
          inside.map(stack -> stack.placed(innerToPixels)).orElse(List.of()));
    }

    Rectangle2D bounds() {
      return toHolder
          .createTransformedShape(new Rectangle2D.Double(0, 0, width, height))
          .getBounds2D();
    }
  }

  private record Measured(
      Content content,
      double width,
      double height,
      Optional<StackLayout> inside,
      AffineTransform innerToBox) {
    Measured(Content content, double width, double height) {
      this(content, width, height, Optional.empty(), new AffineTransform());
    }
  }

  private StackLayout(
      List<Piece> stack, Measuring measuring, Function<Area, Optional<Rectangle2D>> areas) {
    stack.forEach(piece -> pieces.put(piece.id(), piece));
    this.measuring = measuring;
    this.areas = areas;
  }

  /**
   * @param scale units of the frame for one unit of the stack
   */
  static StackLayout ofFrame(List<Piece> stack, Measuring measuring, Frame frame, double scale) {
    return new StackLayout(
        stack,
        measuring,
        area -> {
          Rectangle2D r = frame.area(area);
          return Optional.of(
              new Rectangle2D.Double(
                  r.getX() / scale, r.getY() / scale, r.getWidth() / scale, r.getHeight() / scale));
        });
  }

  private static StackLayout ofGroup(GroupPiece group, Measuring measuring) {
    return new StackLayout(group.stack(), measuring, area -> Optional.empty());
  }

  /** All pieces from front to back. */
  List<PlacedPiece> placed(AffineTransform toPixels) {
    return pieces.values().stream().map(piece -> locate(piece).placed(toPixels)).toList();
  }

  private Rectangle2D bounds() {
    Rectangle2D all = null;
    for (Piece piece : pieces.values()) {
      Rectangle2D own = locate(piece).bounds();
      all = all == null ? own : all.createUnion(own);
    }
    return all == null ? new Rectangle2D.Double() : all;
  }

  private Located locate(Piece piece) {
    Located known = located.get(piece.id());
    if (known == null) {
      measuring.finishes(piece);
      known =
          piece instanceof PlatePiece plate && plate.backing().any()
              ? locateBacking(plate)
              : locatePinned(piece, measured(piece));
      located.put(piece.id(), known);
    }
    return known;
  }

  private Measured measured(Piece piece) {
    return switch (piece) {
      case TextPiece text -> {
        Content.Lettered letters = measuring.letters(text);
        yield new Measured(letters, letters.set().width(), letters.set().height());
      }
      case SizedPiece sized -> new Measured(measuring.sized(sized), sized.width(), sized.height());
      case GroupPiece group -> {
        StackLayout inside = ofGroup(group, measuring);
        Rectangle2D box = inside.bounds();
        AffineTransform innerToBox = AffineTransform.getScaleInstance(group.scale(), group.scale());
        innerToBox.translate(-box.getX(), -box.getY());
        yield new Measured(
            new Content.Grouped(),
            box.getWidth() * group.scale(),
            box.getHeight() * group.scale(),
            Optional.of(inside),
            innerToBox);
      }
    };
  }

  private Located locatePinned(Piece piece, Measured measured) {
    Place place = piece.place();
    Point2D hook = hook(piece);
    double width = measured.width();
    double height = measured.height();
    AffineTransform toHolder =
        AffineTransform.getTranslateInstance(
            hook.getX() + place.right() - place.own().across() * width,
            hook.getY() + place.down() - place.own().down() * height);
    toHolder.rotate(Math.toRadians(place.turn()), width / 2, height / 2);
    if (place.mirrored()) {
      toHolder.translate(width, 0);
      toHolder.scale(-1, 1);
    }
    return new Located(
        piece,
        measured.content(),
        width,
        height,
        toHolder,
        hook,
        measured.inside(),
        measured.innerToBox());
  }

  private Point2D hook(Piece piece) {
    Place place = piece.place();
    return switch (place.hook()) {
      case Hook.OfFrame(Area area) -> areas.apply(area).map(place.point()::of).orElseThrow();
      case Hook.OfGroup() -> new Point2D.Double();
      case Hook.OfPiece(String id) -> {
        Piece other = pieces.get(id);
        if (other == null) {
          measuring.find(
              piece,
              false,
              Sentence.of(
                  "\"%s\" hangs from a piece that is no longer beside it; choose what it hangs from.",
                  piece.name()));
          yield areas.apply(Area.FRAME).map(place.point()::of).orElseGet(Point2D.Double::new);
        }
        Located there = locate(other);
        Point2D point =
            place.point().of(new Rectangle2D.Double(0, 0, there.width(), there.height()));
        yield there.toHolder().transform(point, null);
      }
    };
  }

  private Located locateBacking(PlatePiece plate) {
    Backing backing = plate.backing();
    List<Located> backed =
        backing.pieces().stream()
            .map(pieces::get)
            .filter(piece -> piece != null)
            .map(this::locate)
            .toList();
    if (backed.size() < backing.pieces().size()) {
      measuring.find(
          plate,
          false,
          Sentence.of(
              "\"%s\" backs a piece that is no longer beside it; choose what it backs.",
              plate.name()));
    }
    if (backed.isEmpty()) {
      return locatePinned(plate, measured(plate));
    }
    AffineTransform toHolder;
    Rectangle2D box;
    if (backed.size() == 1) {
      Located only = backed.getFirst();
      toHolder = new AffineTransform(only.toHolder());
      box = new Rectangle2D.Double(0, 0, only.width(), only.height());
    } else {
      toHolder = new AffineTransform();
      box = backed.getFirst().bounds();
      for (Located other : backed) {
        box = box.createUnion(other.bounds());
      }
    }
    // More negative padding than there is room leaves a plate of next to no size, never less.
    double width = Math.max(LEAST, box.getWidth() + backing.left() + backing.right());
    double height = Math.max(LEAST, box.getHeight() + backing.top() + backing.bottom());
    toHolder.translate(box.getX() - backing.left(), box.getY() - backing.top());
    return new Located(
        plate,
        measuring.plate(plate, width, height),
        width,
        height,
        toHolder,
        hook(plate),
        Optional.empty(),
        new AffineTransform());
  }

  private static final double LEAST = 0.1;
}
