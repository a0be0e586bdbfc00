package app.diaphan.server.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.file.FontFiles;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseOriginal;
import app.diaphan.core.house.HousePicture;
import app.diaphan.server.font.FontStore;
import app.diaphan.server.store.GraphicsPackage;
import app.diaphan.server.store.HouseEntity;
import app.diaphan.server.store.HousePictureEntity;
import app.diaphan.server.store.HousePictures;
import app.diaphan.server.store.Houses;
import app.diaphan.server.store.Missing;
import app.diaphan.server.store.Packages;
import app.diaphan.server.store.PictureContents;
import app.diaphan.server.store.PictureStore;
import app.diaphan.server.store.StaleSave;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps houses and their pictures. */
@Service
public class HouseStore {
  private final Houses houses;
  private final HousePictures kept;
  private final Packages packages;
  private final PictureStore pictures;
  private final PictureContents contents;
  private final FontStore fonts;

  HouseStore(
      Houses houses,
      HousePictures kept,
      Packages packages,
      PictureStore pictures,
      PictureContents contents,
      FontStore fonts) {
    this.fonts = fonts;
    this.houses = houses;
    this.kept = kept;
    this.packages = packages;
    this.pictures = pictures;
    this.contents = contents;
  }

  /** By name. */
  public List<HouseEntity> all() {
    return houses.findAllByOrderByName();
  }

  public HouseEntity get(Long id) {
    return houses.findById(id).orElseThrow(() -> new Missing("house", id));
  }

  /**
   * A house as it is known where it is changed.
   *
   * @throws StaleSave if it was changed from elsewhere meanwhile
   */
  public HouseEntity get(Long id, int revision) {
    HouseEntity house = get(id);
    if (house.revision() != revision) {
      throw new StaleSave(house.name(), house.revision());
    }
    return house;
  }

  /** The packages that follow a house, by name. */
  public List<GraphicsPackage> followers(Long id) {
    return packages.findByHouseIdOrderByName(id);
  }

  /**
   * @throws InvalidInput if another house has the name
   */
  @Transactional
  public HouseEntity create(House house) {
    checkName(house.name(), Optional.empty());
    return houses.saveAndFlush(new HouseEntity(house));
  }

  /**
   * @param own the house that may have the name
   */
  void checkName(String name, Optional<Long> own) {
    for (HouseEntity other : all()) {
      if (other.name().equalsIgnoreCase(name) && !Optional.of(other.id()).equals(own)) {
        throw new InvalidInput(
            Sentence.of(
                "There is a house named \"%s\" already; follow that one, or give this one another name.",
                other.name()));
      }
    }
  }

  /** A name that no house has: this one, or with a number behind it. */
  String free(String name) {
    List<String> taken = all().stream().map(HouseEntity::name).toList();
    String free = name;
    for (int i = 2; taken.stream().anyMatch(free::equalsIgnoreCase); i++) {
      free = name + " (" + i + ")";
    }
    return free;
  }

  /**
   * Takes a house in that came in a file. One that is here already, the same in all, is not taken
   * in twice.
   *
   * @param files the pictures by the names of their files
   * @param letters the font files by their names; those that are not among them stay missing
   */
  @Transactional
  public HouseEntity takeIn(House said, Map<String, byte[]> files, Map<String, byte[]> letters) {
    House house = told(said, letters);
    Optional<HouseEntity> same =
        all().stream()
            .filter(one -> one.house().withName(house.name()).equals(house))
            .filter(one -> one.name().startsWith(house.name()))
            .findFirst();
    if (same.isPresent()) {
      addFonts(same.get().id(), house, letters);
      return same.get();
    }
    HouseEntity entity = create(house.withName(free(house.name())));
    for (HousePicture wanted : new LinkedHashSet<>(house.pictures())) {
      byte[] bytes = files.get(wanted.file());
      if (bytes == null) {
        throw new InvalidInput(
            Sentence.of(
                "The file says that the house \"%s\" has a picture \"%s\", but does not have it; nothing was taken in.",
                house.name(), wanted.file()));
      }
      HousePicture taken = addPicture(entity.id(), wanted.file(), bytes);
      if (!taken.content().equals(wanted.content())) {
        throw new InvalidInput(
            Sentence.of(
                "The picture \"%s\" of the house \"%s\" is not the one that the file says it has; nothing was taken in.",
                wanted.file(), house.name()));
      }
    }
    addFonts(entity.id(), house, letters);
    return entity;
  }

  /** What font files say of themselves counts, not what is said of them. */
  private static House told(House said, Map<String, byte[]> letters) {
    List<FontFile> files =
        said.fontFiles().stream()
            .map(
                file -> {
                  byte[] bytes = letters.get(file.file());
                  return bytes == null ? file : file.toldAs(FontFiles.read(file.file(), bytes));
                })
            .toList();
    return said.withFontFiles(files);
  }

  private void addFonts(Long id, House house, Map<String, byte[]> letters) {
    for (FontFile file : house.fontFiles()) {
      if (letters.containsKey(file.file())) {
        addFont(id, file.file(), letters.get(file.file()));
      } else if (contents.existsById(file.content())) {
        keepFor(id, file.content()); // It is here because of another house, which may go.
      }
    }
  }

  /** Tries a font's file and keeps it for a house. */
  @Transactional
  public FontFile addFont(Long id, String name, byte[] bytes) {
    get(id);
    FontFile file = fonts.keep(name, bytes);
    keepFor(id, file.content());
    return file;
  }

  /** Keeps what is here already for a house too. */
  void keepFor(Long id, String content) {
    if (!kept.existsByHouseIdAndSha256(id, content)) {
      kept.saveAndFlush(new HousePictureEntity(id, content));
    }
  }

  /** Keeps a picture for a house, to be that of one of its marks or textures. */
  @Transactional
  public HousePicture addPicture(Long id, String name, byte[] bytes) {
    get(id);
    HousePicture picture = new HousePicture(name, pictures.keepContent(name, bytes));
    keepFor(id, picture.content());
    return picture;
  }

  public byte[] content(HousePicture picture) {
    return pictures.content(picture.content());
  }

  /**
   * @param before what it was; a font file that it had may be missing since
   * @throws InvalidInput if it has a picture or a font that was not taken in for it
   */
  void checkFiles(Long id, House before, House house) {
    for (FontFile file : house.fontFiles()) {
      if (before.fontFiles().stream().noneMatch(file::hasTheFontsOf)) {
        fonts.check(file);
        keepFor(id, file.content());
      }
    }
    for (HousePicture picture : house.pictures()) {
      if (!kept.existsByHouseIdAndSha256(id, picture.content())) {
        throw new InvalidInput(
            Sentence.of(
                "The picture \"%s\" is not among those of the house; choose its file again.",
                picture.file()));
      }
    }
    for (HouseOriginal original : house.originals()) {
      if (!original.missingPictures().isEmpty()) {
        throw new InvalidInput(
            Sentence.of(
                "The picture \"%s\" of the original \"%s\" is not here; show another one there first.",
                original.missingPictures().iterator().next(), original.name()));
      }
    }
  }

  /**
   * @throws InvalidInput if a package follows it
   */
  @Transactional
  public void delete(Long id) {
    HouseEntity house = get(id);
    List<String> followers = followers(id).stream().map(GraphicsPackage::name).toList();
    if (!followers.isEmpty()) {
      throw new InvalidInput(
          Sentence.of(
              "The house \"%s\" is followed by %s and was not taken away; let them follow another one first.",
              house.name(), String.join(", ", followers)));
    }
    packages.leave(id);
    houses.delete(house);
    houses.flush();
    contents.deleteUnused();
  }
}
