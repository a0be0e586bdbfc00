package app.diaphan.server.deliver;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.deliver.OwnFolder;
import app.diaphan.server.program.DataFolder;
import app.diaphan.server.store.GraphicsPackage;
import app.diaphan.server.store.PackageStore;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.stereotype.Service;

/** Where a package's files are delivered: in a folder of its own, or in one that was chosen. */
@Service
public class DeliveryFolder {
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

  /**
   * @param wanted a whole path on this computer
   * @throws InvalidInput if there is no such folder or nothing can be written there
   */
  public Path usable(String wanted) {
    Path folder = WholePath.of(wanted);
    if (!Files.isDirectory(folder)) {
      throw new InvalidInput(
          Sentence.of(
              "There is no folder \"%s\" on this computer. Make it first, or choose another.",
              wanted));
    }
    Path real = OwnFolder.required(folder);
    if (data.path().startsWith(real) || real.startsWith(data.path())) {
      throw new InvalidInput(
          Sentence.of("Diaphan keeps its own data in \"%s\"; deliver to another folder.", wanted));
    }
    if (!Files.isWritable(folder)) {
      throw new InvalidInput(
          Sentence.of("Nothing can be written in the folder \"%s\". Choose another.", wanted));
    }
    return folder.normalize();
  }
}
