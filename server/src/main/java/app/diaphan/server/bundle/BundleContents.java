package app.diaphan.server.bundle;

import app.diaphan.core.house.HouseStyle;
import java.util.List;

/**
 * The file {@code package.json} of a bundle.
 *
 * @param format always "diaphan-package"
 * @param version of the format
 * @param house what its overlays share
 * @param overlays file names in {@code overlays/}
 * @param clips folder names in {@code backdrops/}
 */
record BundleContents(
    String format,
    int version,
    String name,
    HouseStyle house,
    List<String> overlays,
    List<String> clips) {
  static final String FORMAT = "diaphan-package";
  static final int VERSION = 5;
}
