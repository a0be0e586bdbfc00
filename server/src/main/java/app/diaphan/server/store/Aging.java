package app.diaphan.server.store;

import app.diaphan.core.history.Thinning;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * What becomes of old things: revisions are thinned out, but for those with a name or a file, and
 * what was deleted long ago goes for good.
 */
@Component
public class Aging {
  private static final Logger LOG = LoggerFactory.getLogger(Aging.class);

  private final Overlays overlays;
  private final Revisions revisions;
  private final Deliveries deliveries;
  private final Deletions deletions;
  private final Clock clock;
  private final ScheduledExecutorService hourly =
      Executors.newSingleThreadScheduledExecutor(
          work -> Thread.ofPlatform().name("aging").daemon().unstarted(work));

  Aging(
      Overlays overlays,
      Revisions revisions,
      Deliveries deliveries,
      Deletions deletions,
      Clock clock) {
    this.overlays = overlays;
    this.revisions = revisions;
    this.deliveries = deliveries;
    this.deletions = deletions;
    this.clock = clock;
  }

  @EventListener(ApplicationReadyEvent.class)
  void watch() {
    hourly.scheduleWithFixedDelay(this::look, 2, 60, TimeUnit.MINUTES);
  }

  /** Looks through everything once. */
  public void look() {
    try {
      overlays.ids().forEach(this::thin);
      deletions.forgetOld();
    } catch (RuntimeException e) {
      LOG.warn("Old revisions and deleted things were not looked through", e);
    }
  }

  /** Takes the revisions of an overlay away that need not be kept any longer. */
  private void thin(Long overlayId) {
    Set<Integer> delivered = deliveries.revisionsOf(overlayId);
    List<Thinning.Save> saves =
        revisions.linesOf(overlayId).stream()
            .map(
                line ->
                    new Thinning.Save(
                        line.number(),
                        line.savedAt().getEpochSecond(),
                        !line.name().isEmpty() || delivered.contains(line.number())))
            .toList();
    List<Integer> outgrown = Thinning.outgrown(saves, clock.instant().getEpochSecond());
    if (!outgrown.isEmpty()) {
      revisions.deleteOf(overlayId, outgrown);
    }
  }

  @PreDestroy
  void stop() {
    hourly.shutdownNow();
  }
}
