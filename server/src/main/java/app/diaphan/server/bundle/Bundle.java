package app.diaphan.server.bundle;

import app.diaphan.core.check.CheckKind;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.targets.TargetList;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A package in the open project format.
 *
 * @param house that it follows; one with nothing in it for none
 * @param housePictures files of the house's marks and textures by name
 * @param houseFonts those of the house's font files by name that go along
 * @param targets its ways of delivering, in order
 * @param checksLeftOut checks that its proof does not make
 * @param overlays by the names of their files, in the package's order
 * @param starters overlays kept as beginnings for others, by the names of their files
 * @param rosters tables whose rows fill its overlays
 * @param cueLists stills at their times
 * @param pictures files by name
 * @param following the names of pictures that follow a mark or a texture of the house, with the
 *     name of that
 * @param clips stills by the name of their clip, in order
 * @param films moving pictures, WebM files, by the name of their clip
 */
public record Bundle(
    String name,
    House house,
    Map<String, BundlePart> housePictures,
    Map<String, BundlePart> houseFonts,
    TargetList targets,
    Set<CheckKind> checksLeftOut,
    Map<String, Overlay> overlays,
    Map<String, Overlay> starters,
    List<RosterFile> rosters,
    List<CueFile> cueLists,
    Map<String, BundlePart> pictures,
    Map<String, String> following,
    Map<String, List<BundlePart>> clips,
    Map<String, BundlePart> films) {

  public Bundle withPictures(Map<String, BundlePart> other) {
    return new Bundle(
        name,
        house,
        housePictures,
        houseFonts,
        targets,
        checksLeftOut,
        overlays,
        starters,
        rosters,
        cueLists,
        other,
        following,
        clips,
        films);
  }
}
