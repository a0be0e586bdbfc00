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

/** Lining up, spacing and matching boxes, as placements for each piece. */
final class Boxes {
  private final PlacedPieces onFrame;
  private final List<String> ids;
  private final Frame frame;

  Boxes(PlacedPieces onFrame, List<String> ids, Frame frame) {
    this.onFrame = onFrame;
    this.ids = ids;
    this.frame = frame;
  }

  static Rectangle2D around(PlacedPieces onFrame, List<String> ids) {
    return ids.stream().map(onFrame::box).reduce(Rectangle2D::createUnion).orElseThrow();
  }

  private Rectangle2D rectangle(Arrangement.Against against) {
    return switch (against) {
      case FRAME -> frame.area(Area.FRAME);
      case ACTION_SAFE -> frame.area(Area.ACTION_SAFE);
      case TITLE_SAFE -> frame.area(Area.TITLE_SAFE);
      case OWN_MARGIN -> frame.area(Area.OWN_MARGIN);
      case CHOSEN -> around(onFrame, ids);
    };
  }

  Map<String, Placement> aligned(Arrangement.Edge edge, Arrangement.Against against) {
    Rectangle2D line = rectangle(against);
    Map<String, Placement> placements = new LinkedHashMap<>();
    for (String id : ids) {
      Rectangle2D box = onFrame.box(id);
      double from = start(box, edge.direction()) + edge.share() * size(box, edge.direction());
      double to = start(line, edge.direction()) + edge.share() * size(line, edge.direction());
      placements.put(id, along(id, edge.direction(), to - from));
    }
    return placements;
  }

  /**
   * @throws InvalidInput if there are too few pieces to have gaps
   */
  Map<String, Placement> spaced(Arrangement.Direction direction, Arrangement.Against against) {
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
                    id -> start(onFrame.box(id), direction) + size(onFrame.box(id), direction) / 2))
            .toList();
    double filled = order.stream().mapToDouble(id -> size(onFrame.box(id), direction)).sum();
    double gap = (size(span, direction) - filled) / (order.size() - 1);
    double at = start(span, direction);
    Map<String, Placement> placements = new LinkedHashMap<>();
    for (String id : order) {
      Rectangle2D box = onFrame.box(id);
      placements.put(id, along(id, direction, at - start(box, direction)));
      at += size(box, direction) + gap;
    }
    return placements;
  }

  /**
   * @throws InvalidInput if there is only one piece
   */
  Map<String, Placement> sameSize(boolean width, boolean height) {
    if (ids.size() < 2) {
      throw new InvalidInput("Choose the piece with the wanted size first, then the others.");
    }
    var model = onFrame.piece(ids.getFirst());
    Map<String, Placement> placements = new LinkedHashMap<>();
    for (String id : ids.subList(1, ids.size())) {
      var piece = onFrame.piece(id);
      double across = width && piece.width() > 0 ? model.width() / piece.width() : 1;
      double down = height && piece.height() > 0 ? model.height() / piece.height() : 1;
      placements.put(
          id,
          new Placement(
              onFrame.centre(id), across, height ? down : across(piece, across), 0, false));
    }
    return placements;
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

  private Placement along(String id, Arrangement.Direction direction, double way) {
    Point2D centre = onFrame.centre(id);
    return switch (direction) {
      case ACROSS -> Placement.moved(centre, way, 0);
      case DOWN -> Placement.moved(centre, 0, way);
    };
  }

  private static double start(Rectangle2D box, Arrangement.Direction direction) {
    return direction == Arrangement.Direction.ACROSS ? box.getX() : box.getY();
  }

  private static double size(Rectangle2D box, Arrangement.Direction direction) {
    return direction == Arrangement.Direction.ACROSS ? box.getWidth() : box.getHeight();
  }
}
