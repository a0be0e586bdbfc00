package app.diaphan.server.bundle;

import app.diaphan.core.deliver.FileName;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.roster.Roster;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.roster.RosterRowEntity;
import app.diaphan.server.roster.RosterStore;
import app.diaphan.server.store.ClipEntity;
import app.diaphan.server.store.Clips;
import app.diaphan.server.store.GraphicsPackage;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureStore;
import app.diaphan.server.store.StarterEntity;
import app.diaphan.server.store.StarterStore;
import app.diaphan.server.store.StillEntity;
import app.diaphan.server.store.Stills;
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
  private final RosterStore rosters;
  private final StarterStore starters;
  private final Stills stills;
  private final Clips clips;

  BundleStore(
      PackageStore packages,
      PictureStore pictures,
      RosterStore rosters,
      StarterStore starters,
      Stills stills,
      Clips clips) {
    this.packages = packages;
    this.pictures = pictures;
    this.rosters = rosters;
    this.starters = starters;
    this.stills = stills;
    this.clips = clips;
  }

  /** Takes all of a bundle in, or nothing. */
  @Transactional
  public GraphicsPackage add(Bundle bundle) {
    BundleParts.check(bundle);
    GraphicsPackage graphics = packages.create(bundle.name());
    Long id = graphics.id();
    packages.keepHouse(id, bundle.house());
    packages.keepTargets(id, bundle.targets());
    packages.leaveOutChecks(id, bundle.checksLeftOut());
    Map<String, String> overlayIds = new HashMap<>();
    bundle
        .overlays()
        .forEach(
            (file, overlay) -> overlayIds.put(file, packages.add(id, overlay).id().toString()));
    bundle.starters().values().forEach(starter -> starters.add(id, starter));
    bundle.pictures().forEach((name, content) -> pictures.addAs(id, name, content));
    bundle
        .rosters()
        .forEach(file -> rosters.add(id, feeding(file.roster(), overlayIds), file.rows()));
    bundle
        .clips()
        .forEach(
            (clip, contents) -> {
              for (int i = 0; i < contents.size(); i++) {
                stills.save(new StillEntity(id, clip, i + 1, contents.get(i)));
              }
            });
    bundle.films().forEach((clip, film) -> clips.save(new ClipEntity(id, clip, film)));
    return graphics;
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
    for (RosterEntity entity : rosters.of(packageId)) {
      tables.add(
          new RosterFile(
              feeding(entity.roster(), fileNames),
              rosters.rowsOf(entity.id()).stream().map(RosterRowEntity::row).toList()));
    }
    Map<String, byte[]> files = new LinkedHashMap<>();
    pictures.of(packageId).forEach(one -> files.put(one.name(), pictures.content(one)));
    Map<String, List<byte[]>> byClip = new LinkedHashMap<>();
    packages
        .stillsOf(packageId)
        .forEach(
            still ->
                byClip
                    .computeIfAbsent(still.clip(), clip -> new ArrayList<>())
                    .add(still.content()));
    Map<String, byte[]> films = new LinkedHashMap<>();
    packages.clipsOf(packageId).forEach(clip -> films.put(clip.name(), clip.content()));
    return new Bundle(
        packages.get(packageId).name(),
        packages.house(packageId),
        packages.targets(packageId),
        packages.checksLeftOut(packageId),
        documents,
        beginnings,
        tables,
        files,
        byClip,
        films);
  }
}
