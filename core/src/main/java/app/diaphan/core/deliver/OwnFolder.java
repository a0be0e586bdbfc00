package app.diaphan.core.deliver;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;

/** A folder that files may be delivered to: not one that belongs to the system of a computer. */
public final class OwnFolder {
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

  private OwnFolder() {}

  /**
   * @param folder may have to be made yet
   * @return where it lies, links followed as far as there is something
   * @throws InvalidInput if it is a file, cannot be looked at or belongs to the system
   */
  public static Path required(Path folder) {
    Path real = real(folder);
    if (Files.exists(real) && !Files.isDirectory(real)) {
      throw new InvalidInput(
          Sentence.of("\"%s\" is a file; deliver to a folder of your own.", folder));
    }
    if (real.getNameCount() == 0 || SYSTEM.contains(real.getName(0).toString())) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" belongs to the system of this computer; deliver to a folder of your own.",
              folder));
    }
    return real;
  }

  private static Path real(Path folder) {
    Path whole = folder.toAbsolutePath().normalize();
    Path there = whole;
    while (!Files.exists(there) && there.getParent() != null) {
      there = there.getParent();
    }
    try {
      return there.toRealPath().resolve(there.relativize(whole)).normalize();
    } catch (IOException e) {
      throw new InvalidInput(Sentence.of("The folder \"%s\" cannot be looked at.", folder));
    }
  }
}
