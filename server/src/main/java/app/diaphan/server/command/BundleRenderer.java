package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.check.Still;
import app.diaphan.core.memory.RecentMemory;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.render.Renderer;
import app.diaphan.server.bundle.Bundle;
import app.diaphan.server.bundle.BundleFonts;
import app.diaphan.server.bundle.BundlePart;
import app.diaphan.server.check.StillNames;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** Draws the overlays of a bundle without a server. */
final class BundleRenderer {
  private static final long REMEMBERED = Runtime.getRuntime().maxMemory() / 8;

  private BundleRenderer() {}

  static Renderer of(Bundle bundle) {
    Map<String, Picture> decoded = new ConcurrentHashMap<>();
    return new Renderer(
        BundleFonts.of(bundle),
        name ->
            Optional.ofNullable(bundle.pictures().get(name))
                .map(
                    part ->
                        decoded.computeIfAbsent(
                            name, known -> PictureReader.read(known, part.bytes()))),
        new RecentMemory(REMEMBERED));
  }

  /**
   * @param names all if there are none
   * @throws InvalidInput if the bundle does not have one of them
   */
  static List<Overlay> chosen(Bundle bundle, List<String> names) {
    List<Overlay> all = List.copyOf(bundle.overlays().values());
    if (names.isEmpty()) {
      return all;
    }
    List<Overlay> chosen = new ArrayList<>();
    for (String name : names) {
      chosen.add(
          all.stream()
              .filter(overlay -> overlay.name().equals(name))
              .findFirst()
              .orElseThrow(
                  () ->
                      new InvalidInput(
                          Sentence.of(
                              "The bundle has no overlay \"%s\"; it has %s.",
                              name, all.stream().map(Overlay::name).toList()))));
    }
    return chosen;
  }

  /** What the bundle's overlays are judged over. */
  static List<Still> stills(Bundle bundle) {
    List<NamedPart> parts = new ArrayList<>();
    bundle
        .clips()
        .forEach(
            (clip, files) -> {
              for (int i = 0; i < files.size(); i++) {
                parts.add(new NamedPart(clip, i + 1, files.get(i)));
              }
            });
    return parts.parallelStream().map(NamedPart::still).toList();
  }

  private record NamedPart(String clip, int number, BundlePart file) {
    Still still() {
      return new Still(
          StillNames.of(clip, number), (RasterPicture) PictureReader.read(clip, file.bytes()));
    }
  }
}
