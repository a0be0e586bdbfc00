package app.diaphan.server.font;

import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.house.House;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.server.memory.MemoryBudget;
import app.diaphan.server.store.HouseEntity;
import app.diaphan.server.store.Houses;
import app.diaphan.server.store.Packages;
import app.diaphan.server.store.PictureContents;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Service;

/** The fonts that packages and houses have: those that ship, and the house's own before them. */
@Service
public class FontShelves {
  /** What a shelf takes without the fonts on it, which have a bound of their own. */
  private static final long SHELF_BYTES = 8192;

  private final Packages packages;
  private final Houses houses;
  private final PictureContents contents;
  private final Remembered<Followed, List<FontFile>> followed;
  private final Remembered<List<FontFile>, FontShelf> shelves;

  /** Files may come that a house was waiting for; what was known then counts no more. */
  private final AtomicInteger taken = new AtomicInteger();

  private record Followed(long house, int revision, int taken) {}

  FontShelves(Packages packages, Houses houses, PictureContents contents, MemoryBudget budget) {
    this.packages = packages;
    this.houses = houses;
    this.contents = contents;
    followed = budget.remembered().kind(Memory::bytesOf, Memory::bytesOf);
    shelves = budget.remembered().kind(Memory::bytesOf, shelf -> SHELF_BYTES);
  }

  /** What a package's overlays can be set in. */
  public FontShelf of(Long packageId) {
    return of(filesOf(packageId));
  }

  /** What overlays that follow a house can be set in. */
  public FontShelf of(House house) {
    return of(here(house.fontFiles()));
  }

  /** The same shelf for the same files, as long as it is remembered. */
  public FontShelf of(List<FontFile> filesThatAreHere) {
    return shelves.of(
        filesThatAreHere,
        () ->
            ShippedFonts.shelf()
                .with(
                    filesThatAreHere, digest -> contents.findById(digest).orElseThrow().content()));
  }

  /** The files of a package's house whose bytes are here. */
  public List<FontFile> filesOf(Long packageId) {
    return packages
        .followed(packageId)
        .map(
            line ->
                followed.of(
                    new Followed(line.getId(), line.getRevision(), taken.get()),
                    () ->
                        here(
                            houses
                                .findById(line.getId())
                                .map(HouseEntity::house)
                                .orElse(House.NONE)
                                .fontFiles())))
        .orElse(List.of());
  }

  /** Of a house's files those whose bytes are here. */
  public List<FontFile> here(List<FontFile> files) {
    return files.stream().filter(file -> contents.existsById(file.content())).toList();
  }

  /** Says that files came, so that houses are asked anew what they have. */
  void filesCame() {
    taken.incrementAndGet();
  }
}
