package app.diaphan.core.photograph;

import app.diaphan.core.Sentence;
import app.diaphan.core.photograph.file.PhotographFormat;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Which photographs are marked, and into which files: all of it is known before one is written. */
public final class MarkPlan {
  /** Of a photograph that is not marked. */
  private static final String LEFT_OUT = " It was left out.";

  /**
   * @param problem why it cannot be marked into that file; empty if it can
   */
  public record Planned(Path from, Path to, Optional<String> problem) {
    /** Larger files may need the memory of two; those of JPEG do not, whatever their size. */
    private static final long GOES_ALONE_BYTES = 24L << 20;

    /** Whether no other photograph should be marked beside it. */
    public boolean goesAlone() {
      try {
        return Files.size(from) > GOES_ALONE_BYTES
            && !PhotographFormat.JPEG.named(from.getFileName().toString());
      } catch (IOException e) {
        return false; // It will be said when it is opened.
      }
    }

    private Planned with(String other) {
      return new Planned(from, to, Optional.of(other));
    }
  }

  private MarkPlan() {}

  /**
   * Files as they are given, and of folders the photographs right in them, by their names.
   *
   * @throws UncheckedIOException if a folder cannot be looked into
   */
  public static List<Path> photographs(List<Path> given) {
    List<Path> found = new ArrayList<>();
    for (Path path : given) {
      if (Files.isDirectory(path)) {
        try (Stream<Path> inside = Files.list(path)) {
          inside
              .filter(Files::isRegularFile)
              .filter(file -> named(file.getFileName().toString()))
              .sorted()
              .forEach(found::add);
        } catch (IOException e) {
          throw new UncheckedIOException(e);
        }
      } else {
        found.add(path);
      }
    }
    return found;
  }

  private static boolean named(String name) {
    return !name.startsWith(".")
        && Arrays.stream(PhotographFormat.values()).anyMatch(format -> format.named(name));
  }

  /**
   * Results keep the names of their photographs, but for the extension where the format is another.
   *
   * @param format that of the photograph if there is none
   */
  public static List<Planned> of(
      List<Path> photographs, Path folder, Optional<PhotographFormat> format) {
    return of(photographs, photographs, folder, format);
  }

  /**
   * @param known photographs that are not written over either, whether they are marked or not
   */
  public static List<Planned> of(
      List<Path> photographs, List<Path> known, Path folder, Optional<PhotographFormat> format) {
    List<Planned> planned = new ArrayList<>();
    Set<Path> originals = new HashSet<>();
    known.forEach(one -> originals.add(real(one)));
    Map<String, Path> taken = new HashMap<>();
    for (Path from : photographs) {
      String name = resultName(from.getFileName().toString(), format);
      Planned plan = new Planned(from, folder.resolve(name), Optional.empty());
      // Some disks do not tell small letters from capitals.
      Path other = taken.putIfAbsent(name.toLowerCase(Locale.ROOT), from);
      if (!Files.exists(from)) {
        plan = plan.with(Sentence.of("There is no file \"%s\".", from));
      } else if (originals.contains(real(plan.to()))) {
        plan =
            plan.with(
                Sentence.of(
                    "\"%s\" would be written over a photograph; choose another folder for the results.%s",
                    from, LEFT_OUT));
      } else if (other != null) {
        plan =
            plan.with(
                Sentence.of(
                    "\"%s\" has the same name as \"%s\", and both would become \"%s\"; mark it into another folder.%s",
                    from, other, name, LEFT_OUT));
      }
      planned.add(plan);
    }
    return planned;
  }

  private static Path real(Path path) {
    try {
      return path.toRealPath();
    } catch (IOException e) {
      return path.toAbsolutePath().normalize();
    }
  }

  /** The name of what becomes of a photograph. */
  public static String resultName(String name, Optional<PhotographFormat> format) {
    PhotographFormat wanted =
        format.orElseGet(
            () ->
                Arrays.stream(PhotographFormat.values())
                    .filter(one -> one.named(name))
                    .map(PhotographFormat::result)
                    .findFirst()
                    .orElse(PhotographFormat.JPEG));
    if (wanted.named(name) || format.isEmpty() && !known(name)) {
      return name;
    }
    int dot = name.lastIndexOf('.');
    return (dot > 0 && known(name) ? name.substring(0, dot) : name)
        + "."
        + wanted.extensions().getFirst();
  }

  private static boolean known(String name) {
    return Arrays.stream(PhotographFormat.values()).anyMatch(format -> format.named(name));
  }
}
