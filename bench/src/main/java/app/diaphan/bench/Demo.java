package app.diaphan.bench;

import app.diaphan.core.memory.RecentMemory;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.render.Renderer;
import app.diaphan.server.bundle.Bundle;
import app.diaphan.server.bundle.BundleFonts;
import app.diaphan.server.bundle.BundleReader;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** The demo package, read once. */
record Demo(Path root, Bundle bundle, Map<String, Picture> pictures) {
  static Demo read(Path root) throws IOException {
    Bundle bundle = BundleReader.read(root.resolve("demo/lantern-reach-regatta"));
    Map<String, Picture> pictures = new HashMap<>();
    bundle
        .pictures()
        .forEach((name, file) -> pictures.put(name, PictureReader.read(name, file.bytes())));
    return new Demo(root, bundle, pictures);
  }

  Overlay lowerThird() {
    return bundle.overlays().get("skipper-lower-third.json");
  }

  /**
   * @param memory bytes that painted pieces may keep
   */
  Renderer renderer(long memory) {
    return new Renderer(
        BundleFonts.of(bundle),
        name -> Optional.ofNullable(pictures.get(name)),
        new RecentMemory(memory));
  }
}
