package app.diaphan.server.bundle;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The demo's bundle, where the program was started with one beside it. */
@Component
public class DemoBundle {
  private final Optional<Path> folder;

  DemoBundle(@Value("${diaphan.demo:}") String folder) {
    this.folder =
        Optional.of(folder)
            .filter(given -> !given.isBlank())
            .map(Path::of)
            .filter(Files::isDirectory);
  }

  public boolean there() {
    return folder.isPresent();
  }

  /** Nothing if there is none. */
  public Optional<Bundle> read() throws IOException {
    return folder.isPresent() ? Optional.of(BundleReader.read(folder.get())) : Optional.empty();
  }
}
