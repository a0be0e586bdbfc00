package app.diaphan.server.bundle;

import app.diaphan.core.check.CheckKind;
import app.diaphan.core.house.House;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.server.json.older.OlderDocuments;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The file {@code package.json} of a bundle.
 *
 * @param format always "diaphan-package"
 * @param version of the format
 * @param house that it follows
 * @param following the names of pictures that follow a mark or a texture of the house, with the
 *     name of that
 * @param targets its ways of delivering, in order
 * @param checksLeftOut checks that its proof does not make
 * @param overlays file names in {@code overlays/}
 * @param starters file names in {@code starters/}
 * @param rosters names in {@code rosters/}, each of a table and of what is said about it
 * @param cueLists names in {@code cues/}
 * @param clips folder names in {@code backdrops/}
 */
record BundleContents(
    String format,
    int version,
    String name,
    House house,
    List<NamedTarget> targets,
    Set<CheckKind> checksLeftOut,
    List<String> overlays,
    List<String> starters,
    List<String> rosters,
    List<String> cueLists,
    Map<String, String> following,
    List<String> clips) {
  static final String FORMAT = "diaphan-package";
  static final int VERSION = OlderDocuments.PRESENT;
}
