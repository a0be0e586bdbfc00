package app.diaphan.server.roster;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.roster.Filling;
import app.diaphan.server.store.Missing;
import org.springframework.stereotype.Service;

/** Overlays that are being designed, filled with the row in hand. */
@Service
public class RosterDrawings {
  private final RosterStore rosters;
  private final RosterDesigns designs;

  RosterDrawings(RosterStore rosters, RosterDesigns designs) {
    this.rosters = rosters;
    this.designs = designs;
  }

  /**
   * @param overlay need not be saved
   * @param row its id; 0 for none, or one that is gone
   * @param typed the id of a text whose words stay as they are typed; empty for none
   */
  public Overlay shown(Overlay overlay, long row, String typed) {
    if (row == 0) {
      return Filling.without(overlay, typed);
    }
    try {
      RosterRowEntity entity = rosters.row(row);
      RosterEntity roster = rosters.get(entity.rosterId());
      return designs
          .filling(roster.packageId(), designs.boundTo(roster, overlay.name()))
          .fill(overlay, entity.row(), typed)
          .overlay();
    } catch (Missing e) {
      return Filling.without(overlay, typed);
    }
  }
}
