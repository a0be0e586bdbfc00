package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.Rendering;
import java.util.ArrayList;
import java.util.List;

/** A piece that is shown has to be seen somewhere on the frame. */
final class NearlyInvisibleCheck implements Check {
  /** Less alpha than this at its strongest is hardly seen over anything. */
  private static final float FAINT = 0.05f;

  private static final int SMALL = 2;

  @Override
  public List<Finding> of(Proofed proofed) {
    List<Finding> found = new ArrayList<>();
    proofed
        .shown()
        .filter(placed -> !(placed.content() instanceof Content.Grouped))
        .filter(placed -> !(placed.content() instanceof Content.Absent))
        .filter(placed -> placed.piece().look().punch() == Punch.NONE)
        .forEach(
            placed -> {
              Rendering alone = proofed.alone(placed);
              Bounds drawn = alone.drawn();
              boolean small = Math.max(drawn.width(), drawn.height()) <= SMALL;
              float most = small ? 0 : strongest(alone);
              if (small || most < FAINT) {
                found.add(
                    new Finding(
                        CheckKind.NEARLY_INVISIBLE,
                        true,
                        placed.piece().id(),
                        small
                            ? Sentence.of(
                                "Nothing of \"%s\" lies on the frame that could be seen.",
                                placed.piece().name())
                            : Sentence.of(
                                "\"%s\" is at most %.0f %% solid and hardly seen.",
                                placed.piece().name(), 100 * most),
                        "Make it stronger, move it onto the frame, or take it away."));
              }
            });
    return found;
  }

  private static float strongest(Rendering rendering) {
    Bounds drawn = rendering.drawn();
    float[] row = new float[4 * rendering.canvas().width()];
    float most = 0;
    for (int y = drawn.top(); y < drawn.bottom() && most < 1; y++) {
      rendering.rows(y, y + 1, row);
      for (int x = drawn.left(); x < drawn.right(); x++) {
        most = Math.max(most, row[4 * x + 3]);
      }
    }
    return most;
  }
}
