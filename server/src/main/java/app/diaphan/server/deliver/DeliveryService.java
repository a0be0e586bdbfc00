package app.diaphan.server.deliver;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.Delivered;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.DeliveryFailed;
import app.diaphan.core.deliver.SideBySide;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.memory.NoRoom;
import app.diaphan.core.roster.RowDelivery;
import app.diaphan.core.roster.RowTrouble;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.PlannedFile;
import app.diaphan.core.targets.TargetList;
import app.diaphan.server.memory.MemoryBudget;
import app.diaphan.server.memory.OutOfMemory;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.store.Deliveries;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.DeliveryRun;
import app.diaphan.server.store.DeliveryRuns;
import app.diaphan.server.store.Missing;
import app.diaphan.server.store.PackageStore;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/**
 * Delivers overlays and keeps the history. Each package has a queue of its own, so that two files
 * of one name cannot meet and no package waits for another.
 */
@Service
public class DeliveryService {
  /** Of planes that are painted and of rows on their way into a file. */
  private static final long BYTES_PER_PIXEL = 24;

  private static final Logger LOG = LoggerFactory.getLogger(DeliveryService.class);

  private final PackageStore store;
  private final Deliveries deliveries;
  private final DeliveryRuns runs;
  private final PlanService plans;
  private final Likenesses looks;
  private final Clock clock;
  private final RunHistory history;
  private final AsDelivered asDelivered;
  private final MemoryBudget budget;
  private final OutOfMemory outOfMemory;
  private final ExecutorService workers =
      Executors.newCachedThreadPool(
          work -> Thread.ofPlatform().name("delivery").daemon().unstarted(work));

  /** The last run of each package; the next one follows it. */
  private final Map<Long, CompletableFuture<Void>> queues = new ConcurrentHashMap<>();

  private final Map<Long, RunProgress> running = new ConcurrentHashMap<>();

  DeliveryService(
      PackageStore store,
      Deliveries deliveries,
      DeliveryRuns runs,
      PlanService plans,
      Likenesses looks,
      RunHistory history,
      AsDelivered asDelivered,
      MemoryBudget budget,
      OutOfMemory outOfMemory,
      Clock clock) {
    this.store = store;
    this.deliveries = deliveries;
    this.runs = runs;
    this.plans = plans;
    this.looks = looks;
    this.history = history;
    this.asDelivered = asDelivered;
    this.budget = budget;
    this.outOfMemory = outOfMemory;
    this.clock = clock;
  }

  @EventListener(ApplicationStartedEvent.class)
  void closeInterrupted() throws IOException {
    history.closeInterrupted();
  }

  @PreDestroy
  void stop() {
    running.values().forEach(RunProgress::callOff);
    workers.shutdown();
  }

  /**
   * What to deliver.
   *
   * @param overlays ids; all of the package's if there are none
   * @param targets names; all of the package's if there are none
   * @param changedOnly whether files that would come out the same are passed over
   */
  public record Order(List<Long> overlays, List<String> targets, boolean changedOnly) {}

  /**
   * Starts delivering overlays as they are saved. Nothing is started if one file cannot be written
   * as it is planned.
   *
   * @throws InvalidInput if a name cannot be a file's or two files would have the same, or if
   *     nothing is to be delivered
   */
  public DeliveryRun start(Long packageId, Order order) {
    TargetList all = store.targets(packageId);
    List<NamedTarget> targets =
        order.targets().isEmpty()
            ? all.targets()
            : all.targets().stream().filter(one -> order.targets().contains(one.name())).toList();
    order.targets().forEach(all::get);
    List<PlanService.Line> lines = plans.plan(packageId, order.overlays(), targets);
    checkPossible(lines);
    List<PlanService.Line> wanted =
        lines.stream()
            .filter(line -> !order.changedOnly() || line.standing() != PlanService.Standing.SAME)
            .toList();
    if (wanted.isEmpty()) {
      throw new InvalidInput(
          order.changedOnly() && !lines.isEmpty()
              ? "Nothing has changed since it was delivered."
              : "There is nothing to deliver: no overlay goes out at these targets.");
    }
    return queue(new DeliveryRun(packageId, wanted.size(), clock.instant()), wanted);
  }

  private static void checkPossible(List<PlanService.Line> lines) {
    lines.stream()
        .map(PlanService.Line::file)
        .filter(file -> !file.possible())
        .findFirst()
        .ifPresent(
            file -> {
              throw new InvalidInput("Nothing was delivered. " + file.problem());
            });
  }

  /**
   * Starts delivering rows of a roster. A row that cannot be delivered is told of and left out.
   *
   * @param rows ids; all of the roster's if there are none
   * @param changedOnly whether files that would come out the same are passed over
   * @throws InvalidInput if nothing is to be delivered
   */
  public DeliveryRun startRows(RosterEntity roster, List<Long> rows, boolean changedOnly) {
    return startRows(
        roster,
        plans.planRows(roster, rows).stream()
            .filter(line -> !changedOnly || line.standing() != PlanService.Standing.SAME)
            .toList());
  }

  /** The same of those files only that are wanted. */
  public DeliveryRun startRows(RosterEntity roster, PlanService.WantedFiles files) {
    return startRows(roster, plans.planRows(roster, files));
  }

  /**
   * Delivers again, under the same names, what was delivered of overlays and of rows that fill them
   * and would come out otherwise now.
   *
   * @param overlays ids
   * @param rosters of the package
   * @return a run for overlays by themselves, and one for each roster; none for what is as it was
   */
  public List<DeliveryRun> startAgain(
      Long packageId, Set<Long> overlays, List<RosterEntity> rosters) {
    List<DeliveryRun> started = new ArrayList<>();
    List<PlanService.Line> alone =
        overlays.isEmpty()
            ? List.of()
            : changed(
                plans.plan(packageId, List.copyOf(overlays), store.targets(packageId).targets()));
    if (!alone.isEmpty()) {
      checkPossible(alone);
      started.add(queue(new DeliveryRun(packageId, alone.size(), clock.instant()), alone));
    }
    for (RosterEntity roster : rosters) {
      List<PlanService.Line> rows =
          changed(plans.planRows(roster, (overlay, row, target) -> overlays.contains(overlay)));
      if (!rows.isEmpty()) {
        started.add(startRows(roster, rows));
      }
    }
    return started;
  }

  private static List<PlanService.Line> changed(List<PlanService.Line> lines) {
    return lines.stream().filter(line -> line.standing() == PlanService.Standing.CHANGED).toList();
  }

  private DeliveryRun startRows(RosterEntity roster, List<PlanService.Line> wanted) {
    if (wanted.isEmpty()) {
      throw new InvalidInput(
          "There is nothing to deliver: no row has changed, or no overlay is filled by this roster.");
    }
    DeliveryRun run = new DeliveryRun(roster.packageId(), wanted.size(), clock.instant());
    run.ofRoster(roster.id());
    return queue(run, wanted);
  }

  private DeliveryRun queue(DeliveryRun planned, List<PlanService.Line> wanted) {
    Long packageId = planned.packageId();
    DeliveryRun run = runs.save(planned);
    running.put(run.id(), new RunProgress());
    queues.compute(
        packageId,
        (id, last) ->
            (last == null ? CompletableFuture.<Void>completedFuture(null) : last)
                .exceptionally(broken -> null)
                .thenRunAsync(() -> run(run, wanted), workers));
    return run;
  }

  private void run(DeliveryRun run, List<PlanService.Line> lines) {
    RunProgress progress = running.get(run.id());
    List<Integer> places = IntStream.range(0, lines.size()).boxed().toList();
    try {
      Path folder = plans.folder(run.packageId());
      Deliverer deliverer = plans.deliverer(run.packageId());
      SideBySide.over(
          places,
          place -> lines.get(place).file().goesAlone(),
          place -> {
            if (!progress.wasCalledOff()) {
              deliver(
                  new RunHistory.Item(run, place, lines.get(place), folder), deliverer, progress);
            }
            return place;
          },
          place -> {});
    } catch (RuntimeException e) {
      LOG.error("Run {} ended in an unexpected way", run.id(), e);
    } finally {
      boolean stopped = progress.wasCalledOff();
      try {
        history.end(
            run,
            stopped ? DeliveryRun.State.STOPPED : DeliveryRun.State.DONE,
            stopped ? "It was called off." : "",
            progress);
      } finally {
        running.remove(run.id());
      }
    }
  }

  private void deliver(RunHistory.Item item, Deliverer deliverer, RunProgress progress) {
    PlannedFile file = item.line().file();
    String name = file.freeName(there -> Files.exists(item.folder().resolve(there)));
    history
        .begin(item, first(file, name), progress)
        .ifPresent(begun -> deliver(item, begun, name, deliverer, progress));
  }

  private void deliver(
      RunHistory.Item item,
      DeliveryEntity begun,
      String name,
      Deliverer deliverer,
      RunProgress progress) {
    String writing = begun.fileName();
    progress.waits(writing);
    try {
      List<RowTrouble> troubles =
          item.line().row().map(row -> row.troubles().get()).orElse(List.of());
      if (!troubles.isEmpty()) {
        throw new InvalidInput(RowDelivery.inWords(troubles));
      }
      history.done(begun, item, write(item, writing, name, deliverer, progress), progress);
    } catch (InvalidInput | DeliveryFailed | NoRoom e) {
      history.ended(begun, DeliveryEntity.State.FAILED, e.getMessage(), progress);
    } catch (RunProgress.CalledOff e) {
      history.ended(begun, DeliveryEntity.State.BROKEN_OFF, e.getMessage(), progress);
    } catch (RuntimeException | OutOfMemoryError e) {
      LOG.error("Delivery {} ended in an unexpected way", begun.id(), e);
      history.ended(
          begun,
          DeliveryEntity.State.FAILED,
          "The file could not be delivered because of an error in Diaphan; nothing was left half-written. The log says more.",
          progress);
      if (e instanceof OutOfMemoryError) {
        outOfMemory.met();
      }
    } finally {
      progress.finish(writing);
    }
  }

  private List<Delivered> write(
      RunHistory.Item item,
      String writing,
      String name,
      Deliverer deliverer,
      RunProgress progress) {
    PlannedFile file = item.line().file();
    Target target = item.target();
    file.files().stream()
        .map(planned -> item.folder().resolve(name + planned.substring(file.name().length())))
        .forEach(looks::beforeReplaced);
    long pixels = (long) target.frame().width() * target.frame().height();
    return budget
        .work()
        .with(
            BYTES_PER_PIXEL * pixels,
            () -> {
              progress.begin(writing);
              return deliverer.deliver(
                  file.overlay(),
                  target,
                  item.folder(),
                  name,
                  (written, all) -> progress.lines(writing, written, all));
            });
  }

  private static String first(PlannedFile file, String name) {
    if (file.files().isEmpty()) {
      return name; // It has troubles and will not be written.
    }
    return name + file.files().getFirst().substring(file.name().length());
  }

  /** Ends a run within the files that are being written, which are not kept. */
  public void callOff(Long runId) {
    runStatus(runId);
    Optional.ofNullable(running.get(runId)).ifPresent(RunProgress::callOff);
  }

  public DeliveryRun runStatus(Long id) {
    return runs.findById(id).orElseThrow(() -> new Missing("delivery run", id));
  }

  public List<DeliveryRun> runsOf(Long packageId) {
    store.get(packageId);
    return runs.findTop20ByPackageIdOrderByIdDesc(packageId);
  }

  public List<DeliveryEntity> filesOf(DeliveryRun run) {
    return deliveries.findByRunIdOrderByRunPlaceAscIdAsc(run.id());
  }

  /** The first files of a run that were not delivered. */
  public List<DeliveryEntity> notDelivered(DeliveryRun run) {
    return deliveries.findTop200ByRunIdAndStateNotInOrderByRunPlaceAscIdAsc(
        run.id(), List.of(DeliveryEntity.State.DONE, DeliveryEntity.State.RUNNING));
  }

  /**
   * How far a run is.
   *
   * @param finished overlays at targets that are finished
   * @param share of the files under way that is written; 1 for each
   * @param doing what is being written, or that it waits; empty if nothing is under way
   */
  public record HowFar(int finished, double share, String doing) {}

  public HowFar howFar(DeliveryRun run) {
    return Optional.ofNullable(running.get(run.id()))
        .map(RunProgress::howFar)
        .orElseGet(() -> new HowFar(run.end().planned() - run.end().brokenOff(), 0, ""));
  }

  /** What lies under a delivered file's name now. */
  public AsDelivered.Now now(DeliveryEntity delivery) {
    return asDelivered.of(delivery);
  }

  public DeliveryEntity get(Long id) {
    return deliveries.findById(id).orElseThrow(() -> new Missing("delivery", id));
  }

  public List<DeliveryEntity> of(Long overlayId) {
    store.overlay(overlayId);
    return deliveries.findTop200ByOverlayIdOrderByIdDesc(overlayId);
  }

  /** The files of a package that were delivered, newest first. */
  public List<DeliveryEntity> deliveredOf(Long packageId) {
    return deliveries.findByPackageIdAndStateOrderByIdDesc(packageId, DeliveryEntity.State.DONE);
  }
}
