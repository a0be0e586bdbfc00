package app.diaphan.server.web;

import app.diaphan.core.Require;
import app.diaphan.server.deliver.DeliveryService;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.roster.RosterStore;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.DeliveryRun;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Deliveries: writing overlays to their targets, and what was written. */
@RestController
@RequestMapping("/api")
class DeliveryApi {
  private static final long LONGEST_WATCH = 30 * 60 * 1000L;
  private static final long BETWEEN_EVENTS = 150;

  private final DeliveryService deliveries;
  private final RosterStore rosters;

  DeliveryApi(DeliveryService deliveries, RosterStore rosters) {
    this.rosters = rosters;
    this.deliveries = deliveries;
  }

  /**
   * @param planned how many overlays at how many targets, all counted
   * @param finished how many of them are finished
   * @param progress share of all lines that are written, 0–1
   * @param doing what is being written, or that it waits for memory
   * @param delivered how many of them were delivered; 0 while it is running
   * @param files that were written or could not be; of rows of a roster only those that could not
   *     be, and not all if there are very many
   */
  record RunStatus(
      long id,
      DeliveryRun.State state,
      String sentence,
      Instant startedAt,
      int planned,
      int finished,
      double progress,
      String doing,
      int delivered,
      List<DeliveryStatus> files) {}

  @PostMapping("/packages/{id}/delivery-runs")
  @ResponseStatus(HttpStatus.ACCEPTED)
  RunStatus deliver(@PathVariable long id, @RequestBody DeliveryService.Order order) {
    return status(deliveries.start(id, order));
  }

  /**
   * @param overlays ids of those that go out again, by themselves and as rows fill them
   */
  record ToDeliverAgain(List<Long> overlays) {
    ToDeliverAgain {
      Require.present(overlays, "The overlays to deliver again");
      overlays = List.copyOf(overlays);
    }
  }

  /** Delivers again, under the same names, what was delivered and has changed since. */
  @PostMapping("/packages/{id}/delivered-again")
  @ResponseStatus(HttpStatus.ACCEPTED)
  List<RunStatus> deliverAgain(@PathVariable long id, @RequestBody ToDeliverAgain wanted) {
    return deliveries.startAgain(id, Set.copyOf(wanted.overlays()), rosters.of(id)).stream()
        .map(this::status)
        .toList();
  }

  @GetMapping("/packages/{id}/delivery-runs")
  List<RunStatus> runs(@PathVariable long id) {
    return deliveries.runsOf(id).stream().map(this::status).toList();
  }

  @GetMapping("/delivery-runs/{id}")
  RunStatus run(@PathVariable long id) {
    return status(deliveries.runStatus(id));
  }

  @OnlyComputes
  @PostMapping("/delivery-runs/{id}/call-off")
  RunStatus callOff(@PathVariable long id) {
    deliveries.callOff(id);
    return status(deliveries.runStatus(id));
  }

  /** Sends the run's status whenever it may have changed, until it has ended. */
  @GetMapping(path = "/delivery-runs/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter events(@PathVariable long id) {
    deliveries.runStatus(id);
    SseEmitter emitter = new SseEmitter(LONGEST_WATCH);
    Thread.ofVirtual()
        .start(
            () -> {
              try {
                RunStatus now;
                do {
                  now = status(deliveries.runStatus(id));
                  emitter.send(SseEmitter.event().name("status").data(DocumentJson.write(now)));
                  Thread.sleep(BETWEEN_EVENTS);
                } while (now.state() == DeliveryRun.State.RUNNING);
                emitter.complete();
              } catch (IOException | RuntimeException e) {
                emitter.completeWithError(e); // Mostly nobody is listening any more.
              } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
              }
            });
    return emitter;
  }

  @GetMapping("/overlays/{id}/deliveries")
  List<DeliveryStatus> history(@PathVariable long id) {
    return deliveries.of(id).stream().map(this::status).toList();
  }

  private RunStatus status(DeliveryRun run) {
    DeliveryService.HowFar far = deliveries.howFar(run);
    boolean running = run.state() == DeliveryRun.State.RUNNING;
    return new RunStatus(
        run.id(),
        run.state(),
        run.sentence(),
        run.startedAt(),
        run.planned(),
        far.finished(),
        running ? (far.finished() + far.share()) / run.planned() : 1,
        far.doing(),
        run.end().delivered(),
        told(run).stream().map(this::status).toList());
  }

  private List<DeliveryEntity> told(DeliveryRun run) {
    return run.rosterId().isPresent() ? deliveries.notDelivered(run) : deliveries.filesOf(run);
  }

  private DeliveryStatus status(DeliveryEntity delivery) {
    return DeliveryStatus.of(delivery, deliveries.now(delivery));
  }
}
