package app.diaphan.server;

import java.nio.file.Path;

/** Where everything is kept that must outlive the process. */
public record DataFolder(Path path) {
  public Path deliveries() {
    return path.resolve("deliveries");
  }

  Path database() {
    return path.resolve("diaphan");
  }
}
