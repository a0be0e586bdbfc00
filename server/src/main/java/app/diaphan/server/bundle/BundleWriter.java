package app.diaphan.server.bundle;

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

/** Writes a bundle as a zip file: the same bundle always as the same bytes. */
public final class BundleWriter {
  private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

  private BundleWriter() {}

  public static void writeZip(Bundle bundle, OutputStream out) throws IOException {
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      add(
          zip,
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
                      List.copyOf(bundle.clips().keySet())))
              .getBytes(StandardCharsets.UTF_8));
      overlays(zip, BundleReader.OVERLAYS, bundle.overlays());
      overlays(zip, BundleReader.STARTERS, bundle.starters());
      List<String> names = rosters(bundle);
      for (int i = 0; i < names.size(); i++) {
        RosterFile roster = bundle.rosters().get(i);
        String stem = "rosters/" + names.get(i);
        add(
            zip,
            stem + ".json",
            DocumentJson.writeReadable(roster.contents()).getBytes(StandardCharsets.UTF_8));
        add(zip, stem + ".csv", RosterTable.write(roster).getBytes(StandardCharsets.UTF_8));
      }
      for (Map.Entry<String, byte[]> picture : bundle.pictures().entrySet()) {
        add(zip, "pictures/" + picture.getKey(), picture.getValue());
      }
      for (var clip : bundle.clips().entrySet()) {
        for (int i = 0; i < clip.getValue().size(); i++) {
          add(
              zip,
              Sentence.of("backdrops/%s/%02d.jpg", clip.getKey(), i + 1),
              clip.getValue().get(i));
        }
      }
      for (var film : bundle.films().entrySet()) {
        add(zip, "backdrops/" + film.getKey() + "/" + BundleReader.FILM, film.getValue());
      }
    }
  }

  private static void overlays(ZipOutputStream zip, String folder, Map<String, Overlay> overlays)
      throws IOException {
    for (var overlay : overlays.entrySet()) {
      String json = DocumentJson.writeReadable(overlay.getValue());
      add(zip, folder + overlay.getKey(), json.getBytes(StandardCharsets.UTF_8));
    }
  }

  private static List<String> rosters(Bundle bundle) {
    List<String> names = new ArrayList<>();
    for (RosterFile roster : bundle.rosters()) {
      String stem = FileName.from(roster.roster().name());
      String name = stem;
      for (int i = 2; names.contains(name); i++) {
        name = stem + "-" + i;
      }
      names.add(name);
    }
    return names;
  }

  private static void add(ZipOutputStream zip, String name, byte[] content) throws IOException {
    ZipEntry entry = new ZipEntry(name);
    entry.setTimeLocal(NO_TIME);
    zip.putNextEntry(entry);
    zip.write(content);
    zip.closeEntry();
  }
}
