package app.diaphan.server.web;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseChange;
import app.diaphan.core.house.HousePicture;
import app.diaphan.core.house.Pictured;
import app.diaphan.core.house.reading.HouseFound;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.bundle.HouseFiles;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.draw.BeforeAndAfter;
import app.diaphan.server.draw.SmallPictures;
import app.diaphan.server.font.FontShelves;
import app.diaphan.server.font.FontsAhead;
import app.diaphan.server.house.HouseChanges;
import app.diaphan.server.house.HouseReading;
import app.diaphan.server.house.HouseStore;
import app.diaphan.server.house.HouseTouches;
import app.diaphan.server.store.GraphicsPackage;
import app.diaphan.server.store.HouseEntity;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureEntity;
import app.diaphan.server.store.PictureStore;
import app.diaphan.server.web.PackageApi.PackageSummary;
import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Houses, what follows them, and what changes of them touch. */
@RestController
@RequestMapping("/api")
class HouseApi {
  private final HouseStore houses;
  private final HouseChanges changes;
  private final HouseTouches touches;
  private final HouseFiles files;
  private final HouseReading reading;
  private final PackageStore packages;
  private final PictureStore pictures;
  private final SmallPictures small;
  private final FontShelves fonts;
  private final FontsAhead fontsAhead;

  HouseApi(
      HouseStore houses,
      HouseChanges changes,
      HouseTouches touches,
      HouseFiles files,
      HouseReading reading,
      PackageStore packages,
      PictureStore pictures,
      SmallPictures small,
      FontShelves fonts,
      FontsAhead fontsAhead) {
    this.fonts = fonts;
    this.fontsAhead = fontsAhead;
    this.houses = houses;
    this.changes = changes;
    this.touches = touches;
    this.files = files;
    this.reading = reading;
    this.packages = packages;
    this.pictures = pictures;
    this.small = small;
  }

  /**
   * @param packages names of those that follow it
   */
  record HouseLine(long id, String name, List<String> packages) {}

  /**
   * A house as a package follows it.
   *
   * @param id 0 for a package that follows none; the house has nothing in it then
   * @param revision of the house, which changes are based on
   * @param missingFonts names of font files that it has and whose bytes are not here
   * @param followers all packages that follow it
   * @param undo what the newest change did, which can be taken back; empty for none
   * @param redo what was taken back last; empty for none
   */
  record FollowedHouse(
      long id,
      int revision,
      House house,
      List<String> missingFonts,
      List<PackageSummary> followers,
      String undo,
      String redo) {}

  record NewHouse(String name) {}

  /**
   * @param basedOn the revision of the house that it was made from
   * @param house as it would be
   */
  record ToTouch(int basedOn, House house) {}

  /**
   * @param row of the roster's row that fills the overlay; 0 for none
   */
  record ToLookAtBoth(House house, long overlay, long row) {}

  /**
   * @param keptOut ids of overlays that stay as they are
   */
  record ToChange(int basedOn, House house, List<Long> keptOut) {
    ToChange {
      Require.present(keptOut, "The overlays that are kept out");
      keptOut = List.copyOf(keptOut);
    }
  }

  /**
   * @param house id of the house that is followed from now on; 0 for none
   */
  record ToFollow(long house, List<Long> keptOut) {
    ToFollow {
      Require.present(keptOut, "The overlays that are kept out");
      keptOut = List.copyOf(keptOut);
    }
  }

  record ToTakeMark(String name) {}

  @GetMapping("/houses")
  List<HouseLine> houses() {
    return houses.all().stream()
        .map(
            house ->
                new HouseLine(
                    house.id(),
                    house.name(),
                    houses.followers(house.id()).stream().map(GraphicsPackage::name).toList()))
        .toList();
  }

  @DeleteMapping("/houses/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    houses.delete(id);
  }

  @GetMapping("/packages/{id}/house")
  FollowedHouse followed(@PathVariable long id) {
    fontsAhead.begin(id);
    return present(id);
  }

  private FollowedHouse present(long id) {
    Optional<HouseEntity> house = packages.followedBy(id);
    long houseId = house.map(HouseEntity::id).orElse(0L);
    HouseChanges.History history = changes.history(houseId, id);
    House followed = house.map(HouseEntity::house).orElse(House.NONE);
    List<FontFile> missing = new ArrayList<>(followed.fontFiles());
    missing.removeAll(fonts.here(followed.fontFiles()));
    return new FollowedHouse(
        houseId,
        house.map(HouseEntity::revision).orElse(0),
        followed,
        missing.stream().map(FontFile::file).toList(),
        houses.followers(houseId).stream().map(PackageSummary::of).toList(),
        history.undo(),
        history.redo());
  }

  /** Makes a house with nothing in it, which the package follows from now on. */
  @PostMapping("/packages/{id}/house")
  @ResponseStatus(HttpStatus.CREATED)
  FollowedHouse begin(@PathVariable long id, @RequestBody NewHouse wanted) {
    changes.begin(id, House.named(wanted.name()));
    return present(id);
  }

  /**
   * Changes the house of a package, for all packages that follow it. One that follows none begins
   * one of its own with it.
   */
  @PutMapping("/packages/{id}/house")
  FollowedHouse change(@PathVariable long id, @RequestBody ToChange wanted) {
    Require.present(wanted.house(), "The house");
    if (packages.followedBy(id).isPresent()) {
      changes.change(followedId(id), wanted.basedOn(), wanted.house(), wanted.keptOut());
    } else {
      changes.begin(id, wanted.house());
    }
    return present(id);
  }

  @PostMapping("/packages/{id}/house/undone")
  FollowedHouse undo(@PathVariable long id) {
    changes.undo(packages.followedBy(id).map(HouseEntity::id).orElse(0L), id);
    return present(id);
  }

  @PostMapping("/packages/{id}/house/redone")
  FollowedHouse redo(@PathVariable long id) {
    changes.redo(packages.followedBy(id).map(HouseEntity::id).orElse(0L), id);
    return present(id);
  }

  /** What a change of the package's house would touch, in all packages that follow it. */
  @OnlyComputes
  @PostMapping("/packages/{id}/house/touched")
  List<HouseTouches.TouchedOverlay> touched(@PathVariable long id, @RequestBody ToTouch wanted) {
    Require.present(wanted.house(), "The house");
    HouseEntity house = houses.get(followedId(id), wanted.basedOn());
    return touches.of(houses.followers(house.id()), new HouseChange(house.house(), wanted.house()));
  }

  /** What would be touched if the package followed another house. */
  @OnlyComputes
  @PostMapping("/packages/{id}/house/touched-by/{house}")
  List<HouseTouches.TouchedOverlay> touchedBy(@PathVariable long id, @PathVariable long house) {
    return touches.of(
        List.of(packages.get(id)), new HouseChange(packages.ownHouse(id), houseOrNone(house)));
  }

  /** One overlay, or one of its rows, before and after a change of the house of its package. */
  @OnlyComputes
  @PostMapping("/packages/{id}/house/looks")
  BeforeAndAfter.BothLooks look(@PathVariable long id, @RequestBody ToLookAtBoth wanted) {
    Require.present(wanted.house(), "The house");
    return touches.look(
        new HouseChange(packages.ownHouse(id), wanted.house()), wanted.overlay(), wanted.row());
  }

  record ToDress(Overlay overlay) {}

  /** An overlay that need not be saved, in the present values of its package's house. */
  @OnlyComputes
  @PostMapping("/packages/{id}/house/dressed")
  Overlay dressed(@PathVariable long id, @RequestBody ToDress wanted) {
    return packages.house(id).dressed(Require.present(wanted.overlay(), "The overlay"));
  }

  /** Lets the package follow another house. */
  @PutMapping("/packages/{id}/house/followed")
  FollowedHouse follow(@PathVariable long id, @RequestBody ToFollow wanted) {
    changes.follow(id, Optional.of(wanted.house()).filter(house -> house != 0), wanted.keptOut());
    return present(id);
  }

  @GetMapping("/houses/{id}")
  House house(@PathVariable long id) {
    return houseOrNone(id);
  }

  /** Keeps a picture for the house of a package, to be that of a mark or a texture. */
  @PostMapping(
      path = "/packages/{id}/house/pictures",
      consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  HousePicture addPicture(@PathVariable long id, @RequestPart("file") MultipartFile file)
      throws IOException {
    return houses.addPicture(followedId(id), Uploads.nameOf(file), Uploads.bytes(file));
  }

  /** A picture that a house has, small, on clear ground. */
  @GetMapping(path = "/houses/pictures/{digest}.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> smallPicture(@PathVariable String digest) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
        .body(small.ofContent(digest));
  }

  record TakenPicture(long id, String name) {}

  /** Takes the picture of a mark or a texture in; the package's picture follows it. */
  @PostMapping("/packages/{id}/house/taken")
  @ResponseStatus(HttpStatus.CREATED)
  TakenPicture take(@PathVariable long id, @RequestBody ToTakeMark wanted) {
    Pictured pictured =
        packages
            .house(id)
            .pictured(Require.present(wanted.name(), "The mark to take"))
            .orElseThrow(
                () ->
                    new InvalidInput(
                        Sentence.of("The house has no mark or texture \"%s\".", wanted.name())));
    PictureEntity picture =
        pictures.addOfHouse(
            id, pictured.name(), pictured.picture().file(), houses.content(pictured.picture()));
    return new TakenPicture(picture.id(), picture.name());
  }

  /** What the overlays of the package have of their own, to be taken into its house. */
  @GetMapping("/packages/{id}/house/found")
  HouseFound found(@PathVariable long id) {
    return reading.inOverlays(id);
  }

  /** What a brand sheet or a picture shows; nothing of the file is kept. */
  @OnlyComputes
  @PostMapping(path = "/packages/{id}/house/found", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  HouseFound foundInFile(@PathVariable long id, @RequestPart("file") MultipartFile file)
      throws IOException {
    packages.get(id);
    return reading.inFile(id, Uploads.nameOf(file), Uploads.bytes(file));
  }

  /**
   * @param overlays how many follow it now that did not
   */
  record AdoptedOverlays(int overlays) {}

  /** Lets the overlays of the package follow its house where they look the same already. */
  @PostMapping("/packages/{id}/house/adopted")
  AdoptedOverlays adopt(@PathVariable long id) {
    return new AdoptedOverlays(reading.adopt(id));
  }

  /** The house by itself, as a file. */
  @GetMapping(path = "/packages/{id}/house.zip", produces = "application/zip")
  ResponseEntity<byte[]> export(@PathVariable long id) throws IOException {
    return ResponseEntity.ok().body(files.write(houses.get(followedId(id))));
  }

  /** Takes a house in from a file; no package follows it yet. */
  @PostMapping(path = "/houses", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  HouseLine takeIn(@RequestPart("file") MultipartFile file) throws IOException {
    HouseEntity house = files.read(file.getBytes());
    return new HouseLine(
        house.id(),
        house.name(),
        houses.followers(house.id()).stream().map(GraphicsPackage::name).toList());
  }

  private House houseOrNone(long id) {
    return id == 0 ? House.NONE : houses.get(id).house();
  }

  private Long followedId(long packageId) {
    return packages
        .followedBy(packageId)
        .map(HouseEntity::id)
        .orElseThrow(
            () ->
                new InvalidInput(
                    "The package follows no house yet; begin one, or follow one that is there."));
  }
}
