package app.diaphan.core.arrange;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.SizedPiece;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.render.PlacedPiece;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Lining up, spacing and matching boxes, as wishes for each piece. */
final class Boxes {
  private final Spots spots;
  private final List<String> ids;
  private final Frame frame;

  Boxes(Spots spots, List<String> ids, Frame frame) {
    this.spots = spots;
    this.ids = ids;
    this.frame = frame;
  }

  static Rectangle2D around(Spots spots, List<String> ids) {
    return ids.stream().map(spots::box).reduce(Rectangle2D::createUnion).orElseThrow();
  }

  private Rectangle2D rectangle(Arrangement.Against against) {
    return switch (against) {
      case FRAME -> frame.area(Area.FRAME);
      case ACTION_SAFE -> frame.area(Area.ACTION_SAFE);
      case TITLE_SAFE -> frame.area(Area.TITLE_SAFE);
      case OWN_MARGIN -> frame.area(Area.OWN_MARGIN);
      case CHOSEN -> around(spots, ids);
    };
  }

  Map<String, Wish> aligned(Arrangement.Edge edge, Arrangement.Against against) {
    Rectangle2D line = rectangle(against);
    Map<String, Wish> wishes = new LinkedHashMap<>();
    for (String id : ids) {
      Rectangle2D box = spots.box(id);
      double from = start(box, edge.direction()) + edge.share() * size(box, edge.direction());
      double to = start(line, edge.direction()) + edge.share() * size(line, edge.direction());
      wishes.put(id, along(id, edge.direction(), to - from));
    }
    return wishes;
  }

  /**
   * @throws InvalidInput if there are too few pieces to have gaps
   */
  Map<String, Wish> spaced(Arrangement.Direction direction, Arrangement.Against against) {
    int least = against == Arrangement.Against.CHOSEN ? 3 : 2;
    if (ids.size() < least) {
      throw new InvalidInput(
          Sentence.of("Spacing needs at least %d pieces here; choose more.", least));
    }
    Rectangle2D span = rectangle(against);
    List<String> order =
        ids.stream()
            .sorted(
                Comparator.comparingDouble(
                    id -> start(spots.box(id), direction) + size(spots.box(id), direction) / 2))
            .toList();
    double filled = order.stream().mapToDouble(id -> size(spots.box(id), direction)).sum();
    double gap = (size(span, direction) - filled) / (order.size() - 1);
    double at = start(span, direction);
    Map<String, Wish> wishes = new LinkedHashMap<>();
    for (String id : order) {
      Rectangle2D box = spots.box(id);
      wishes.put(id, along(id, direction, at - start(box, direction)));
      at += size(box, direction) + gap;
    }
    return wishes;
  }

  /**
   * @throws InvalidInput if there is only one piece
   */
  Map<String, Wish> sameSize(boolean width, boolean height) {
    if (ids.size() < 2) {
      throw new InvalidInput("Choose the piece with the wanted size first, then the others.");
    }
    var model = spots.piece(ids.getFirst());
    Map<String, Wish> wishes = new LinkedHashMap<>();
    for (String id : ids.subList(1, ids.size())) {
      var piece = spots.piece(id);
      double across = width && piece.width() > 0 ? model.width() / piece.width() : 1;
      double down = height && piece.height() > 0 ? model.height() / piece.height() : 1;
      wishes.put(
          id, new Wish(spots.centre(id), across, height ? down : across(piece, across), 0, false));
    }
    return wishes;
  }

  /** Words of their own size, squares and groups have one factor for both sides. */
  private static double across(PlacedPiece piece, double across) {
    return switch (piece.piece()) {
      case TextPiece text ->
          switch (text.box()) {
            case TextBox.Free free -> across;
            case TextBox.Given given -> 1;
          };
      case GroupPiece group -> across;
      case SizedPiece sized -> sized.square() ? across : 1;
    };
  }

  private Wish along(String id, Arrangement.Direction direction, double way) {
    Point2D centre = spots.centre(id);
    return switch (direction) {
      case ACROSS -> Wish.moved(centre, way, 0);
      case DOWN -> Wish.moved(centre, 0, way);
    };
  }

  private static double start(Rectangle2D box, Arrangement.Direction direction) {
    return direction == Arrangement.Direction.ACROSS ? box.getX() : box.getY();
  }

  private static double size(Rectangle2D box, Arrangement.Direction direction) {
    return direction == Arrangement.Direction.ACROSS ? box.getWidth() : box.getHeight();
  }
}
