package app.diaphan.server.house;

import app.diaphan.core.house.Adopted;
import app.diaphan.core.house.House;
import app.diaphan.core.house.reading.FileRead;
import app.diaphan.core.house.reading.HouseFound;
import app.diaphan.core.house.reading.OverlaysRead;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.font.FontShelves;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureStore;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds what could become a house, and lets overlays follow one that they look like already. */
@Service
public class HouseReading {
  private final PackageStore packages;
  private final PictureStore pictures;
  private final FontShelves fonts;

  HouseReading(PackageStore packages, PictureStore pictures, FontShelves fonts) {
    this.fonts = fonts;
    this.packages = packages;
    this.pictures = pictures;
  }

  /** What the overlays of a package have of their own. */
  public HouseFound inOverlays(Long packageId) {
    return OverlaysRead.of(
        packages.overlaysOf(packageId).stream().map(PackageStore::documentOf).toList(),
        fonts.of(packageId));
  }

  /** What a file shows and names; nothing of it is kept. */
  public HouseFound inFile(Long packageId, String name, byte[] bytes) {
    return FileRead.of(pictures.look(name, bytes), bytes, fonts.of(packageId));
  }

  /**
   * Lets overlays of a package follow its house where they look the same; they are drawn as before.
   *
   * @return how many do that did not
   */
  @Transactional
  public int adopt(Long packageId) {
    House house = packages.house(packageId);
    int count = 0;
    for (OverlayEntity entity : packages.overlaysOf(packageId)) {
      Overlay before = PackageStore.documentOf(entity);
      Overlay after = Adopted.of(before, house);
      if (!after.equals(before)) {
        packages.save(entity.id(), entity.revision(), after);
        count++;
      }
    }
    return count;
  }
}
