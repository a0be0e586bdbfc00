package app.diaphan.server.deliver;

import app.diaphan.core.Digest;
import app.diaphan.core.font.shelf.FontFamily;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.house.Unnamed;
import app.diaphan.core.overlay.Families;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.core.targets.PlannedFile;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.program.ProgramVersion;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** A digest of all that decides a delivered file, by which it is known whether anything changed. */
final class MadeFrom {
  private MadeFrom() {}

  /**
   * What draws and writes, which can bring another file out of the same overlay.
   *
   * @param program its version
   * @param fonts a digest of those it ships with
   */
  record Makers(String program, String fonts) {
    static Makers current() {
      return new Makers(ProgramVersion.NUMBER, ShippedFonts.version());
    }
  }

  /**
   * @param pictures digests of the package's pictures by name
   * @param fonts that the package has
   */
  static String of(
      PlannedFile planned, Map<String, String> pictures, FontShelf fonts, Makers makers) {
    // What is said of other targets changes nothing here, nor do the names of what is followed.
    Overlay overlay = Unnamed.of(planned.overlay().withForTargets(List.of()));
    Map<String, String> used = new TreeMap<>(pictures);
    used.keySet().retainAll(PictureNames.in(overlay.stack()));
    return Digest.of(
        (DocumentJson.write(overlay)
                + DocumentJson.write(planned.target().of(planned.overlay()))
                + planned.name()
                + makers.program()
                + makers.fonts()
                + ownFonts(overlay, fonts)
                + DocumentJson.write(used))
            .getBytes(StandardCharsets.UTF_8));
  }

  /** Of families that do not ship; empty where there are none. */
  private static String ownFonts(Overlay overlay, FontShelf fonts) {
    return Families.in(overlay.stack()).stream()
        .flatMap(family -> fonts.find(family).stream())
        .map(FontFamily::identity)
        .collect(Collectors.joining());
  }
}
