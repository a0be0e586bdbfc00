package app.diaphan.server.font;

import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.server.store.PackageStore;
import jakarta.annotation.PreDestroy;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Makes a house's fonts ready before somebody draws with them. A variable font is written anew for
 * each style that words use, and the first time takes a second or two.
 */
@Component
public class FontsAhead {
  private static final Logger LOG = LoggerFactory.getLogger(FontsAhead.class);

  private static final int MOST_BEGUN = 64;

  private final PackageStore packages;
  private final FontShelves shelves;

  /** Digests of files of the packages that were asked for last: some 100 KB of them at most. */
  private final Map<Long, List<String>> begun =
      Collections.synchronizedMap(
          new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<Long, List<String>> eldest) {
              return size() > MOST_BEGUN;
            }
          });

  private final ExecutorService work =
      Executors.newSingleThreadExecutor(
          job -> Thread.ofPlatform().name("fonts ahead").daemon().unstarted(job));

  FontsAhead(PackageStore packages, FontShelves shelves) {
    this.packages = packages;
    this.shelves = shelves;
  }

  /** Begins, unless that was done since the house's files changed. */
  public void begin(Long packageId) {
    List<FontFile> files = shelves.filesOf(packageId);
    boolean variable =
        files.stream()
            .flatMap(file -> file.faces().stream())
            .anyMatch(face -> !face.axes().isEmpty());
    List<String> contents = files.stream().map(FontFile::content).toList();
    if (variable && !contents.equals(begun.put(packageId, contents))) {
      work.execute(() -> ready(packageId, shelves.of(files)));
    }
  }

  private void ready(Long packageId, FontShelf shelf) {
    try {
      packages.overlaysOf(packageId).stream()
          .map(PackageStore::documentOf)
          .map(Overlay::stack)
          .flatMap(Pieces::all)
          .forEach(
              piece -> {
                if (piece instanceof TextPiece text) {
                  text.runs().forEach(run -> ready(run, text, shelf));
                }
              });
    } catch (RuntimeException e) {
      // Whoever draws with it is told in words.
      LOG.warn("The fonts of package {} could not be made ready ahead.", packageId, e);
    }
  }

  private static void ready(Run run, TextPiece text, FontShelf shelf) {
    shelf
        .find(run.family())
        .filter(family -> !family.identity().isEmpty())
        .ifPresent(family -> family.font(run.style(text.setting())));
  }

  @PreDestroy
  void end() {
    work.shutdownNow();
  }
}
