package app.diaphan.core.roster;

import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Found;
import app.diaphan.core.check.PlacementChecks;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.retarget.Retargeting;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Finding;
import app.diaphan.core.render.Renderer;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What keeps a row from being delivered: cells that cannot be understood, words that do not fit,
 * letters that no font has, pieces that the frame cuts, and names that no file can have. The row is
 * laid out and not drawn.
 */
public final class RowChecks {
  private RowChecks() {}

  /**
   * @param planned the row in one design at one target
   * @param wanted which checks of the proof are made, as far as they need no drawing
   * @return none if it can be delivered
   */
  public static List<RowTrouble> of(
      PlannedRow planned, Row row, Renderer renderer, Set<CheckKind> wanted) {
    Set<RowTrouble> troubles = new LinkedHashSet<>();
    if (!planned.problem().isEmpty()) {
      troubles.add(RowTrouble.ofRow(planned.problem()));
    }
    FilledRow filled = planned.design().filling().fill(planned.design().overlay(), row);
    troubles.addAll(filled.troubles());
    Overlay overlay = Retargeting.of(filled.overlay(), planned.target().name());
    Canvas canvas = Canvas.of(planned.target().of(overlay).frame());
    Renderer.Laid laid = renderer.lay(overlay, canvas);
    for (Finding finding : laid.findings()) {
      troubles.add(RowTrouble.ofRow(finding.sentence()));
    }
    for (Found found : PlacementChecks.of(laid.pieces(), canvas, wanted)) {
      troubles.add(RowTrouble.ofRow(found.sentence() + " " + found.remedy()));
    }
    return List.copyOf(troubles);
  }
}
