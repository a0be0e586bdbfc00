package app.diaphan.core.render;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.util.List;
import java.util.Optional;

/** What several painted things cover together. */
final class Shapes {
  private Shapes() {}

  /** Where either of two shapes covers more. */
  static Plane either(Plane a, Plane b) {
    Bounds all = a.bounds().and(b.bounds());
    Plane result = Plane.clear(all);
    Plane first = a.fitted(all);
    Plane second = b.fitted(all);
    for (int i = 0; i < result.values().length; i++) {
      result.values()[i] = Math.max(first.values()[i], second.values()[i]);
    }
    return result;
  }

  /** So much of a shape as a share says, for each of its pixels. */
  static Plane share(Plane shape, Plane share) {
    Plane result = Plane.clear(shape.bounds());
    Bounds shared = shape.bounds().within(share.bounds());
    for (int y = shared.top(); y < shared.bottom(); y++) {
      int own = shape.row(y) - shape.bounds().left();
      int other = share.row(y) - share.bounds().left();
      for (int x = shared.left(); x < shared.right(); x++) {
        result.values()[own + x] = shape.values()[own + x] * share.values()[other + x];
      }
    }
    return result;
  }

  /** The shape of a group: that of all in it, less what is cut away. */
  static Plane together(List<Painted> backToFront, Bounds bounds) {
    Plane shape = Plane.clear(bounds);
    for (Painted painted : backToFront) {
      switch (painted) {
        case PaintedPiece piece when piece.cut().isPresent() ->
            take(shape, piece.cut().get().amount());
        case PaintedPiece piece -> add(shape, piece.shape());
        case Painted.Group group -> add(shape, together(group.backToFront(), bounds));
      }
    }
    return shape;
  }

  /** What punches among these take away of all that lies behind; nothing if none does. */
  static Optional<Plane> cutBehind(List<Painted> backToFront, Bounds bounds) {
    if (backToFront.stream().noneMatch(Painted::cutsEverything)) {
      return Optional.empty();
    }
    Plane cut = Plane.clear(bounds);
    for (Painted painted : backToFront) {
      if (painted.cutsEverything()) {
        Plane more =
            switch (painted) {
              case PaintedPiece piece ->
                  piece
                      .cut()
                      .map(TakenAway::amount)
                      .orElseGet(() -> piece.cutBehind().orElse(Plane.EMPTY));
              case Painted.Group group ->
                  cutBehind(group.backToFront(), bounds).orElse(Plane.EMPTY);
            };
        float opacity =
            switch (painted) {
              case PaintedPiece piece -> piece.overallOpacity();
              case Painted.Group group -> group.opacity();
            };
        Plane fitted = more.fitted(bounds);
        for (int i = 0; i < cut.values().length; i++) {
          cut.values()[i] += (1 - cut.values()[i]) * fitted.values()[i] * opacity;
        }
      }
    }
    return Optional.of(cut);
  }

  private static void add(Plane shape, Plane more) {
    Plane fitted = more.fitted(shape.bounds());
    for (int i = 0; i < shape.values().length; i++) {
      shape.values()[i] += (1 - shape.values()[i]) * fitted.values()[i];
    }
  }

  private static void take(Plane shape, Plane amount) {
    Plane fitted = amount.fitted(shape.bounds());
    for (int i = 0; i < shape.values().length; i++) {
      shape.values()[i] *= 1 - fitted.values()[i];
    }
  }
}
