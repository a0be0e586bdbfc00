package app.diaphan.server.check;

import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Finding;
import app.diaphan.core.check.ProofChecks;
import app.diaphan.core.check.Still;
import app.diaphan.core.check.house.Brand;
import app.diaphan.core.check.house.HouseChecks;
import app.diaphan.core.memory.Permits;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.roster.Filling;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.draw.StillPictures;
import app.diaphan.server.font.FontShelves;
import app.diaphan.server.memory.MemoryBudget;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureEntity;
import app.diaphan.server.store.PictureStore;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Makes the checks of the proof over the stills of a package. */
@Service
public class CheckService {
  /** Of the overlay's own pixels and of what the checks make of them. */
  private static final long BYTES_PER_PIXEL = 40;

  private final PackageStore store;
  private final PictureStore pictures;
  private final DrawingService drawings;
  private final StillPictures stillPictures;
  private final FontShelves fonts;
  private final Permits work;

  CheckService(
      PackageStore store,
      PictureStore pictures,
      DrawingService drawings,
      StillPictures stillPictures,
      FontShelves fonts,
      MemoryBudget budget) {
    this.fonts = fonts;
    this.store = store;
    this.pictures = pictures;
    this.drawings = drawings;
    this.stillPictures = stillPictures;
    work = budget.work();
  }

  /** All checks that the package makes. */
  public List<Finding> check(Long packageId, Overlay designed) {
    Overlay overlay = Filling.without(designed);
    Set<CheckKind> made = store.checksMade(packageId);
    List<Finding> found = new ArrayList<>(check(packageId, overlay, made));
    found.addAll(HouseChecks.of(drawings.rendererFor(packageId), overlay, brand(packageId), made));
    found.sort(Comparator.comparing((Finding one) -> !one.fails()));
    return found;
  }

  /** The overlay with one thing put right that was found. */
  public Overlay mended(Long packageId, Overlay overlay, CheckKind kind, String piece) {
    return HouseChecks.mended(
        drawings.rendererFor(packageId), overlay, brand(packageId), kind, piece);
  }

  private Brand brand(Long packageId) {
    return new Brand(
        store.house(packageId),
        pictures.of(packageId).stream()
            .filter(picture -> !picture.follows().isEmpty())
            .collect(Collectors.toMap(PictureEntity::name, PictureEntity::follows)),
        fonts.of(packageId));
  }

  /** That words can be read. */
  public List<Finding> legibility(Long packageId, Overlay overlay) {
    return check(packageId, overlay, EnumSet.of(CheckKind.LEGIBILITY));
  }

  private List<Finding> check(Long packageId, Overlay overlay, Set<CheckKind> wanted) {
    List<Still> stills =
        store.stillLinesOf(packageId).stream()
            .map(
                still ->
                    new Still(
                        StillNames.of(still.clip(), still.position()),
                        stillPictures.of(still.id())))
            .toList();
    long pixels = (long) overlay.frame().width() * overlay.frame().height();
    return work.with(
        BYTES_PER_PIXEL * pixels,
        () ->
            ProofChecks.of(
                drawings.rendererFor(packageId),
                overlay,
                stills,
                store.targets(packageId),
                wanted));
  }
}
