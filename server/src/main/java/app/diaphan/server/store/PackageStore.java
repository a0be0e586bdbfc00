package app.diaphan.server.store;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Sentence;
import app.diaphan.core.check.CheckKind;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.reframe.OverlayCopy;
import app.diaphan.core.overlay.retarget.ForTarget;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.targets.TargetList;
import app.diaphan.server.json.DocumentJson;
import java.time.Clock;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps packages with all that is in them. Every change is whole or does not happen. */
@Service
public class PackageStore {
  private final Packages packages;
  private final Houses houses;
  private final Overlays overlays;
  private final Revisions revisions;
  private final Stills stills;
  private final Clips clips;
  private final OriginalPictures originals;
  private final Clock clock;

  PackageStore(
      Packages packages,
      Houses houses,
      Overlays overlays,
      Revisions revisions,
      Stills stills,
      Clips clips,
      OriginalPictures originals,
      Clock clock) {
    this.originals = originals;
    this.packages = packages;
    this.houses = houses;
    this.overlays = overlays;
    this.revisions = revisions;
    this.stills = stills;
    this.clips = clips;
    this.clock = clock;
  }

  @Transactional
  public GraphicsPackage create(String name) {
    Names.check(name, 120, "A package's name");
    return packages.save(new GraphicsPackage(name.strip(), clock.instant()));
  }

  @Transactional
  public GraphicsPackage rename(Long id, String name) {
    Names.check(name, 120, "A package's name");
    GraphicsPackage graphics = get(id);
    graphics.rename(name.strip());
    return packages.save(graphics);
  }

  public List<GraphicsPackage> all() {
    return packages.findAll();
  }

  public GraphicsPackage get(Long id) {
    return packages.findById(id).orElseThrow(() -> new Missing("package", id));
  }

  public List<OverlayEntity> overlaysOf(Long packageId) {
    get(packageId);
    return overlays.findByPackageIdOrderById(packageId);
  }

  public OverlayEntity overlay(Long id) {
    return overlays.findById(id).orElseThrow(() -> new Missing("overlay", id));
  }

  /**
   * @param id nothing is never there
   */
  public boolean hasOverlay(Long id) {
    return id != null && overlays.existsById(id);
  }

  public static Overlay documentOf(OverlayEntity entity) {
    return DocumentJson.read(
        entity.document(), Overlay.class, "The saved overlay \"" + entity.name() + "\"");
  }

  @Transactional
  public OverlayEntity add(Long packageId, Overlay overlay) {
    get(packageId);
    OverlayEntity entity =
        overlays.saveAndFlush(
            new OverlayEntity(
                packageId, overlay.name(), DocumentJson.writeKept(overlay), clock.instant()));
    keepRevision(entity);
    return entity;
  }

  /**
   * @param basedOn the revision that the document was made from
   * @throws StaleSave if another save came first; nothing is changed then
   */
  @Transactional
  public OverlayEntity save(Long id, int basedOn, Overlay overlay) {
    OverlayEntity entity = overlay(id);
    if (entity.revision() != basedOn) {
      throw new StaleSave(entity.name(), entity.revision());
    }
    entity.save(overlay.name(), DocumentJson.writeKept(overlay), clock.instant());
    OverlayEntity saved = overlays.saveAndFlush(entity);
    keepRevision(saved);
    return saved;
  }

  /**
   * Adds a variation of an overlay to its package.
   *
   * @param frame of the variation
   */
  @Transactional
  public OverlayEntity copy(Long id, Frame frame, OverlayCopy.Lengths lengths) {
    OverlayEntity entity = overlay(id);
    List<String> taken = overlaysOf(entity.packageId()).stream().map(OverlayEntity::name).toList();
    return add(entity.packageId(), OverlayCopy.of(documentOf(entity), frame, lengths, taken));
  }

  public List<RevisionLine> revisionsOf(Long overlayId) {
    overlay(overlayId);
    return revisions.linesOf(overlayId);
  }

  public OverlayRevision revision(Long overlayId, int number) {
    return revisions
        .findByOverlayIdAndNumber(overlayId, number)
        .orElseThrow(() -> new Missing(Sentence.of("The overlay has no revision %d.", number)));
  }

  /** The overlay's document with its package's present finish sets on what follows them. */
  public Overlay dressed(OverlayEntity entity) {
    return house(entity.packageId()).dressed(documentOf(entity));
  }

  public static Overlay documentOf(OverlayRevision revision) {
    return DocumentJson.read(
        revision.document(), Overlay.class, "The saved revision " + revision.number());
  }

  @Transactional
  public OverlayRevision nameRevision(Long overlayId, int number, String name) {
    if (name == null || name.length() > 120) {
      throw new InvalidInput("A revision's name has at most 120 characters.");
    }
    Names.checkSeen(name, "The revision's name");
    OverlayRevision revision = revision(overlayId, number);
    revision.rename(name);
    return revisions.save(revision);
  }

  /** The house that a package follows. */
  public Optional<HouseEntity> followedBy(Long packageId) {
    return get(packageId).houseId().flatMap(houses::findById);
  }

  /**
   * The same as the package sees it: with its own names for pictures of originals. It has nothing
   * in it for a package that follows none.
   */
  public House house(Long packageId) {
    return originals.known(packageId, ownHouse(packageId));
  }

  /** The house that a package follows as it is kept; one with nothing in it for none. */
  public House ownHouse(Long packageId) {
    return followedBy(packageId).map(HouseEntity::house).orElse(House.NONE);
  }

  public TargetList targets(Long packageId) {
    return get(packageId)
        .targets()
        .map(json -> DocumentJson.read(json, TargetList.class, "The saved targets"))
        .orElse(TargetList.AS_DESIGNED);
  }

  /** Overlays that differ at a target that is renamed follow, without a revision of their own. */
  @Transactional
  public TargetList keepTargets(Long packageId, TargetList targets) {
    Map<String, String> renamed = targets(packageId).renamedIn(targets);
    if (!renamed.isEmpty()) {
      for (OverlayEntity entity : overlaysOf(packageId)) {
        follow(entity, renamed);
      }
    }
    GraphicsPackage graphics = get(packageId);
    graphics.keepTargets(DocumentJson.writeKept(targets));
    packages.save(graphics);
    return targets;
  }

  private void follow(OverlayEntity entity, Map<String, String> renamed) {
    Overlay before = documentOf(entity);
    List<ForTarget> after =
        before.forTargets().stream()
            .map(there -> there.named(renamed.getOrDefault(there.target(), there.target())))
            .toList();
    if (!after.equals(before.forTargets())) {
      Overlay document = before.withForTargets(after);
      overlays.replaceDocument(entity.id(), DocumentJson.writeKept(document));
    }
  }

  /** The checks that the proof of a package does not make. */
  public Set<CheckKind> checksLeftOut(Long packageId) {
    return get(packageId).checksLeftOut().stream()
        .flatMap(kinds -> Arrays.stream(kinds.split(",")))
        .filter(kind -> !kind.isEmpty())
        .map(CheckKind::valueOf)
        .collect(Collectors.toCollection(() -> EnumSet.noneOf(CheckKind.class)));
  }

  /** Those that it makes. */
  public Set<CheckKind> checksMade(Long packageId) {
    Set<CheckKind> made = EnumSet.allOf(CheckKind.class);
    made.removeAll(checksLeftOut(packageId));
    return made;
  }

  @Transactional
  public Set<CheckKind> leaveOutChecks(Long packageId, Set<CheckKind> kinds) {
    GraphicsPackage graphics = get(packageId);
    graphics.leaveOutChecks(kinds.stream().map(Enum::name).collect(Collectors.joining(",")));
    packages.save(graphics);
    return kinds;
  }

  /**
   * @param folder empty for the package's own
   */
  @Transactional
  public void deliverTo(Long packageId, String folder) {
    GraphicsPackage graphics = get(packageId);
    graphics.deliverTo(folder);
    packages.save(graphics);
  }

  private void keepRevision(OverlayEntity entity) {
    revisions.save(
        new OverlayRevision(entity.id(), entity.revision(), entity.document(), entity.savedAt()));
  }

  /** The stills of all clips, without what is in them. */
  public List<Stills.Line> stillLinesOf(Long packageId) {
    get(packageId);
    return stills.linesOf(packageId);
  }

  /** All that tells the stills apart, without what is in them. */
  public List<String> knownStills(Long packageId) {
    return stills.known(packageId);
  }

  public StillEntity still(Long id) {
    return stills.findById(id).orElseThrow(() -> new Missing("still", id));
  }

  public List<Clips.Line> clipLinesOf(Long packageId) {
    get(packageId);
    return clips.linesOf(packageId);
  }

  public ClipEntity clip(Long id) {
    return clips.findById(id).orElseThrow(() -> new Missing("clip", id));
  }

  /**
   * Adds a still to a backdrop, which is made if there is none of this name.
   *
   * @throws InvalidInput if it is no picture, or not one that a browser shows as a JPEG
   */
  @Transactional
  public StillEntity addStill(Long packageId, String clip, byte[] jpeg) {
    get(packageId);
    FileName.check(clip);
    if (!PictureReader.header(clip, jpeg).format().equals("JPEG")) {
      throw new InvalidInput("A still is kept as a JPEG file; this is another kind of picture.");
    }
    int last =
        stillLinesOf(packageId).stream()
            .filter(still -> still.clip().equals(clip))
            .mapToInt(Stills.Line::position)
            .max()
            .orElse(0);
    return stills.save(new StillEntity(packageId, clip, last + 1, jpeg));
  }

  @Transactional
  public void deleteStill(Long id) {
    stills.delete(still(id));
  }
}
