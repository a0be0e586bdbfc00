package app.diaphan.server.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseChange;
import app.diaphan.core.house.HouseDifferences;
import app.diaphan.core.overlay.Kept;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.store.GraphicsPackage;
import app.diaphan.server.store.HouseChangeEntity;
import app.diaphan.server.store.HouseChangeList;
import app.diaphan.server.store.HouseEntity;
import app.diaphan.server.store.Houses;
import app.diaphan.server.store.OriginalPictures;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.Packages;
import app.diaphan.server.store.StaleSave;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes changes of houses whole, takes them back and makes them once more. */
@Service
public class HouseChanges {
  private final HouseStore store;
  private final Houses houses;
  private final HouseChangeList list;
  private final PackageStore packages;
  private final Packages packageRows;
  private final Following following;
  private final OriginalPictures originals;
  private final Clock clock;

  HouseChanges(
      HouseStore store,
      Houses houses,
      HouseChangeList list,
      PackageStore packages,
      Packages packageRows,
      Following following,
      OriginalPictures originals,
      Clock clock) {
    this.originals = originals;
    this.store = store;
    this.houses = houses;
    this.list = list;
    this.packages = packages;
    this.packageRows = packageRows;
    this.following = following;
    this.clock = clock;
  }

  /** What can be taken back or made once more, in words; empty where there is nothing. */
  public record History(String undo, String redo) {}

  public History history(Long houseId, Long packageId) {
    return new History(
        list.newest(houseId, packageId).map(HouseChangeEntity::said).orElse(""),
        list.nextUndone(houseId, packageId).map(HouseChangeEntity::said).orElse(""));
  }

  /**
   * Changes a house and with it all that follows it, but for overlays that are kept away.
   *
   * @param basedOn the revision of the house that it was made from
   * @throws StaleSave if another change came first; nothing is changed then
   * @throws InvalidInput if the house is not one
   */
  @Transactional
  public HouseEntity change(Long houseId, int basedOn, House wanted, Collection<Long> keptOut) {
    HouseEntity entity = store.get(houseId, basedOn);
    House before = entity.house();
    House after = wanted.upToDate();
    if (after.equals(before)) {
      return entity;
    }
    store.checkName(after.name(), Optional.of(houseId));
    store.checkFiles(houseId, before, after);
    Made made = make(store.followers(houseId), new HouseChange(before, after), Set.copyOf(keptOut));
    keep(
        Optional.empty(),
        houseId,
        HouseDifferences.between(before, wanted),
        new MadeChange(
            before,
            after,
            houseId,
            houseId,
            List.copyOf(keptOut),
            made.kept(),
            made.copies(),
            made.overwritten()));
    entity.keep(after);
    return houses.saveAndFlush(entity);
  }

  /**
   * Makes a house that a package follows from now on.
   *
   * @param house named as the package where it has no name of its own yet
   */
  @Transactional
  public void begin(Long packageId, House wanted) {
    House house = wanted.upToDate();
    GraphicsPackage graphics = packages.get(packageId);
    HouseEntity begun =
        store.create(
            house.name().equals(House.NONE.name())
                ? house.withName(store.free(graphics.name()))
                : house);
    store.checkFiles(begun.id(), House.NONE, house);
    follow(packageId, Optional.of(begun.id()), List.of());
  }

  /**
   * Lets a package follow another house.
   *
   * @param houseId nothing for none from now on
   */
  @Transactional
  public void follow(Long packageId, Optional<Long> houseId, Collection<Long> keptOut) {
    GraphicsPackage graphics = packages.get(packageId);
    Optional<Long> was = graphics.houseId();
    if (was.equals(houseId)) {
      return;
    }
    House before = packages.ownHouse(packageId);
    House after = houseOrNone(houseId);
    Made made = make(List.of(graphics), new HouseChange(before, after), Set.copyOf(keptOut));
    keep(
        Optional.of(packageId),
        houseId.or(() -> was).orElseThrow(),
        houseId.isPresent()
            ? Sentence.of("\"%s\" follows \"%s\".", graphics.name(), after.name())
            : Sentence.of("\"%s\" follows no house.", graphics.name()),
        new MadeChange(
            before,
            after,
            was.orElse(0L),
            houseId.orElse(0L),
            List.copyOf(keptOut),
            made.kept(),
            made.copies(),
            made.overwritten()));
    letFollow(packageId, houseId);
  }

  private void letFollow(Long packageId, Optional<Long> houseId) {
    GraphicsPackage graphics = packages.get(packageId);
    graphics.follow(houseId);
    packageRows.saveAndFlush(graphics);
  }

  /** What came of a change that is needed to go back. */
  private record Made(
      Map<Long, List<Kept>> kept,
      List<MadeChange.CopiedPicture> copies,
      Map<Long, List<HouseChange.Overwritten>> overwritten) {}

  private Made make(List<GraphicsPackage> followers, HouseChange change, Set<Long> keptOut) {
    Map<Long, List<Kept>> kept = new TreeMap<>();
    List<MadeChange.CopiedPicture> copies = new ArrayList<>();
    Map<Long, List<HouseChange.Overwritten>> overwritten = new TreeMap<>();
    for (GraphicsPackage graphics : followers) {
      List<OverlayEntity> overlays = packages.overlaysOf(graphics.id());
      List<OverlayEntity> away =
          overlays.stream().filter(one -> keptOut.contains(one.id())).toList();
      House before = originals.known(graphics.id(), change.before());
      Map<String, String> names =
          following.keepPictures(
              graphics.id(),
              change,
              PictureNames.in(
                  away.stream()
                      .flatMap(one -> PackageStore.documentOf(one).stack().stream())
                      .toList()));
      names.forEach(
          (name, copy) -> copies.add(new MadeChange.CopiedPicture(graphics.id(), name, copy)));
      following.takePictures(graphics.id(), change.after());
      HouseChange here = new HouseChange(before, originals.known(graphics.id(), change.after()));
      for (OverlayEntity entity : away) {
        Overlay document = PackageStore.documentOf(entity);
        Overlay keptAway = PictureNames.replaced(here.keptAway(document), names);
        kept.put(
            entity.id(),
            keptAway.kept().stream().filter(one -> !document.kept().contains(one)).toList());
        packages.save(entity.id(), entity.revision(), keptAway);
      }
      for (OverlayEntity entity : overlays) {
        if (!keptOut.contains(entity.id())) {
          List<HouseChange.Overwritten> lost = here.overwritten(PackageStore.documentOf(entity));
          if (!lost.isEmpty()) {
            overwritten.put(entity.id(), lost);
          }
          following.freshen(entity, here.after());
        }
      }
    }
    return new Made(kept, copies, overwritten);
  }

  private void keep(Optional<Long> packageId, Long houseId, String said, MadeChange made) {
    list.forgetUndone(houseId, packageId.orElse(0L));
    list.saveAndFlush(
        new HouseChangeEntity(
            houseId, packageId, said, DocumentJson.writeKept(made), clock.instant()));
    list.forgetOld(houseId);
  }

  /**
   * Takes the newest change back.
   *
   * @param packageId whose own changes of house count too; 0 for none
   * @throws InvalidInput if there is none
   */
  @Transactional
  public void undo(Long houseId, Long packageId) {
    HouseChangeEntity entity =
        list.newest(houseId, packageId)
            .orElseThrow(() -> new InvalidInput("There is no change to take back."));
    MadeChange made = read(entity);
    made.kept().forEach(following::letGo);
    made.copies().forEach(copy -> following.putBack(copy, made.keptOut()));
    go(entity, made.before(), made.housesBefore(), Set.of());
    made.overwritten().forEach(following::bringBack);
    entity.undone();
    list.saveAndFlush(entity);
  }

  /**
   * Makes the change once more that was taken back last.
   *
   * @throws InvalidInput if there is none
   */
  @Transactional
  public void redo(Long houseId, Long packageId) {
    HouseChangeEntity entity =
        list.nextUndone(houseId, packageId)
            .orElseThrow(() -> new InvalidInput("There is no change to be made once more."));
    MadeChange made = read(entity);
    Made anew = go(entity, made.after(), made.housesAfter(), Set.copyOf(made.keptOut()));
    entity.redone(
        DocumentJson.writeKept(made.with(anew.kept(), anew.copies(), anew.overwritten())));
    list.saveAndFlush(entity);
  }

  /**
   * One way or the other.
   *
   * @param house as it is to be, for a change of the house itself
   * @param followed id of the house that the package is to follow, for a change of that
   */
  private Made go(HouseChangeEntity entity, House house, long followed, Set<Long> keptOut) {
    if (entity.packageId().isPresent()) {
      Long id = entity.packageId().get();
      Optional<Long> other = Optional.of(followed).filter(one -> one != 0);
      Made made =
          make(
              List.of(packages.get(id)),
              new HouseChange(packages.ownHouse(id), houseOrNone(other)),
              keptOut);
      letFollow(id, other);
      return made;
    }
    HouseEntity kept = store.get(entity.houseId());
    House now = kept.house();
    House then = house.knowingNamesOf(now);
    Made made = make(store.followers(kept.id()), new HouseChange(now, then), keptOut);
    kept.keep(then);
    houses.saveAndFlush(kept);
    return made;
  }

  private House houseOrNone(Optional<Long> id) {
    return id.map(one -> store.get(one).house()).orElse(House.NONE);
  }

  private static MadeChange read(HouseChangeEntity entity) {
    return DocumentJson.read(entity.document(), MadeChange.class, "A change of the house");
  }
}
