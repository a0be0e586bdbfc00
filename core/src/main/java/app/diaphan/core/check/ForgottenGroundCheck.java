package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.cutout.Ground;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.render.Rendering;
import java.util.ArrayList;
import java.util.List;

/**
 * A picture that came without an alpha on an even ground, and an overlay that is solid throughout.
 */
final class ForgottenGroundCheck implements Check {
  /** A border this even is a ground and no picture's edge. */
  private static final double EVEN = 0.9;

  @Override
  public List<Finding> of(Proofed proofed) {
    List<Finding> found = new ArrayList<>();
    proofed
        .pixelled()
        .filter(one -> one.piece().cutOut().equals(CutOut.NONE) && solid(one.picture()))
        .filter(one -> Ground.ofBorder(one.picture()).flatShare() >= EVEN)
        .map(
            one ->
                new Finding(
                    CheckKind.FORGOTTEN_GROUND,
                    true,
                    one.piece().id(),
                    Sentence.of("\"%s\" still has the ground that it came on.", one.piece().name()),
                    "Cut it out by its colour, or crop it."))
        .forEach(found::add);
    if (solidThroughout(proofed.rendering())) {
      found.add(
          new Finding(
              CheckKind.FORGOTTEN_GROUND,
              true,
              "",
              "The overlay is solid everywhere, so nothing of the video would be seen.",
              "Take away or thin the piece that covers the frame."));
    }
    return found;
  }

  private static boolean solid(RasterPicture picture) {
    for (int i = 3; i < picture.valueCount(); i += 4) {
      if (picture.value(i) < 1) {
        return false;
      }
    }
    return true;
  }

  private static boolean solidThroughout(Rendering rendering) {
    float[] row = new float[4 * rendering.canvas().width()];
    for (int y = 0; y < rendering.canvas().height(); y++) {
      rendering.rows(y, y + 1, row);
      for (int i = 3; i < row.length; i += 4) {
        if (row[i] < 0.999f) {
          return false;
        }
      }
    }
    return true;
  }
}
