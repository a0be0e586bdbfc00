package app.diaphan.server.web;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.roster.AskedColumn;
import app.diaphan.core.roster.OpenSlots;
import app.diaphan.core.roster.Roster;
import app.diaphan.core.roster.table.Table;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.roster.RosterStore;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/** Rosters as the front end is told of them, with what the package's overlays ask of each. */
@Component
class SavedRosters {
  private final RosterStore rosters;
  private final PackageStore store;

  SavedRosters(RosterStore rosters, PackageStore store) {
    this.rosters = rosters;
    this.store = store;
  }

  /**
   * @param notes sentences on what was not taken from a table as it stands; only just after
   * @param encoding of the table, only just after it was read as text; empty for others
   * @param headed whether its first line named the columns; likewise
   */
  record SavedRoster(
      long id,
      long packageId,
      int revision,
      Roster roster,
      int rows,
      List<DesignAsking> asking,
      String encoding,
      boolean headed,
      List<String> notes) {}

  /**
   * An overlay of the package that leaves something open.
   *
   * @param fed whether the roster's rows fill it
   */
  record DesignAsking(
      long overlayId,
      String name,
      int revision,
      int width,
      int height,
      boolean fed,
      List<AskedOfRoster> asked) {}

  /**
   * @param column of the roster that feeds it; empty if none does
   */
  record AskedOfRoster(String name, AskedColumn.Feeds feeds, String column) {}

  SavedRoster of(RosterEntity entity) {
    return of(entity, "", false, List.of());
  }

  /** Just after a table was read. */
  SavedRoster of(RosterEntity entity, Table table) {
    return of(entity, table.encoding(), table.headed(), table.notes());
  }

  private SavedRoster of(RosterEntity entity, String encoding, boolean headed, List<String> notes) {
    Roster roster = entity.roster();
    List<DesignAsking> asking = new ArrayList<>();
    for (OverlayEntity overlay : open(entity.packageId())) {
      Overlay document = PackageStore.documentOf(overlay);
      String id = overlay.id().toString();
      var columns = roster.columnsFor(id);
      asking.add(
          new DesignAsking(
              overlay.id(),
              overlay.name(),
              overlay.revision(),
              document.frame().width(),
              document.frame().height(),
              roster.designs().stream().anyMatch(fed -> fed.overlay().equals(id)),
              OpenSlots.of(document).stream()
                  .map(
                      asked ->
                          new AskedOfRoster(
                              asked.name(),
                              asked.feeds(),
                              columns.place(asked.name()).map(roster.columns()::get).orElse("")))
                  .toList()));
    }
    return new SavedRoster(
        entity.id(),
        entity.packageId(),
        entity.revision(),
        roster,
        rosters.countOf(entity.id()),
        asking,
        encoding,
        headed,
        notes);
  }

  /** The overlays of a package that leave something open. */
  List<OverlayEntity> open(long packageId) {
    return store.overlaysOf(packageId).stream()
        .filter(overlay -> OpenSlots.any(PackageStore.documentOf(overlay)))
        .toList();
  }
}
