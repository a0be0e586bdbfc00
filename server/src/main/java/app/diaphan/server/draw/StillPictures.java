package app.diaphan.server.draw;

import app.diaphan.core.picture.RasterPicture;
import app.diaphan.server.picture.DecodedPictures;
import app.diaphan.server.store.PackageStore;
import org.springframework.stereotype.Component;

/** The pictures of stills, read only if they are not remembered: no still ever changes. */
@Component
public class StillPictures {
  private final PackageStore packages;
  private final DecodedPictures decoded;

  StillPictures(PackageStore packages, DecodedPictures decoded) {
    this.packages = packages;
    this.decoded = decoded;
  }

  /**
   * @throws app.diaphan.server.store.Missing if there is no such still
   */
  public RasterPicture of(Long id) {
    String name = "still " + id;
    return (RasterPicture) decoded.file(name, name, () -> packages.still(id).content()).picture();
  }
}
