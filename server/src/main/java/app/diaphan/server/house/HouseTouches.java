package app.diaphan.server.house;

import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseChange;
import app.diaphan.core.house.Pictured;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.core.roster.Columns;
import app.diaphan.core.roster.Filling;
import app.diaphan.core.roster.Roster;
import app.diaphan.core.roster.Row;
import app.diaphan.server.draw.BeforeAndAfter;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.roster.RosterRowEntity;
import app.diaphan.server.roster.RosterStore;
import app.diaphan.server.store.Deliveries;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.GraphicsPackage;
import app.diaphan.server.store.OriginalPictures;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureEntity;
import app.diaphan.server.store.PictureStore;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.springframework.stereotype.Service;

/** Finds what a change of a house touches before it is made, and shows it before and after. */
@Service
public class HouseTouches {
  private final PackageStore packages;
  private final PictureStore pictures;
  private final RosterStore rosters;
  private final Deliveries deliveries;
  private final BeforeAndAfter looks;
  private final OriginalPictures originals;

  HouseTouches(
      PackageStore packages,
      PictureStore pictures,
      RosterStore rosters,
      Deliveries deliveries,
      BeforeAndAfter looks,
      OriginalPictures originals) {
    this.originals = originals;
    this.packages = packages;
    this.pictures = pictures;
    this.rosters = rosters;
    this.deliveries = deliveries;
    this.looks = looks;
  }

  /**
   * @param key by which people know the row
   */
  public record TouchedRow(long id, String key) {}

  /**
   * @param itself whether the overlay is drawn otherwise without a row
   * @param rows those of rosters with which it is
   * @param files names of delivered files that are no longer as they would be delivered
   */
  public record TouchedOverlay(
      long packageId,
      String packageName,
      long id,
      String name,
      boolean itself,
      List<TouchedRow> rows,
      List<String> files) {}

  /** In the order of packages and of the overlays in them. */
  public List<TouchedOverlay> of(List<GraphicsPackage> followers, HouseChange change) {
    List<TouchedOverlay> touched = new ArrayList<>();
    for (GraphicsPackage graphics : followers) {
      One one = new One(graphics, change);
      packages.overlaysOf(graphics.id()).forEach(overlay -> one.touched(overlay, touched));
    }
    return touched;
  }

  /**
   * An overlay before and after a change.
   *
   * @param rowId of the row that fills it; 0 for none
   */
  public BeforeAndAfter.BothLooks look(HouseChange change, Long overlayId, Long rowId) {
    OverlayEntity entity = packages.overlay(overlayId);
    Overlay document = PackageStore.documentOf(entity);
    Long packageId = entity.packageId();
    House before = originals.known(packageId, change.before());
    OriginalPictures.SeenHouse seen = originals.seen(packageId, change.after().upToDate());
    House after = seen.house();
    Map<String, String> others = new HashMap<>(otherPictures(packageId, change));
    others.putAll(seen.others());
    Function<House, Overlay> shown = house -> Filling.without(house.dressed(document));
    if (rowId != 0) {
      RosterRowEntity row = rosters.row(rowId);
      Filled filled = new Filled(rosters.get(row.rosterId()), overlayId, packageId);
      shown = house -> filled.with(row.row(), document, house);
    }
    return looks.look(packageId, shown.apply(before), before, shown.apply(after), after, others);
  }

  /** Pictures of a package that show something else after a change, with the digest of that. */
  private Map<String, String> otherPictures(Long packageId, HouseChange change) {
    Map<String, Pictured> others = change.otherPictures();
    Map<String, String> names = new HashMap<>();
    for (PictureEntity picture : pictures.of(packageId)) {
      change
          .before()
          .pictured(picture.follows())
          .map(was -> others.get(was.name()))
          .or(() -> change.after().pictured(picture.follows()))
          .map(now -> now.picture().content())
          .filter(content -> !content.equals(picture.sha256()))
          .ifPresent(content -> names.put(picture.name(), content));
    }
    return names;
  }

  /** How the rows of a roster fill one overlay. */
  private final class Filled {
    private final Columns columns;
    private final List<String> names;

    Filled(RosterEntity roster, Long overlayId, Long packageId) {
      columns = roster.roster().columnsFor(overlayId.toString());
      names = pictures.of(packageId).stream().map(PictureEntity::name).toList();
    }

    Overlay with(Row row, Overlay document, House house) {
      return new Filling(columns, names, house).fill(house.dressed(document), row).overlay();
    }
  }

  /** The touches of a change in one package. */
  private final class One {
    private final GraphicsPackage graphics;
    private final HouseChange change;
    private final House before;
    private final House after;
    private final Set<String> otherPictures;
    private final Map<Long, List<DeliveryEntity>> delivered = new HashMap<>();

    One(GraphicsPackage graphics, HouseChange change) {
      this.graphics = graphics;
      this.change = change;
      before = originals.known(graphics.id(), change.before());
      after = originals.seen(graphics.id(), change.after().upToDate()).house();
      otherPictures = HouseTouches.this.otherPictures(graphics.id(), change).keySet();
      Set<List<Object>> met = new HashSet<>();
      for (DeliveryEntity file :
          deliveries.findByPackageIdAndStateOrderByIdDesc(
              graphics.id(), DeliveryEntity.State.DONE)) {
        Long overlay = file.overlayId().orElse(0L);
        if (met.add(List.of(overlay, file.rosterRowId().orElse(0L), file.targetName()))) {
          delivered.computeIfAbsent(overlay, id -> new ArrayList<>()).add(file);
        }
      }
    }

    void touched(OverlayEntity entity, List<TouchedOverlay> to) {
      Overlay document = PackageStore.documentOf(entity);
      boolean itself = differ(before.dressed(document), after.dressed(document));
      Map<Long, TouchedRow> rows = rows(entity, document);
      if (!itself && rows.isEmpty()) {
        return;
      }
      List<String> files =
          delivered.getOrDefault(entity.id(), List.of()).stream()
              .filter(file -> file.rosterRowId().map(rows::containsKey).orElse(itself))
              .map(DeliveryEntity::fileName)
              .distinct()
              .toList();
      to.add(
          new TouchedOverlay(
              graphics.id(),
              graphics.name(),
              entity.id(),
              entity.name(),
              itself,
              List.copyOf(rows.values()),
              files));
    }

    private boolean differ(Overlay was, Overlay is) {
      return change.differ(was, is)
          || !Collections.disjoint(PictureNames.in(was.stack()), otherPictures);
    }

    private Map<Long, TouchedRow> rows(OverlayEntity entity, Overlay document) {
      Map<Long, TouchedRow> rows = new LinkedHashMap<>();
      for (RosterEntity roster : rosters.of(graphics.id())) {
        Roster said = roster.roster();
        if (said.designs().stream()
            .noneMatch(fed -> fed.overlay().equals(entity.id().toString()))) {
          continue;
        }
        Filled filled = new Filled(roster, entity.id(), graphics.id());
        int key = filled.columns.place(said.key()).orElse(0);
        for (RosterRowEntity row : rosters.rowsOf(roster.id())) {
          if (differ(
              filled.with(row.row(), document, before), filled.with(row.row(), document, after))) {
            rows.put(row.id(), new TouchedRow(row.id(), row.row().cell(key)));
          }
        }
      }
      return rows;
    }
  }
}
