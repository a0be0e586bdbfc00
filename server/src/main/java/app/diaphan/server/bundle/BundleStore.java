package app.diaphan.server.bundle;

import app.diaphan.core.cue.StillId;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.roster.Roster;
import app.diaphan.server.cue.CueListEntity;
import app.diaphan.server.cue.CueListStore;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.roster.RosterRowEntity;
import app.diaphan.server.roster.RosterStore;
import app.diaphan.server.store.ClipEntity;
import app.diaphan.server.store.Clips;
import app.diaphan.server.store.GraphicsPackage;
import app.diaphan.server.store.HouseEntity;
import app.diaphan.server.store.Missing;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureEntity;
import app.diaphan.server.store.PictureStore;
import app.diaphan.server.store.StarterEntity;
import app.diaphan.server.store.StarterStore;
import app.diaphan.server.store.StillEntity;
import app.diaphan.server.store.Stills;
import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes bundles in as packages and gives packages out as bundles. */
@Service
public class BundleStore {
  private final PackageStore packages;
  private final PictureStore pictures;
  private final HouseFiles houses;
  private final RosterStore rosters;
  private final StarterStore starters;
  private final CueListStore cueLists;
  private final Stills stills;
  private final Clips clips;
  private final EntityManager entities;

  BundleStore(
      PackageStore packages,
      PictureStore pictures,
      HouseFiles houses,
      RosterStore rosters,
      StarterStore starters,
      CueListStore cueLists,
      Stills stills,
      Clips clips,
      EntityManager entities) {
    this.packages = packages;
    this.pictures = pictures;
    this.houses = houses;
    this.rosters = rosters;
    this.starters = starters;
    this.cueLists = cueLists;
    this.stills = stills;
    this.clips = clips;
    this.entities = entities;
  }

  /** Takes all of a bundle in, or nothing. */
  @Transactional
  public GraphicsPackage add(Bundle bundle) {
    BundleParts.check(bundle);
    GraphicsPackage graphics = packages.create(bundle.name());
    Long id = graphics.id();
    if (!bundle.house().empty()) {
      graphics.follow(Optional.of(houses.take(bundle).id()));
    }
    packages.keepTargets(id, bundle.targets());
    packages.leaveOutChecks(id, bundle.checksLeftOut());
    Map<String, String> overlayIds = new HashMap<>();
    bundle
        .overlays()
        .forEach(
            (file, overlay) -> overlayIds.put(file, packages.add(id, overlay).id().toString()));
    bundle.starters().values().forEach(starter -> starters.add(id, starter));
    bundle
        .pictures()
        .forEach(
            (name, part) -> {
              PictureEntity picture = pictures.addAs(id, name, part.bytes());
              pictures.follow(picture, bundle.following().getOrDefault(name, ""));
              letGo();
            });
    Map<String, Long> rosterIds = new HashMap<>();
    for (RosterFile file : bundle.rosters()) {
      Long roster = rosters.add(id, feeding(file.roster(), overlayIds), file.rows()).id();
      rosterIds.putIfAbsent(file.roster().name(), roster);
    }
    Map<Long, List<Long>> rowIds = new HashMap<>();
    rosterIds.values().forEach(roster -> rowIds.put(roster, rowIds(roster)));
    bundle
        .cueLists()
        .forEach(
            file ->
                cueLists.add(id, file.list(still -> idOf(still, overlayIds, rosterIds, rowIds))));
    bundle
        .clips()
        .forEach(
            (clip, contents) -> {
              for (int i = 0; i < contents.size(); i++) {
                stills.save(new StillEntity(id, clip, i + 1, contents.get(i).bytes()));
                letGo();
              }
            });
    bundle
        .films()
        .forEach(
            (clip, film) -> {
              clips.save(new ClipEntity(id, clip, film.bytes()));
              letGo();
            });
    return graphics;
  }

  private List<Long> rowIds(Long roster) {
    return rosters.rowsOf(roster).stream().map(RosterRowEntity::id).toList();
  }

  private static Optional<StillId> idOf(
      CueFile.Still still,
      Map<String, String> overlayIds,
      Map<String, Long> rosterIds,
      Map<Long, List<Long>> rowIds) {
    Optional<Long> overlay =
        Optional.ofNullable(overlayIds.get(still.overlay())).map(Long::valueOf);
    if (still.row() == 0) {
      return overlay.map(id -> new StillId(id, 0, still.target()));
    }
    List<Long> rows =
        Optional.ofNullable(rosterIds.get(still.roster())).map(rowIds::get).orElse(List.of());
    return still.row() > rows.size() || still.row() < 1
        ? Optional.empty()
        : overlay.map(id -> new StillId(id, rows.get(still.row() - 1), still.target()));
  }

  /** What was kept is on its way to the database and need not be held until the end. */
  private void letGo() {
    entities.flush();
    entities.clear();
  }

  private static String freeFile(String name, Set<String> taken) {
    String stem = FileName.from(name);
    String file = stem + ".json";
    for (int i = 2; taken.contains(file); i++) {
      file = stem + "-" + i + ".json";
    }
    return file;
  }

  /** The roster with other names for its overlays; those that have none are left out. */
  private static Roster feeding(Roster roster, Map<String, String> names) {
    return new Roster(
        roster.name(),
        roster.columns(),
        roster.key(),
        roster.names(),
        roster.designs().stream()
            .flatMap(
                fed ->
                    Optional.ofNullable(names.get(fed.overlay())).stream()
                        .map(name -> new Roster.Fed(name, fed.bound())))
            .toList());
  }

  /** Its pictures and clips are read from the database when they are asked for. */
  @Transactional(readOnly = true)
  public Bundle bundle(Long packageId) {
    Map<String, Overlay> documents = new LinkedHashMap<>();
    Map<String, String> fileNames = new HashMap<>();
    for (OverlayEntity entity : packages.overlaysOf(packageId)) {
      String file = freeFile(entity.name(), documents.keySet());
      documents.put(file, packages.dressed(entity));
      fileNames.put(entity.id().toString(), file);
    }
    Map<String, Overlay> beginnings = new LinkedHashMap<>();
    for (StarterEntity starter : starters.of(packageId)) {
      beginnings.put(freeFile(starter.name(), beginnings.keySet()), starters.dressed(starter));
    }
    List<RosterFile> tables = new ArrayList<>();
    Map<Long, CueFile.Still> rows = new HashMap<>();
    for (RosterEntity entity : rosters.of(packageId)) {
      List<Long> ids = rowIds(entity.id());
      for (int i = 0; i < ids.size(); i++) {
        rows.put(ids.get(i), new CueFile.Still("", entity.roster().name(), i + 1, ""));
      }
      tables.add(
          new RosterFile(
              feeding(entity.roster(), fileNames),
              rosters.rowsOf(entity.id()).stream().map(RosterRowEntity::row).toList()));
    }
    List<CueFile> times = new ArrayList<>();
    for (CueListEntity entity : cueLists.of(packageId)) {
      times.add(CueFile.of(entity.list(), still -> named(still, fileNames, rows)));
    }
    Map<String, BundlePart> files = new LinkedHashMap<>();
    Map<String, String> following = new LinkedHashMap<>();
    for (PictureEntity one : pictures.of(packageId)) {
      files.put(one.name(), () -> pictures.content(one));
      if (!one.follows().isEmpty()) {
        following.put(one.name(), one.follows());
      }
    }
    House house =
        packages
            .followedBy(packageId)
            .map(HouseEntity::house)
            .orElseGet(() -> House.named(packages.get(packageId).name()));
    Map<String, List<BundlePart>> byClip = new LinkedHashMap<>();
    for (Stills.Line still : stills.linesOf(packageId)) {
      byClip
          .computeIfAbsent(still.clip(), clip -> new ArrayList<>())
          .add(
              () ->
                  stills
                      .findById(still.id())
                      .orElseThrow(() -> new Missing("still", still.id()))
                      .content());
    }
    Map<String, BundlePart> films = new LinkedHashMap<>();
    for (Clips.Line clip : clips.linesOf(packageId)) {
      films.put(
          clip.name(),
          () ->
              clips
                  .findById(clip.id())
                  .orElseThrow(() -> new Missing("clip", clip.id()))
                  .content());
    }
    return new Bundle(
        packages.get(packageId).name(),
        house,
        houses.partsOf(house),
        houses.fontsOf(house),
        packages.targets(packageId),
        packages.checksLeftOut(packageId),
        documents,
        beginnings,
        tables,
        times,
        files,
        following,
        byClip,
        films);
  }

  private static Optional<CueFile.Still> named(
      StillId still, Map<String, String> overlays, Map<Long, CueFile.Still> rows) {
    String overlay = overlays.get(Long.toString(still.overlay()));
    if (overlay == null || still.row() != 0 && !rows.containsKey(still.row())) {
      return Optional.empty();
    }
    if (still.row() == 0) {
      return Optional.of(new CueFile.Still(overlay, "", 0, still.target()));
    }
    CueFile.Still row = rows.get(still.row());
    return Optional.of(new CueFile.Still(overlay, row.roster(), row.row(), still.target()));
  }
}
