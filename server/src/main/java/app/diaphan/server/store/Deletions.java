package app.diaphan.server.store;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes overlays and packages away and brings them back; after a month they are gone. */
@Service
public class Deletions {
  private static final Duration KEPT = Duration.ofDays(30);

  private final Overlays overlays;
  private final Packages packages;
  private final Clock clock;

  Deletions(Overlays overlays, Packages packages, Clock clock) {
    this.overlays = overlays;
    this.packages = packages;
    this.clock = clock;
  }

  /** What was deleted and can be brought back. */
  public record Deleted(long id, String name, Instant deletedAt) {}

  @Transactional
  public void deleteOverlay(Long id) {
    if (overlays.takeAway(id, clock.instant()) == 0) {
      throw new Missing("overlay", id);
    }
  }

  @Transactional
  public void bringOverlayBack(Long id) {
    if (overlays.bringBack(id) == 0) {
      throw new Missing("deleted overlay", id);
    }
  }

  /** The newest first. */
  public List<Deleted> overlaysOf(Long packageId) {
    return overlays.deletedOf(packageId).stream().map(Deletions::of).toList();
  }

  @Transactional
  public void deletePackage(Long id) {
    if (packages.takeAway(id, clock.instant()) == 0) {
      throw new Missing("package", id);
    }
  }

  @Transactional
  public void bringPackageBack(Long id) {
    if (packages.bringBack(id) == 0) {
      throw new Missing("deleted package", id);
    }
  }

  /** The newest first. */
  public List<Deleted> packages() {
    return packages.deleted().stream().map(Deletions::of).toList();
  }

  /** Takes away for good what was deleted long ago. */
  @Transactional
  public void forgetOld() {
    Instant before = clock.instant().minus(KEPT);
    overlays.forget(before);
    packages.forget(before);
  }

  private static Deleted of(DeletedLine line) {
    return new Deleted(line.getId(), line.getName(), line.getDeletedAt().toInstant());
  }
}
