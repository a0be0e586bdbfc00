package app.diaphan.server.photograph;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.photograph.MarkPlan;
import app.diaphan.core.photograph.Marking;
import app.diaphan.server.deliver.WholePath;
import app.diaphan.server.program.DataFolder;
import app.diaphan.server.store.Missing;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.FileSystemUtils;

/** Keeps which photographs a package has. Files of folders stay where they are. */
@Service
public class PhotographStore {
  static final int MOST = 10_000;
  private static final long MOST_BYTES = 600L << 20;

  private final PackageStore packages;
  private final PhotographRows rows;
  private final Markings markings;
  private final DataFolder data;

  PhotographStore(PackageStore packages, PhotographRows rows, Markings markings, DataFolder data) {
    this.packages = packages;
    this.rows = rows;
    this.markings = markings;
    this.data = data;
  }

  public List<PhotographEntity> of(Long packageId) {
    packages.get(packageId);
    return rows.findByPackageIdOrderById(packageId);
  }

  public PhotographEntity get(Long id) {
    return rows.findById(id).orElseThrow(() -> new Missing("photograph", id));
  }

  public MarkSettings settings(Long packageId) {
    packages.get(packageId);
    return markings.findById(packageId).map(MarkingEntity::settings).orElse(MarkSettings.FIRST);
  }

  @Transactional
  public MarkSettings keep(Long packageId, MarkSettings settings) {
    of(packageId).forEach(PhotographEntity::forgetFailure);
    markings.save(new MarkingEntity(packageId, settings));
    return settings;
  }

  /**
   * Takes a photograph in that was dropped on the window, under the name that it has.
   *
   * @throws InvalidInput if there is no room for it, or its name is none
   */
  public PhotographEntity add(Long packageId, String name, InputStream content) throws IOException {
    requireRoom(packageId, 1);
    FileName.check(name);
    Path folder = Files.createDirectories(data.photographs().resolve(packageId.toString()));
    Path own = Files.createTempDirectory(folder, "p");
    try {
      Path file = own.resolve(name);
      long left = MOST_BYTES;
      byte[] buffer = new byte[1 << 16];
      try (var out = Files.newOutputStream(file)) {
        for (int read = content.read(buffer); read >= 0; read = content.read(buffer)) {
          left -= read;
          if (left < 0) {
            throw new InvalidInput(
                Sentence.of(
                    "\"%s\" has more than %d MB; give its folder instead, or save it smaller.",
                    name, MOST_BYTES >> 20));
          }
          out.write(buffer, 0, read);
        }
      }
      return rows.saveAndFlush(new PhotographEntity(packageId, file, true));
    } catch (IOException | RuntimeException e) {
      FileSystemUtils.deleteRecursively(own);
      throw e;
    }
  }

  /**
   * Adds the photographs right in a folder of this computer, but those that are there already.
   *
   * @throws InvalidInput if it is no folder or has none
   */
  @Transactional
  public List<PhotographEntity> addFolder(Long packageId, String wanted) {
    Path folder = folder(wanted.strip());
    List<Path> found = MarkPlan.photographs(List.of(folder));
    if (found.isEmpty()) {
      throw new InvalidInput(
          Sentence.of(
              "There are no photographs in \"%s\"; JPEG, PNG, TIFF, WebP and HEIC files are looked for.",
              wanted));
    }
    Set<Path> there = new HashSet<>();
    of(packageId).forEach(one -> there.add(one.path()));
    List<PhotographEntity> added = new ArrayList<>();
    for (Path file : found) {
      if (there.add(file)) {
        added.add(new PhotographEntity(packageId, file, false));
      }
    }
    requireRoom(packageId, added.size());
    return rows.saveAllAndFlush(added);
  }

  private static Path folder(String wanted) {
    Path folder = WholePath.of(wanted);
    if (!Files.isDirectory(folder)) {
      throw new InvalidInput(Sentence.of("There is no folder \"%s\" on this computer.", wanted));
    }
    return folder.normalize();
  }

  private void requireRoom(Long packageId, int more) {
    packages.get(packageId);
    if (rows.countByPackageId(packageId) + more > MOST) {
      throw new InvalidInput(
          Sentence.of(
              "A package has at most %d photographs at once; take those out that are done.", MOST));
    }
  }

  @Transactional
  public PhotographEntity leaveOut(Long id, boolean leftOut) {
    PhotographEntity entity = get(id);
    entity.leaveOut(leftOut);
    return rows.saveAndFlush(entity);
  }

  /**
   * @param own how it is marked otherwise than the others; none for as they are
   */
  @Transactional
  public PhotographEntity markAs(Long id, Optional<Marking> own) {
    PhotographEntity entity = get(id);
    entity.markAs(own);
    entity.forgetFailure();
    return rows.saveAndFlush(entity);
  }

  @Transactional
  void became(Long id, MarkOutcome outcome, String madeFrom) {
    rows.findById(id)
        .ifPresent(
            entity -> {
              entity.became(outcome, madeFrom);
              rows.saveAndFlush(entity);
            });
  }

  /** Takes photographs out of the list; only files of ours are deleted. */
  @Transactional
  public void remove(Long packageId, List<Long> ids) {
    for (PhotographEntity entity : of(packageId)) {
      if (ids.contains(entity.id())) {
        rows.delete(entity);
        if (entity.ours()) {
          FileSystemUtils.deleteRecursively(entity.path().getParent().toFile());
        }
      }
    }
  }
}
