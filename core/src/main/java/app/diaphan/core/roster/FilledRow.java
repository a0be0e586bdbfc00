package app.diaphan.core.roster;

import app.diaphan.core.overlay.Overlay;
import java.util.List;

/**
 * An overlay as a row makes it: a plain overlay in which nothing is left open.
 *
 * @param troubles what its cells could not say; what they were for stays as it is designed
 */
public record FilledRow(Overlay overlay, List<RowTrouble> troubles) {
  public FilledRow {
    troubles = List.copyOf(troubles);
  }
}
