package app.diaphan.server.store;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.cutout.Ground;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.house.FinishSet;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.VectorPicture;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.picture.DecodedPictures;
import app.diaphan.server.picture.FileTrial;
import app.diaphan.server.picture.PostScript;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps the pictures of packages. */
@Service
public class PictureStore {
  private final Pictures pictures;
  private final PictureContents contents;
  private final Overlays overlays;
  private final Starters starters;
  private final Packages packages;
  private final Houses houses;
  private final DecodedPictures decoded;
  private final FileTrial trial;
  private final PostScript postScript;
  private final TransactionTemplate transaction;

  /** Held until what was kept can be seen by the next: names and bytes are there once. */
  private final ReentrantLock keeping = new ReentrantLock();

  PictureStore(
      Pictures pictures,
      PictureContents contents,
      Overlays overlays,
      Starters starters,
      Packages packages,
      Houses houses,
      DecodedPictures decoded,
      FileTrial trial,
      PostScript postScript,
      PlatformTransactionManager transactions) {
    this.pictures = pictures;
    this.contents = contents;
    this.overlays = overlays;
    this.starters = starters;
    this.packages = packages;
    this.houses = houses;
    this.decoded = decoded;
    this.trial = trial;
    this.postScript = postScript;
    transaction = new TransactionTemplate(transactions);
  }

  public List<PictureEntity> of(Long packageId) {
    return pictures.findByPackageIdOrderByName(packageId);
  }

  public PictureEntity get(Long id) {
    return pictures.findById(id).orElseThrow(() -> new Missing("picture", id));
  }

  public byte[] content(PictureEntity picture) {
    return contents.findById(picture.sha256()).orElseThrow().content();
  }

  public PictureFacts facts(PictureEntity picture) {
    return picture
        .facts()
        .map(json -> DocumentJson.read(json, PictureFacts.class, "What is known of the picture"))
        .orElseGet(
            () -> factsOf(decoded.file(picture.name(), picture.sha256(), () -> content(picture))));
  }

  /** What of the package shows each picture: overlays by name, own starters and finish sets. */
  public Map<String, List<String>> uses(Long packageId) {
    Map<String, List<String>> uses = new LinkedHashMap<>();
    for (OverlayEntity entity : overlays.findByPackageIdOrderById(packageId)) {
      Overlay overlay = PackageStore.documentOf(entity);
      addUses(PictureNames.in(overlay.stack()), overlay.name(), uses);
    }
    for (StarterEntity starter : starters.findByPackageIdOrderById(packageId)) {
      Set<String> names = PictureNames.in(starter.overlay().stack());
      addUses(names, "the starter " + starter.name(), uses);
    }
    House house =
        packages
            .findById(packageId)
            .flatMap(GraphicsPackage::houseId)
            .flatMap(houses::findById)
            .map(HouseEntity::house)
            .orElse(House.NONE);
    for (FinishSet set : house.finishSets()) {
      addUses(PictureNames.inFinishes(set.finishes()), "the finish set " + set.name(), uses);
    }
    return uses;
  }

  private static void addUses(Set<String> names, String user, Map<String, List<String>> uses) {
    for (String name : names) {
      uses.computeIfAbsent(name, key -> new ArrayList<>()).add(user);
    }
  }

  /**
   * Takes a picture in. If the package has the same bytes already, under whatever name, it is that
   * picture; a name that is taken by others is numbered.
   */
  public PictureEntity add(Long packageId, String name, byte[] bytes) {
    Read read = read(name, bytes);
    return keeping(
        () ->
            pictures
                .findFirstByPackageIdAndSha256OrderById(packageId, read.digest())
                .orElseGet(() -> keep(new PictureEntity(packageId, free(packageId, name)), read)));
  }

  /** Takes a picture in under just this name, which no other has. */
  public PictureEntity addAs(Long packageId, String name, byte[] bytes) {
    Read read = read(name, bytes);
    return keeping(() -> keep(new PictureEntity(packageId, name), read));
  }

  /** A picture that was read whole, so that nothing that is cut short is kept. */
  private record Read(String digest, byte[] bytes, PictureFile file) {}

  private Read read(String name, byte[] given) {
    FileName.check(name);
    byte[] bytes = PostScript.is(given) ? postScript.asPdf(name, given) : given;
    String digest = Digest.of(bytes);
    if (!contents.existsById(digest)) {
      trial.check(name, bytes);
    }
    return new Read(digest, bytes, decoded.file(name, digest, () -> bytes));
  }

  /** Does it while nobody else keeps a picture, until all of the transaction is done. */
  private <T> T keeping(Supplier<T> work) {
    return transaction.execute(
        status -> {
          keeping.lock();
          TransactionSynchronizationManager.registerSynchronization(
              new TransactionSynchronization() {
                @Override
                public void afterCompletion(int how) {
                  keeping.unlock();
                }
              });
          return work.get();
        });
  }

  private String free(Long packageId, String name) {
    return FileName.free(
        name, other -> pictures.findByPackageIdAndName(packageId, other).isPresent());
  }

  /**
   * Takes a picture of the house in: from now on it is as the house has it.
   *
   * @param follows the name of the house's mark or texture
   */
  public PictureEntity addOfHouse(Long packageId, String follows, String name, byte[] bytes) {
    return keeping(
        () ->
            of(packageId).stream()
                .filter(picture -> picture.follows().equals(follows))
                .findFirst()
                .orElseGet(
                    () -> {
                      PictureEntity added = add(packageId, name, bytes);
                      added.follow(follows);
                      return pictures.saveAndFlush(added);
                    }));
  }

  /**
   * Shows what is kept already.
   *
   * @param digest of its bytes
   */
  public void show(PictureEntity picture, String digest) {
    Read read = read(picture.name(), content(digest));
    keeping(() -> keep(picture, read));
  }

  /** Takes a picture away if nothing shows it any longer. */
  public void deleteUnused(Long packageId, String name) {
    keeping(
        () -> {
          boolean used = uses(packageId).containsKey(name);
          pictures
              .findByPackageIdAndName(packageId, name)
              .filter(one -> !used)
              .ifPresent(pictures::delete);
          pictures.flush();
          return used;
        });
  }

  /** Says what of the house a picture shows from now on; nothing for an empty name. */
  public void follow(PictureEntity picture, String follows) {
    picture.follow(follows);
    pictures.save(picture);
  }

  /**
   * Adds another name for bytes that are kept already.
   *
   * @return the name that it has
   */
  public String addKept(Long packageId, String name, byte[] bytes) {
    Read read = read(name, bytes);
    return keeping(
        () ->
            of(packageId).stream()
                .filter(other -> other.sha256().equals(read.digest()))
                .filter(other -> other.follows().isEmpty())
                .findFirst()
                .orElseGet(() -> keep(new PictureEntity(packageId, free(packageId, name)), read))
                .name());
  }

  /** Reads a picture of which nothing is kept. */
  public PictureFile look(String name, byte[] bytes) {
    return read(name, bytes).file();
  }

  /**
   * Looks at bytes and keeps them for a house.
   *
   * @return their digest
   */
  public String keepContent(String name, byte[] bytes) {
    Read read = read(name, bytes);
    return keeping(
        () -> {
          keepBytes(read);
          return read.digest();
        });
  }

  /** Keeps bytes that are no picture, which somebody has looked at. */
  public void keepBytes(String digest, byte[] bytes) {
    keeping(
        () -> {
          if (!contents.existsById(digest)) {
            contents.saveAndFlush(new PictureContent(digest, bytes));
          }
          return digest;
        });
  }

  public byte[] content(String digest) {
    return contents
        .findById(digest)
        .orElseThrow(() -> new Missing("There is no file of this content."))
        .content();
  }

  /**
   * Shows other bytes under a picture's name, wherever it is used. It follows the house no longer.
   */
  public PictureEntity replace(Long id, byte[] bytes) {
    Read read = read(get(id).name(), bytes);
    return keeping(
        () -> {
          PictureEntity own = get(id);
          own.follow("");
          PictureEntity replaced = keep(own, read);
          pictures.flush();
          contents.deleteUnused();
          return replaced;
        });
  }

  /**
   * @throws InvalidInput if an overlay shows it
   */
  public void delete(Long id) {
    keeping(
        () -> {
          deleteUnlessUsed(get(id));
          return id;
        });
  }

  private void deleteUnlessUsed(PictureEntity picture) {
    List<String> users = uses(picture.packageId()).getOrDefault(picture.name(), List.of());
    if (!users.isEmpty()) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is shown by %s and was not taken away; show another picture there first.",
              picture.name(), String.join(", ", users)));
    }
    pictures.delete(picture);
    pictures.flush();
    contents.deleteUnused();
  }

  /**
   * Takes pictures of another package in, unless this one has them.
   *
   * @param names those wanted; what the other package does not have is passed over
   * @return for each name the one it has here
   */
  @Transactional
  public Map<String, String> copy(Long from, Long to, Collection<String> names) {
    Map<String, String> here = new LinkedHashMap<>();
    for (String name : names) {
      pictures
          .findByPackageIdAndName(from, name)
          .ifPresent(picture -> here.put(name, copied(picture, to).name()));
    }
    return here;
  }

  /** What followed the house does so here as well, where nothing does yet. */
  private PictureEntity copied(PictureEntity picture, Long to) {
    PictureEntity here = add(to, picture.name(), content(picture));
    boolean first = of(to).stream().noneMatch(other -> other.follows().equals(picture.follows()));
    if (here.follows().isEmpty() && first) {
      follow(here, picture.follows());
    }
    return here;
  }

  private PictureEntity keep(PictureEntity picture, Read read) {
    keepBytes(read);
    PictureFile file = read.file();
    picture.show(
        file.format(),
        file.picture().ownWidth(),
        file.picture().ownHeight(),
        read.digest(),
        DocumentJson.write(factsOf(file)));
    return pictures.saveAndFlush(picture);
  }

  private void keepBytes(Read read) {
    if (!contents.existsById(read.digest())) {
      contents.saveAndFlush(new PictureContent(read.digest(), read.bytes()));
    }
  }

  private static PictureFacts factsOf(PictureFile file) {
    return switch (file.picture()) {
      case RasterPicture raster ->
          new PictureFacts(
              List.of(new PictureFacts.Page(raster.width(), raster.height())),
              file.bits(),
              file.profile(),
              file.alpha(),
              raster.hasAlpha() && file.alpha() == PictureFile.AlphaFound.USED
                  ? 0
                  : Ground.ofBorder(raster).flatShare(),
              List.of(),
              file.notes());
      case VectorPicture vector ->
          new PictureFacts(
              IntStream.rangeClosed(1, vector.pageCount())
                  .mapToObj(vector::page)
                  .map(page -> new PictureFacts.Page(page.ownWidth(), page.ownHeight()))
                  .toList(),
              0,
              "",
              file.alpha(),
              0,
              vector.colours().stream().map(Object::toString).toList(),
              file.notes());
    };
  }
}
