package app.diaphan.core.check.house;

import app.diaphan.core.Sentence;
import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Finding;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.House;
import app.diaphan.core.house.MarkColours;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.paint.PictureFit;
import app.diaphan.core.render.PlacedPiece;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Stream;

/** What may not be done to the marks of a house. */
final class MarkChecks {
  /** Less of a pixel too low or too near is nothing. */
  private static final double SLACK = 0.5;

  private final Overlay overlay;
  private final Frame frame;
  private final Brand brand;
  private final House house;
  private final List<PlacedPiece> shown;

  /**
   * @param shown all pieces that are, also in groups, from front to back
   */
  MarkChecks(Overlay overlay, Brand brand, List<PlacedPiece> shown) {
    this.overlay = overlay;
    this.brand = brand;
    this.shown = shown;
    frame = overlay.frame();
    house = brand.house().seenBy(overlay);
  }

  List<Finding> of(Set<CheckKind> wanted) {
    List<Finding> found = new ArrayList<>();
    MarkInPlace.all(shown.stream(), brand).forEach(mark -> check(mark, wanted, found));
    return found;
  }

  private void check(MarkInPlace mark, Set<CheckKind> wanted, List<Finding> found) {
    String name = mark.piece().name();
    if (wanted.contains(CheckKind.MARK_SIZE) && tooSmall(mark)) {
      found.add(
          found(
              CheckKind.MARK_SIZE,
              mark,
              Sentence.of(
                  "\"%s\" is %.0f px high on 1080 lines; %.0f is the least.",
                  name, mark.heightOn1080(frame), mark.mark().leastHeight()),
              "Make it large enough"));
    }
    if (wanted.contains(CheckKind.MARK_STRETCHED) && mark.stretched(frame)) {
      found.add(
          found(
              CheckKind.MARK_STRETCHED,
              mark,
              Sentence.of("\"%s\" is stretched: its sides are not as the mark's.", name),
              "Give it its proportions"));
    }
    if (wanted.contains(CheckKind.MARK_COLOUR) && !mayBe(mark)) {
      found.add(
          found(
              CheckKind.MARK_COLOUR,
              mark,
              Sentence.of("\"%s\" is in colours that the mark may not have.", name),
              "Give it its own colours"));
    }
    if (wanted.contains(CheckKind.MARK_CLEAR_SPACE)) {
      intruder(mark)
          .ifPresent(
              other ->
                  found.add(
                      found(
                          CheckKind.MARK_CLEAR_SPACE,
                          mark,
                          Sentence.of(
                              "\"%s\" lies in the clear space of \"%s\".",
                              other.piece().name(), name),
                          movedAside(mark).isPresent() ? "Move the mark aside" : "")));
    }
  }

  private static Finding found(CheckKind kind, MarkInPlace mark, String sentence, String mend) {
    String remedy = mend.isEmpty() ? "Move the mark or what is beside it." : "";
    return new Finding(kind, true, mark.piece().id(), sentence, remedy, mend);
  }

  private boolean tooSmall(MarkInPlace mark) {
    return mark.heightOn1080(frame) < mark.mark().leastHeight() - SLACK;
  }

  private boolean mayBe(MarkInPlace mark) {
    Tint tint = mark.piece().tint();
    if (tint.equals(Tint.NONE)) {
      return true;
    }
    return switch (mark.mark().colours()) {
      case MarkColours.Any _ -> true;
      case MarkColours.OwnOnly _ -> false;
      case MarkColours.OneOf(List<String> names) ->
          tint instanceof Tint.OneColour(var colour)
              && names.stream()
                  .flatMap(name -> house.colour(name).stream())
                  .anyMatch(
                      own ->
                          own.name().equals(colour.name())
                              || Stream.of(own.light(), own.dark())
                                  .anyMatch(
                                      value ->
                                          value
                                              .withAlpha(colour.alpha())
                                              .equals(colour.following(""))));
    };
  }

  /** What lies where nothing may: neither behind all of it nor one with the mark. */
  private Optional<PlacedPiece> intruder(MarkInPlace mark) {
    Rectangle2D clear = mark.clear();
    boolean behind = false;
    for (PlacedPiece other : shown) {
      if (other.piece().id().equals(mark.piece().id())) {
        behind = true;
      } else if (!(other.piece() instanceof GroupPiece)) {
        boolean ground =
            behind && other.piece() instanceof PlatePiece && other.bounds().contains(clear);
        if (!ground && overlaps(other.bounds(), clear)) {
          return Optional.of(other);
        }
      }
    }
    return Optional.empty();
  }

  private static boolean overlaps(Rectangle2D one, Rectangle2D other) {
    Rectangle2D both = one.createIntersection(other);
    return both.getWidth() > SLACK && both.getHeight() > SLACK;
  }

  /**
   * How far a mark is moved so that it is clear, in display units: the nearest place to the left,
   * to the right, above or below that is on the frame.
   */
  private Optional<double[]> movedAside(MarkInPlace mark) {
    boolean inGroup =
        overlay.stack().stream().noneMatch(piece -> piece.id().equals(mark.piece().id()));
    if (inGroup) {
      return Optional.empty();
    }
    Rectangle2D clear = mark.clear();
    double[] best = null;
    for (PlacedPiece other : shown) {
      Rectangle2D box = other.bounds();
      double[][] ways = {
        {box.getX() - clear.getMaxX(), 0},
        {box.getMaxX() - clear.getX(), 0},
        {0, box.getY() - clear.getMaxY()},
        {0, box.getMaxY() - clear.getY()}
      };
      for (double[] way : ways) {
        boolean shorter = best == null || Math.hypot(way[0], way[1]) < Math.hypot(best[0], best[1]);
        if (shorter && Math.hypot(way[0], way[1]) > SLACK && isClear(mark, way)) {
          best = way;
        }
      }
    }
    if (best == null) {
      return Optional.empty();
    }
    double aspect = frame.displayWidth() / frame.width();
    return Optional.of(new double[] {Math.rint(best[0] * aspect), Math.rint(best[1])});
  }

  private boolean isClear(MarkInPlace mark, double[] way) {
    Rectangle2D bounds = mark.bounds();
    Rectangle2D there =
        new Rectangle2D.Double(
            bounds.getX() + way[0], bounds.getY() + way[1], bounds.getWidth(), bounds.getHeight());
    Rectangle2D on = new Rectangle2D.Double(0, 0, frame.width(), frame.height());
    AffineTransform moved = AffineTransform.getTranslateInstance(way[0], way[1]);
    moved.concatenate(mark.toFrame());
    return on.contains(there)
        && intruder(
                new MarkInPlace(mark.mark(), mark.piece(), mark.placed(), mark.picture(), moved))
            .isEmpty();
  }

  /** A piece that shows a mark, with that put right; any other stays. */
  Piece mended(Piece piece, BiFunction<MarkChecks, MarkInPlace, Piece> mend) {
    return MarkInPlace.all(shown.stream(), brand)
        .filter(mark -> mark.piece().id().equals(piece.id()))
        .findFirst()
        .map(mark -> mend.apply(this, mark))
        .orElse(piece);
  }

  Piece largeEnough(MarkInPlace mark) {
    PicturePiece piece = mark.piece();
    double by = mark.mark().leastHeight() / mark.heightOn1080(frame);
    return by > 1 ? piece.withSize(piece.width() * by, piece.height() * by) : piece;
  }

  Piece inOwnColours(MarkInPlace mark) {
    return mark.piece().withTint(Tint.NONE);
  }

  Piece aside(MarkInPlace mark) {
    PicturePiece piece = mark.piece();
    Place place = piece.place();
    return movedAside(mark)
        .map(by -> piece.withPlace(place.withOffset(place.right() + by[0], place.down() + by[1])))
        .orElse(piece);
  }

  /** As high as it is and as wide as that asks for. */
  Piece inProportion(MarkInPlace mark) {
    PicturePiece piece = mark.piece();
    double width = piece.height() * mark.picture().ownWidth() / mark.picture().ownHeight();
    return piece.withFit(PictureFit.CONTAIN).withSize(width, piece.height());
  }
}
