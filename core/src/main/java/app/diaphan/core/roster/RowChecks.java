package app.diaphan.core.roster;

import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Finding;
import app.diaphan.core.check.PlacementChecks;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.reframe.Retargeting;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.DrawingTrouble;
import app.diaphan.core.render.Renderer;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What keeps a row from being delivered: cells that cannot be understood, words that do not fit,
 * letters that no font has, pieces that the frame cuts, names that no file can have, and looks in
 * which words cannot be read. The row is laid out and not drawn, only each look is.
 */
public final class RowChecks {
  private final Renderer renderer;
  private final Set<CheckKind> wanted;
  private final RowLegibility legibility;

  /**
   * @param wanted which checks of the proof are made: of placement and of legibility
   */
  public RowChecks(Renderer renderer, Set<CheckKind> wanted, RowLegibility legibility) {
    this.renderer = renderer;
    this.wanted = Set.copyOf(wanted);
    this.legibility = legibility;
  }

  /**
   * @param planned the row in one design at one target
   * @return none if it can be delivered
   */
  public List<RowTrouble> of(PlannedRow planned, Row row) {
    Set<RowTrouble> troubles = new LinkedHashSet<>();
    if (!planned.problem().isEmpty()) {
      troubles.add(RowTrouble.ofRow(planned.problem()));
    }
    FilledRow filled = planned.design().filling().fill(planned.design().overlay(), row);
    troubles.addAll(filled.troubles());
    Overlay overlay = Retargeting.of(filled.overlay(), planned.target().name());
    Canvas canvas = Canvas.of(planned.target().of(overlay).frame());
    Renderer.Laid laid = renderer.lay(overlay, canvas);
    for (DrawingTrouble trouble : laid.troubles()) {
      troubles.add(RowTrouble.ofRow(trouble.sentence()));
    }
    for (Finding found : PlacementChecks.of(laid.pieces(), canvas, wanted)) {
      troubles.add(RowTrouble.ofRow(found.sentence() + " " + found.remedy()));
    }
    // What could not be understood or laid out looks otherwise once that is put right.
    if (troubles.isEmpty() && wanted.contains(CheckKind.LEGIBILITY)) {
      troubles.addAll(legibility.of(planned.design(), row));
    }
    return List.copyOf(troubles);
  }
}
