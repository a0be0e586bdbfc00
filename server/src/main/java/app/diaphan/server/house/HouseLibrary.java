package app.diaphan.server.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.arrange.Arranged;
import app.diaphan.core.arrange.Arrangement;
import app.diaphan.core.arrange.Arranger;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseOriginal;
import app.diaphan.core.house.HousePicture;
import app.diaphan.core.house.OriginalMade;
import app.diaphan.core.house.OriginalPicture;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.WordedPiece;
import app.diaphan.core.overlay.copy.Copies;
import app.diaphan.core.overlay.copy.OwnThing;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.store.GraphicsPackage;
import app.diaphan.server.store.HouseEntity;
import app.diaphan.server.store.OriginalPictures;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureEntity;
import app.diaphan.server.store.PictureStore;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The originals that houses keep, and copies of them on overlays. */
@Service
public class HouseLibrary {
  private final HouseStore store;
  private final PackageStore packages;
  private final PictureStore pictures;
  private final OriginalPictures originals;
  private final Following following;
  private final DrawingService drawings;

  HouseLibrary(
      HouseStore store,
      PackageStore packages,
      PictureStore pictures,
      OriginalPictures originals,
      Following following,
      DrawingService drawings) {
    this.store = store;
    this.packages = packages;
    this.pictures = pictures;
    this.originals = originals;
    this.following = following;
    this.drawings = drawings;
  }

  /**
   * @param words that its texts say and its pieces are called by, to be found by them
   * @param pieces how many it has, groups not counted
   * @param overlays names of those that have copies of it that follow it, in all packages of the
   *     house
   */
  public record OriginalLine(String name, String words, int pieces, List<String> overlays) {}

  /** All of the house that a package follows, by name. */
  public List<OriginalLine> of(Long packageId) {
    House house = packages.ownHouse(packageId);
    Map<String, Set<String>> users = house.originals().isEmpty() ? Map.of() : users(packageId);
    return house.originals().stream()
        .map(
            one -> {
              Set<String> overlays = new TreeSet<>(users.getOrDefault(one.name(), Set.of()));
              one.formerly().stream()
                  .filter(name -> house.originals().stream().noneMatch(o -> o.name().equals(name)))
                  .forEach(name -> overlays.addAll(users.getOrDefault(name, Set.of())));
              List<Piece> inside = Pieces.all(one.group().stack()).toList();
              return new OriginalLine(
                  one.name(),
                  inside.stream().map(HouseLibrary::words).collect(Collectors.joining(" ")),
                  (int) inside.stream().filter(piece -> !(piece instanceof GroupPiece)).count(),
                  List.copyOf(overlays));
            })
        .sorted((one, other) -> one.name().compareToIgnoreCase(other.name()))
        .toList();
  }

  private static String words(Piece piece) {
    return piece instanceof WordedPiece worded ? piece.name() + " " + worded.words() : piece.name();
  }

  private Map<String, Set<String>> users(Long packageId) {
    Map<String, Set<String>> users = new LinkedHashMap<>();
    Long houseId = packages.followedBy(packageId).map(HouseEntity::id).orElse(0L);
    for (GraphicsPackage graphics : store.followers(houseId)) {
      packages
          .overlaysOf(graphics.id())
          .forEach(
              overlay ->
                  Copies.in(PackageStore.documentOf(overlay).stack())
                      .forEach(
                          of ->
                              users
                                  .computeIfAbsent(of.original(), name -> new TreeSet<>())
                                  .add(overlay.name())));
    }
    return users;
  }

  /**
   * An original as it would be kept. Nothing is changed yet: who keeps the house has looked at what
   * that touches.
   *
   * @param house with the original in it
   * @param arranged the overlay with the pieces as a copy that follows it
   */
  public record OriginalToKeep(House house, Arranged arranged) {}

  /**
   * Makes an original of pieces, or gives the one of that name another state.
   *
   * @param overlay which need not be saved
   * @param chosen ids of pieces that lie beside each other
   */
  @Transactional
  public OriginalToKeep toKeep(Long packageId, Overlay overlay, List<String> chosen, String name) {
    HouseEntity followed =
        packages
            .followedBy(packageId)
            .orElseThrow(
                () -> new InvalidInput("The package follows no house that could keep originals."));
    House house = followed.house();
    Optional<HouseOriginal> was = house.originalNamed(name);
    String called = was.map(HouseOriginal::name).orElse(name);
    Arranged grouped = grouped(packageId, overlay, chosen, called);
    String id = grouped.chosen().getFirst();
    Set<String> shown = PictureNames.in(List.of(Pieces.get(grouped.overlay(), id)));
    OriginalMade made =
        OriginalMade.of(
            grouped.overlay(), id, called, was, picturesOf(packageId, followed.id(), house, shown));
    return new OriginalToKeep(
        house.withOriginal(made.original()).upToDate(), new Arranged(made.overlay(), List.of(id)));
  }

  /** One group that is chosen is the original itself; all else is grouped to be one. */
  private Arranged grouped(Long packageId, Overlay overlay, List<String> chosen, String name) {
    if (chosen.isEmpty()) {
      throw new InvalidInput("No piece is chosen; choose what is to be kept first.");
    }
    return chosen.size() == 1 && Pieces.get(overlay, chosen.getFirst()) instanceof GroupPiece
        ? new Arranged(overlay, chosen)
        : new Arranger(drawings.rendererFor(packageId))
            .arrange(overlay, chosen, new Arrangement.Grouped(name));
  }

  private List<OriginalPicture> picturesOf(
      Long packageId, Long houseId, House house, Set<String> names) {
    Map<String, String> files = new LinkedHashMap<>();
    house
        .pictures()
        .forEach(picture -> files.put(picture.file().toLowerCase(Locale.ROOT), picture.content()));
    List<OriginalPicture> all = new ArrayList<>();
    for (PictureEntity picture : pictures.of(packageId)) {
      if (names.contains(picture.name())) {
        store.keepFor(houseId, picture.sha256());
        String file =
            FileName.free(
                picture.name(),
                name ->
                    !files
                        .getOrDefault(name.toLowerCase(Locale.ROOT), picture.sha256())
                        .equals(picture.sha256()));
        files.put(file.toLowerCase(Locale.ROOT), picture.sha256());
        all.add(
            new OriginalPicture(
                picture.name(),
                house.pictured(picture.follows()).map(one -> one.name()).orElse(""),
                new HousePicture(file, picture.sha256())));
      }
    }
    return all;
  }

  /**
   * Lays an original on an overlay, in front of all.
   *
   * @param followed whether it changes with the original from now on
   * @param right of the frame's middle, to that of the original; in display units
   */
  @Transactional
  public Arranged laid(
      Long packageId, Overlay overlay, String name, boolean followed, double right, double down) {
    House house = packages.ownHouse(packageId);
    HouseOriginal original =
        house
            .original(name)
            .orElseThrow(
                () ->
                    new InvalidInput(
                        Sentence.of(
                            "The house has no original \"%s\"; it may have been taken away.",
                            name)));
    following.take(packageId, house, original);
    HouseOriginal here =
        packages.house(packageId).originalFor(overlay, original.name()).orElseThrow();
    Arranger arranger = new Arranger(drawings.rendererFor(packageId));
    Arranged pasted =
        arranger.arrange(
            overlay,
            List.of(),
            new Arrangement.Pasted(
                List.of(followed ? here.copy() : here.group()), here.lines(), right, down));
    boolean plainGroup = here.group().stack().size() == 1 && here.group().look().equals(Look.PLAIN);
    return !followed && plainGroup
        ? arranger.arrange(pasted.overlay(), pasted.chosen(), new Arrangement.Ungrouped())
        : pasted;
  }

  /**
   * A copy on an overlay.
   *
   * @param piece its id
   * @param original by the name that it has now
   * @param there whether the house has it still
   * @param own what the copy has otherwise
   */
  public record CopyStanding(String piece, String original, boolean there, List<OwnThing> own) {}

  /** How the copies on an overlay stand to their originals. */
  public List<CopyStanding> standings(Long packageId, Overlay overlay) {
    House house = packages.ownHouse(packageId);
    List<CopyStanding> all = new ArrayList<>();
    Pieces.all(overlay.stack())
        .forEach(
            piece -> {
              if (piece instanceof GroupPiece group
                  && group.copyOf() instanceof CopyOf.OfOriginal of) {
                Optional<HouseOriginal> original = house.original(of.original());
                all.add(
                    new CopyStanding(
                        group.id(),
                        original.map(HouseOriginal::name).orElse(of.original()),
                        original.isPresent(),
                        Copies.own(group, of)));
              }
            });
    return all;
  }

  /** An original by itself, small, on clear ground. */
  public byte[] picture(Long packageId, String name) {
    OriginalPictures.SeenHouse seen = originals.seen(packageId, packages.ownHouse(packageId));
    HouseOriginal original =
        seen.house()
            .original(name)
            .orElseThrow(
                () -> new InvalidInput(Sentence.of("The house has no original \"%s\".", name)));
    return drawings.original(packageId, seen.house(), original, seen.others());
  }
}
