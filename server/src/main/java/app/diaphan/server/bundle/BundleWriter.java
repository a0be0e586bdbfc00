package app.diaphan.server.bundle;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.json.DocumentJson;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Writes a bundle as a zip file: the same bundle always as the same bytes. Its parts are read one
 * after another.
 */
public final class BundleWriter {
  private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

  private final ZipOutputStream zip;
  private final BundleLimits limits = new BundleLimits();

  private BundleWriter(ZipOutputStream zip) {
    this.zip = zip;
  }

  /**
   * @throws InvalidInput if it has more than a reader takes in
   */
  public static void writeZip(Bundle bundle, OutputStream out) throws IOException {
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      new BundleWriter(zip).write(bundle);
    }
  }

  private void write(Bundle bundle) throws IOException {
    add(
        "package.json",
        DocumentJson.writeReadable(
                new BundleContents(
                    BundleContents.FORMAT,
                    BundleContents.VERSION,
                    bundle.name(),
                    bundle.house(),
                    bundle.targets().targets(),
                    bundle.checksLeftOut(),
                    List.copyOf(bundle.overlays().keySet()),
                    List.copyOf(bundle.starters().keySet()),
                    rosters(bundle),
                    cueLists(bundle),
                    bundle.following(),
                    List.copyOf(bundle.clips().keySet())))
            .getBytes(StandardCharsets.UTF_8));
    overlays(BundleReader.OVERLAYS, bundle.overlays());
    overlays(BundleReader.STARTERS, bundle.starters());
    List<String> names = rosters(bundle);
    for (int i = 0; i < names.size(); i++) {
      RosterFile roster = bundle.rosters().get(i);
      String stem = "rosters/" + names.get(i);
      add(
          stem + ".json",
          DocumentJson.writeReadable(roster.contents()).getBytes(StandardCharsets.UTF_8));
      add(stem + ".csv", RosterTable.write(roster).getBytes(StandardCharsets.UTF_8));
    }
    List<String> cueNames = cueLists(bundle);
    for (int i = 0; i < cueNames.size(); i++) {
      add(
          "cues/" + cueNames.get(i) + ".json",
          DocumentJson.writeReadable(bundle.cueLists().get(i)).getBytes(StandardCharsets.UTF_8));
    }
    for (Map.Entry<String, BundlePart> picture : bundle.housePictures().entrySet()) {
      add(BundleReader.HOUSE + picture.getKey(), picture.getValue().bytes());
    }
    for (Map.Entry<String, BundlePart> font : bundle.houseFonts().entrySet()) {
      add(BundleReader.FONTS + font.getKey(), font.getValue().bytes());
    }
    for (Map.Entry<String, BundlePart> picture : bundle.pictures().entrySet()) {
      add("pictures/" + picture.getKey(), picture.getValue().bytes());
    }
    for (var clip : bundle.clips().entrySet()) {
      for (int i = 0; i < clip.getValue().size(); i++) {
        add(
            Sentence.of("backdrops/%s/%02d.jpg", clip.getKey(), i + 1),
            clip.getValue().get(i).bytes());
      }
    }
    for (var film : bundle.films().entrySet()) {
      add("backdrops/" + film.getKey() + "/" + BundleReader.FILM, film.getValue().bytes());
    }
  }

  private void overlays(String folder, Map<String, Overlay> overlays) throws IOException {
    for (var overlay : overlays.entrySet()) {
      String json = DocumentJson.writeReadable(overlay.getValue());
      add(folder + overlay.getKey(), json.getBytes(StandardCharsets.UTF_8));
    }
  }

  private static List<String> rosters(Bundle bundle) {
    return names(bundle.rosters().stream().map(file -> file.roster().name()).toList());
  }

  private static List<String> cueLists(Bundle bundle) {
    return names(bundle.cueLists().stream().map(CueFile::name).toList());
  }

  /** Names of files for things that are called so, each once. */
  private static List<String> names(List<String> things) {
    List<String> names = new ArrayList<>();
    for (String thing : things) {
      String stem = FileName.from(thing);
      String name = stem;
      for (int i = 2; names.contains(name); i++) {
        name = stem + "-" + i;
      }
      names.add(name);
    }
    return names;
  }

  private void add(String name, byte[] content) throws IOException {
    limits.add(name, content.length);
    ZipEntry entry = new ZipEntry(name);
    entry.setTimeLocal(NO_TIME);
    zip.putNextEntry(entry);
    zip.write(content);
    zip.closeEntry();
  }
}
