package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.returned.Likeness;
import app.diaphan.core.returned.Recognition;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The files of a folder that was delivered to, by their lengths: what came back as it went out is
 * told without any of them being decoded.
 */
record DeliveredFolder(Map<Long, List<Path>> byLength) {
  /**
   * @throws InvalidInput if there is no such folder
   */
  static DeliveredFolder at(Path folder) throws IOException {
    if (!Files.isDirectory(folder)) {
      throw new InvalidInput(
          Sentence.of("There is no folder \"%s\". Name the one that was delivered to.", folder));
    }
    Map<Long, List<Path>> byLength = new HashMap<>();
    try (Stream<Path> there = Files.list(folder)) {
      for (Path file :
          there.filter(one -> one.toString().matches(".*\\.(png|tif)")).sorted().toList()) {
        byLength.computeIfAbsent(Files.size(file), length -> new ArrayList<>()).add(file);
      }
    }
    return new DeliveredFolder(byLength);
  }

  /** The delivered file of the same bytes. */
  Optional<Path> sameAs(Path file) throws IOException {
    if (!Files.isRegularFile(file)) {
      return Optional.empty();
    }
    for (Path delivered : byLength.getOrDefault(Files.size(file), List.of())) {
      if (Files.mismatch(delivered, file) == -1) {
        return Optional.of(delivered);
      }
    }
    return Optional.empty();
  }

  /**
   * Shows every delivered file to all that are to be recognised, so that each is decoded once. One
   * that cannot be read is told and passed over.
   */
  void recognise(List<Recognition<Path>> sought) throws IOException {
    if (sought.isEmpty()) {
      return;
    }
    for (Path delivered : byLength.values().stream().flatMap(List::stream).sorted().toList()) {
      try {
        Likeness likeness = Likeness.of(PixelFile.pixels(delivered));
        sought.forEach(one -> one.consider(delivered, likeness, 0));
      } catch (InvalidInput e) {
        System.err.println(e.getMessage());
      }
    }
  }
}
