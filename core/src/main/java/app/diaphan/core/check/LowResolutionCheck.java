package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.render.PlacedPiece;
import java.awt.geom.AffineTransform;
import java.util.List;

/** Pictures of pixels must not be shown larger than they are. */
final class LowResolutionCheck implements Check {
  private static final double SLACK = 1.05;

  @Override
  public List<Finding> of(Proofed proofed) {
    return proofed
        .pixelled()
        .filter(one -> scale(one) > SLACK)
        .map(
            one ->
                new Finding(
                    CheckKind.LOW_RESOLUTION,
                    true,
                    one.piece().id(),
                    Sentence.of(
                        "\"%s\" is shown at %.0f %% of its own size, which makes it soft.",
                        one.piece().name(), 100 * scale(one)),
                    "Show it smaller, or replace it by a larger file or a vector."))
        .toList();
  }

  /** Pixels of the frame for one of the picture, along the side that has more. */
  private static double scale(Proofed.Pixelled one) {
    PlacedPiece placed = one.placed();
    AffineTransform toPixels = placed.toPixels();
    toPixels.concatenate(one.content().fitted(placed.width(), placed.height()).toBox());
    return Math.max(
        Math.hypot(toPixels.getScaleX(), toPixels.getShearY()),
        Math.hypot(toPixels.getShearX(), toPixels.getScaleY()));
  }
}
