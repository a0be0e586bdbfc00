package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.PlacedPiece;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.stream.Stream;

/** Words and marks must not be cut by the frame; plates may bleed. */
final class CutByFrameCheck implements Check {
  private static final double SLACK = 0.5;

  @Override
  public List<Finding> of(Proofed proofed) {
    return of(proofed.shown(), proofed.rendering().canvas());
  }

  /** Of pieces as they lie, whether they are drawn or not. */
  static List<Finding> of(Stream<PlacedPiece> shown, Canvas canvas) {
    Rectangle2D frame = new Rectangle2D.Double(0, 0, canvas.width(), canvas.height());
    return shown
        .<Finding>mapMulti(
            (placed, to) ->
                DrawnExtent.of(placed, frame.getWidth() * frame.getHeight())
                    .map(box -> DrawnExtent.beyond(box, frame))
                    .filter(beyond -> beyond > SLACK)
                    .ifPresent(
                        beyond ->
                            to.accept(
                                new Finding(
                                    CheckKind.CUT_BY_FRAME,
                                    true,
                                    placed.piece().id(),
                                    Sentence.of(
                                        "The frame cuts %.0f px off \"%s\".",
                                        Math.ceil(beyond), placed.piece().name()),
                                    "Move it into the frame or make it smaller."))))
        .toList();
  }
}
