package app.diaphan.core.check;

import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.PlacedPiece;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Those checks of the proof that need to know where pieces lie and not what they look like. */
public final class PlacementChecks {
  private PlacementChecks() {}

  /**
   * @param placed from front to back
   * @param wanted which checks are made; those that need a drawing are not
   */
  public static List<Finding> of(List<PlacedPiece> placed, Canvas canvas, Set<CheckKind> wanted) {
    List<Finding> found = new ArrayList<>();
    if (wanted.contains(CheckKind.TITLE_SAFE)) {
      found.addAll(TitleSafeCheck.of(Proofed.shown(placed), canvas));
    }
    if (wanted.contains(CheckKind.CUT_BY_FRAME)) {
      found.addAll(CutByFrameCheck.of(Proofed.shown(placed), canvas));
    }
    return found;
  }
}
