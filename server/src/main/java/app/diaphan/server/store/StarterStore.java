package app.diaphan.server.store;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.core.overlay.reframe.OverlayCopy;
import app.diaphan.server.json.DocumentJson;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps a package's own starters. */
@Service
public class StarterStore {
  private final PackageStore packages;
  private final Packages packageRows;
  private final PictureStore pictures;
  private final Starters starters;

  StarterStore(
      PackageStore packages, Packages packageRows, PictureStore pictures, Starters starters) {
    this.packages = packages;
    this.packageRows = packageRows;
    this.pictures = pictures;
    this.starters = starters;
  }

  /** In the order in which they were kept. */
  public List<StarterEntity> of(Long packageId) {
    packages.get(packageId);
    return starters.findByPackageIdOrderById(packageId);
  }

  /** Those of the other packages that follow the same house, by package. */
  public List<StarterEntity> ofHouse(Long packageId) {
    return packages
        .get(packageId)
        .houseId()
        .map(packageRows::findByHouseIdOrderByName)
        .orElse(List.of())
        .stream()
        .filter(other -> !other.id().equals(packageId))
        .flatMap(other -> starters.findByPackageIdOrderById(other.id()).stream())
        .toList();
  }

  /**
   * A starter of another package, with its pictures taken into this one.
   *
   * @param overlay the starter on the frame that it is begun on
   * @return the same with the names that its pictures have here
   */
  @Transactional
  public Overlay takenInto(Long packageId, Long starter, Overlay overlay) {
    StarterEntity entity =
        starters.findById(starter).orElseThrow(() -> new Missing("starter", starter));
    Map<String, String> names =
        pictures.copy(entity.packageId(), packageId, PictureNames.in(overlay.stack()));
    return overlay.withStack(PictureNames.replaced(overlay.stack(), names));
  }

  /**
   * Keeps an overlay as it is saved now; what becomes of it later does not touch the starter.
   *
   * @return named as the overlay, with a number behind it if there is one of that name
   */
  @Transactional
  public StarterEntity keep(Long overlayId) {
    OverlayEntity entity = packages.overlay(overlayId);
    List<String> taken = of(entity.packageId()).stream().map(StarterEntity::name).toList();
    Overlay overlay = PackageStore.documentOf(entity);
    return add(
        entity.packageId(),
        taken.contains(overlay.name())
            ? OverlayCopy.of(overlay, overlay.frame(), OverlayCopy.Lengths.STAY, taken)
            : overlay);
  }

  @Transactional
  public StarterEntity add(Long packageId, Overlay overlay) {
    packages.get(packageId);
    return starters.save(
        new StarterEntity(packageId, overlay.name(), DocumentJson.writeKept(overlay)));
  }

  /** The starter with its package's present finish sets on what follows them. */
  public Overlay dressed(StarterEntity starter) {
    return packages.house(starter.packageId()).dressed(starter.overlay());
  }

  @Transactional
  public void delete(Long id) {
    starters.delete(starters.findById(id).orElseThrow(() -> new Missing("starter", id)));
  }
}
