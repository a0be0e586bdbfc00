package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.frame.Area;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.PlacedPiece;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.stream.Stream;

/** Words and marks have to lie within title-safe, where every screen shows them. */
final class TitleSafeCheck implements Check {
  /** Letters lean over their line by less than this. */
  private static final double SLACK = 1.5;

  @Override
  public List<Finding> of(Proofed proofed) {
    return of(proofed.shown(), proofed.rendering().canvas());
  }

  /** Of pieces as they lie, whether they are drawn or not. */
  static List<Finding> of(Stream<PlacedPiece> shown, Canvas canvas) {
    Rectangle2D safe =
        canvas
            .toPixels()
            .createTransformedShape(canvas.frame().area(Area.TITLE_SAFE))
            .getBounds2D();
    double frameArea = (double) canvas.width() * canvas.height();
    return shown
        .<Finding>mapMulti(
            (placed, to) ->
                DrawnExtent.of(placed, frameArea)
                    .map(box -> DrawnExtent.beyond(box, safe))
                    .filter(beyond -> beyond > SLACK)
                    .ifPresent(
                        beyond ->
                            to.accept(
                                new Finding(
                                    CheckKind.TITLE_SAFE,
                                    true,
                                    placed.piece().id(),
                                    Sentence.of(
                                        "\"%s\" reaches %.0f px out of title-safe.",
                                        placed.piece().name(), Math.ceil(beyond)),
                                    "Move it in or make it smaller; some screens cut what lies there."))))
        .toList();
  }
}
