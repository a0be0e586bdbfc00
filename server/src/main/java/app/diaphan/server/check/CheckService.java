package app.diaphan.server.check;

import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Found;
import app.diaphan.core.check.ProofChecks;
import app.diaphan.core.check.Still;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.StillEntity;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Makes the checks of the proof over the stills of a package. */
@Service
public class CheckService {
  private static final long STILL_BYTES = 400L << 20;

  private final PackageStore store;
  private final DrawingService drawings;

  /** A still never changes. */
  private final Cache<Long, RasterPicture> decoded =
      Caffeine.newBuilder()
          .maximumWeight(STILL_BYTES)
          .weigher((Long id, RasterPicture picture) -> picture.pixels().length * Float.BYTES)
          .build();

  CheckService(PackageStore store, DrawingService drawings) {
    this.store = store;
    this.drawings = drawings;
  }

  public List<Found> check(Long packageId, Overlay overlay) {
    List<Still> stills =
        store.stillsOf(packageId).stream()
            .map(still -> new Still(StillNames.of(still.clip(), still.position()), picture(still)))
            .toList();
    Set<CheckKind> wanted = EnumSet.allOf(CheckKind.class);
    wanted.removeAll(store.checksLeftOut(packageId));
    return ProofChecks.of(
        drawings.rendererFor(packageId), overlay, stills, store.targets(packageId), wanted);
  }

  private RasterPicture picture(StillEntity still) {
    return decoded.get(
        still.id(), id -> (RasterPicture) PictureReader.read(still.clip(), still.content()));
  }
}
