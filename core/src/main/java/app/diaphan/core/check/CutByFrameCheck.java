package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.render.Canvas;
import java.awt.geom.Rectangle2D;
import java.util.List;

/** Words and marks must not be cut by the frame; plates may bleed. */
final class CutByFrameCheck implements Check {
  private static final double SLACK = 0.5;

  @Override
  public List<Found> of(Proofed proofed) {
    Canvas canvas = proofed.rendering().canvas();
    Rectangle2D frame = new Rectangle2D.Double(0, 0, canvas.width(), canvas.height());
    return proofed
        .shown()
        .<Found>mapMulti(
            (placed, to) ->
                DrawnExtent.of(placed, frame.getWidth() * frame.getHeight())
                    .map(box -> DrawnExtent.beyond(box, frame))
                    .filter(beyond -> beyond > SLACK)
                    .ifPresent(
                        beyond ->
                            to.accept(
                                new Found(
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
