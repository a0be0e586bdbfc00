package app.diaphan.server.deliver;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.FileName;
import app.diaphan.server.DataFolder;
import app.diaphan.server.store.GraphicsPackage;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Where a package's files are delivered: in a folder of its own, or in one that was chosen. */
@Service
public class DeliveryFolder {
  /** First steps of paths that lead to what belongs to the system. */
  private static final Set<String> SYSTEM =
      Set.of(
          "bin",
          "boot",
          "dev",
          "etc",
          "lib",
          "lib32",
          "lib64",
          "libx32",
          "proc",
          "run",
          "sbin",
          "sys",
          "usr",
          "System",
          "Library",
          "Windows",
          "Program Files",
          "Program Files (x86)");

  private final PackageStore store;
  private final DataFolder data;

  DeliveryFolder(PackageStore store, DataFolder data) {
    this.store = store;
    this.data = data;
  }

  public Path of(Long packageId) {
    GraphicsPackage graphics = store.get(packageId);
    return graphics
        .deliveredTo()
        .map(Path::of)
        .orElseGet(
            () -> data.deliveries().resolve(packageId + "-" + FileName.from(graphics.name())));
  }

  /**
   * @param wanted a whole path on this computer; empty for the package's own folder
   * @throws InvalidInput if there is no such folder or nothing can be written there
   */
  public Path choose(Long packageId, String wanted) {
    String path = wanted.strip();
    if (path.isEmpty()) {
      store.deliverTo(packageId, "");
    } else {
      store.deliverTo(packageId, usable(path).toString());
    }
    return of(packageId);
  }

  private Path usable(String wanted) {
    Path folder;
    try {
      folder = Path.of(wanted);
    } catch (InvalidPathException e) {
      throw new InvalidInput(Sentence.of("\"%s\" is no path of a folder.", wanted));
    }
    if (!folder.isAbsolute()) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" does not say where it lies; give the whole path of the folder.", wanted));
    }
    if (!Files.isDirectory(folder)) {
      throw new InvalidInput(
          Sentence.of(
              "There is no folder \"%s\" on this computer. Make it first, or choose another.",
              wanted));
    }
    Path real = realPath(folder);
    if (data.path().startsWith(real) || real.startsWith(data.path())) {
      throw new InvalidInput(
          Sentence.of("Diaphan keeps its own data in \"%s\"; deliver to another folder.", wanted));
    }
    if (real.getNameCount() == 0 || SYSTEM.contains(real.getName(0).toString())) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" belongs to the system of this computer; deliver to a folder of your own.",
              wanted));
    }
    if (!Files.isWritable(folder)) {
      throw new InvalidInput(
          Sentence.of("Nothing can be written in the folder \"%s\". Choose another.", wanted));
    }
    return folder.normalize();
  }

  private static Path realPath(Path folder) {
    try {
      return folder.toRealPath();
    } catch (IOException e) {
      throw new InvalidInput(Sentence.of("The folder \"%s\" cannot be looked at.", folder));
    }
  }
}
