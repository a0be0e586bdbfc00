package app.diaphan.core.render;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import app.diaphan.core.render.PixelRow.Span;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Puts painted pieces over a row of pixels. One instance works on one band at a time.
 *
 * <p>A finish that is held out and the face meet along the face's edge, each covering its own part
 * of an edge pixel. Laying one over the other would count that pixel's cover twice, so the face
 * replaces what is held out in proportion to its coverage instead.
 */
final class RowCompositor {
  private final PixelRow body;
  private final PixelRow piece;
  private final PixelRow heldOut;

  /** For the pieces of a group that are put together first; made when one is met. */
  private @Nullable PixelRow grouped;

  private @Nullable RowCompositor inner;

  RowCompositor(int width) {
    body = PixelRow.own(width);
    piece = PixelRow.own(width);
    heldOut = PixelRow.own(width);
  }

  void add(Painted painted, PixelRow row) {
    Bounds bounds = painted.bounds();
    if (row.y() < bounds.top() || row.y() >= bounds.bottom()) {
      return;
    }
    Span span = span(bounds, row);
    if (span.left() >= span.right()) {
      return;
    }
    switch (painted) {
      case PaintedPiece one -> add(one, row, span);
      case Painted.Group group -> add(group, row, span);
    }
  }

  private static Span span(Bounds bounds, PixelRow row) {
    return new Span(Math.max(0, bounds.left()), Math.min(row.width(), bounds.right()));
  }

  private void add(Painted.Group group, PixelRow row, Span span) {
    if (inner == null) {
      inner = new RowCompositor(row.width());
      grouped = PixelRow.own(row.width());
    }
    grouped.cleared(row.y(), span);
    if (group.cutsEverything()) {
      grouped.keep(span);
    }
    for (Painted painted : group.backToFront()) {
      inner.add(painted, grouped);
    }
    if (group.cutsEverything()) {
      for (int x = span.left(); x < span.right(); x++) {
        row.cut(x, 1 - (1 - grouped.kept(x)) * group.opacity());
      }
    }
    row.over(grouped, span, group.opacity());
  }

  private void add(PaintedPiece painted, PixelRow row, Span span) {
    if (painted.cutBehind().isPresent()) {
      Plane amount = painted.cutBehind().get();
      for (int x = span.left(); x < span.right(); x++) {
        row.cut(x, 1 - amount.at(x, row.y()) * painted.overallOpacity());
      }
    }
    if (painted.cut().isPresent()) {
      punch(painted, painted.cut().get(), row, span);
      return;
    }
    if (painted.overallOpacity() == 1
        && painted.heldOut().isEmpty()
        && painted.body() instanceof Body.Faced(Face face, List<Layer> atop)
        && atop.isEmpty()) {
      painted.showing().forEach(row::over);
      row.over(face);
      return;
    }
    paint(painted.body(), row.y(), span);
    if (painted.overallOpacity() == 1 && painted.heldOut().isEmpty()) {
      painted.showing().forEach(row::over);
      row.over(body, span(bounds(painted.body()), row), 1);
      return;
    }
    piece.cleared(row.y(), span);
    painted.showing().forEach(piece::over);
    if (painted.heldOut().isEmpty()) {
      piece.over(body, span(bounds(painted.body()), row), 1);
      row.over(piece, span, painted.overallOpacity());
      return;
    }
    heldOut.cleared(row.y(), span);
    painted.heldOut().forEach(heldOut::over);
    heldOut.replacedBy(body, painted.body().shape(), span);
    piece.over(heldOut, span, 1);
    row.over(piece, span, painted.overallOpacity());
  }

  /** The inside with all that lies on it. */
  private void paint(Body inside, int y, Span span) {
    body.cleared(y, span);
    switch (inside) {
      case Body.Faced faced -> body.over(faced.face());
      case Body.Ready ready -> body.set(ready.pixels(), span, ready.opacity());
    }
    for (Layer layer : inside.atop()) {
      body.atop(layer, inside.shape());
    }
  }

  private static Bounds bounds(Body inside) {
    return switch (inside) {
      case Body.Faced faced -> faced.shape().bounds();
      case Body.Ready ready -> ready.pixels().bounds();
    };
  }

  /**
   * Cuts the piece's amount out of what lies behind. What lies atop stays in the cut: in a pixel of
   * which the shape covers c, of that the cut takes P and what is atop covers A, there is left of
   * what was behind (1 − c) beside the shape and (c − P)(1 − A/c) within it.
   */
  private void punch(PaintedPiece painted, TakenAway cut, PixelRow row, Span span) {
    paint(painted.body(), row.y(), span);
    piece.cleared(row.y(), span).copy(row, span);
    painted.showing().forEach(piece::over);
    painted.heldOut().forEach(piece::over);
    Plane shape = painted.body().shape();
    float opacity = painted.overallOpacity();
    for (int x = span.left(); x < span.right(); x++) {
      float covered = shape.at(x, row.y());
      float remains = 1;
      if (covered > 0) {
        float within = Math.max(0, covered - cut.amount().at(x, row.y()));
        remains = 1 - covered + within * (1 - Math.min(1, body.alpha(x) / covered));
      }
      row.toward(x, piece, remains, body, opacity);
      if (cut.everything()) {
        row.behind(x, 1 - (1 - remains) * opacity);
      }
    }
  }
}
