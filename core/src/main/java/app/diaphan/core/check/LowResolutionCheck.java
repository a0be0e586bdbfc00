package app.diaphan.core.check;

import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.render.Content;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;

/** Pictures of pixels must not be shown larger than they are. */
final class LowResolutionCheck implements Check {
  private static final double SLACK = 1.05;

  @Override
  public List<Found> of(Proofed proofed) {
    List<Found> found = new ArrayList<>();
    proofed
        .shown()
        .forEach(
            placed -> {
              if (placed.content() instanceof Content.Pictured content
                  && content.picture() instanceof RasterPicture) {
                AffineTransform toPixels = placed.toPixels();
                toPixels.concatenate(content.fitted(placed.width(), placed.height()).toBox());
                double across = Math.hypot(toPixels.getScaleX(), toPixels.getShearY());
                double down = Math.hypot(toPixels.getShearX(), toPixels.getScaleY());
                double scale = Math.max(across, down);
                if (scale > SLACK) {
                  found.add(
                      new Found(
                          CheckKind.LOW_RESOLUTION,
                          true,
                          placed.piece().id(),
                          "\"%s\" is shown at %.0f %% of its own size, which makes it soft."
                              .formatted(placed.piece().name(), 100 * scale),
                          "Show it smaller, or replace it by a larger file or a vector."));
                }
              }
            });
    return found;
  }
}
