package app.diaphan.server.photograph;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.DeliveryFailed;
import app.diaphan.core.deliver.OwnFolder;
import app.diaphan.core.deliver.SideBySide;
import app.diaphan.core.memory.NoRoom;
import app.diaphan.core.memory.Permits;
import app.diaphan.core.photograph.MarkPlan;
import app.diaphan.core.photograph.MarkedPhotograph;
import app.diaphan.server.deliver.DeliveryFolder;
import app.diaphan.server.deliver.WholePath;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.memory.MemoryBudget;
import app.diaphan.server.program.DataFolder;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * Marks the photographs of a package, one run after another. What became of each is kept at once,
 * so that a run that was called off or killed goes on with what it has not written.
 */
@Service
public class PhotographRuns {
  private static final Logger LOG = LoggerFactory.getLogger(PhotographRuns.class);

  private final PhotographStore store;
  private final PhotographMarks marks;
  private final PhotographPictures looks;
  private final DeliveryFolder folders;
  private final DataFolder data;
  private final Permits work;
  private final Clock clock;
  private final Map<Long, Run> runs = new ConcurrentHashMap<>();
  private final ExecutorService queue =
      Executors.newSingleThreadExecutor(
          job -> Thread.ofPlatform().name("marking photographs").daemon().unstarted(job));

  /**
   * How far a run is.
   *
   * @param skipped what was there already as it would be written
   * @param secondsLeft by what was done so far; 0 if that cannot be told
   * @param sentence how it ended; empty while it goes on
   */
  public record MarkRun(
      boolean going,
      int all,
      int done,
      int failed,
      int skipped,
      long secondsLeft,
      String folder,
      String sentence) {
    static final MarkRun NONE = new MarkRun(false, 0, 0, 0, 0, 0, "", "");
  }

  private final class Run {
    private final Path folder;
    private final int all;
    private final Instant began = clock.instant();
    private volatile boolean calledOff;
    private volatile boolean over;
    private int done;
    private int failed;
    private int skipped;

    Run(Path folder, int all) {
      this.folder = folder;
      this.all = all;
    }

    synchronized void count(boolean written) {
      if (written) {
        done++;
      } else {
        failed++;
      }
    }

    synchronized void skip() {
      skipped++;
    }

    synchronized MarkRun progress() {
      int worked = done + failed;
      long left =
          worked == 0 || over
              ? 0
              : Duration.between(began, clock.instant()).toSeconds()
                  * (all - worked - skipped)
                  / worked;
      return new MarkRun(
          !over, all, done, failed, skipped, left, folder.toString(), over ? sentence() : "");
    }

    private String sentence() {
      String same =
          skipped == 0
              ? ""
              : Sentence.of(" %d %s there already.", skipped, skipped == 1 ? "was" : "were");
      String not =
          failed == 0 ? "" : Sentence.of(" %d could not be marked; each says why.", failed);
      String broken =
          calledOff
              ? Sentence.of(" It was called off with %d to go.", all - done - failed - skipped)
              : "";
      return Sentence.of(
          "%s.%s%s%s",
          done == 1 ? "One photograph was marked" : done + " photographs were marked",
          same,
          not,
          broken);
    }
  }

  PhotographRuns(
      PhotographStore store,
      PhotographMarks marks,
      PhotographPictures looks,
      DeliveryFolder folders,
      DataFolder data,
      MemoryBudget memory,
      Clock clock) {
    this.store = store;
    this.marks = marks;
    this.looks = looks;
    this.folders = folders;
    this.data = data;
    this.work = memory.work();
    this.clock = clock;
  }

  public MarkRun progress(Long packageId) {
    Run run = runs.get(packageId);
    return run == null ? MarkRun.NONE : run.progress();
  }

  public void callOff(Long packageId) {
    Optional.ofNullable(runs.get(packageId)).ifPresent(run -> run.calledOff = true);
  }

  @PreDestroy
  void stop() {
    runs.values().forEach(run -> run.calledOff = true);
    queue.shutdown();
  }

  /** Where the marked photographs of a package are written, if nothing else was chosen. */
  public Path folder(Long packageId) {
    MarkSettings settings = store.settings(packageId);
    if (!settings.folder().isEmpty()) {
      return Path.of(settings.folder());
    }
    List<Path> parents =
        store.of(packageId).stream()
            .filter(one -> !one.ours())
            .map(one -> one.path().getParent())
            .distinct()
            .toList();
    return parents.size() == 1
        ? parents.getFirst().resolve("marked")
        : folders.of(packageId).resolve("photographs");
  }

  /**
   * @param wanted a whole path; empty for a folder beside the photographs
   * @throws InvalidInput if nothing may be written there
   */
  public String requireFolder(String wanted) {
    if (wanted.isBlank()) {
      return "";
    }
    Path folder = WholePath.of(wanted);
    Path real = OwnFolder.required(folder);
    boolean ofOurs = real.startsWith(data.path()) && !real.startsWith(data.deliveries());
    if (ofOurs || data.path().startsWith(real)) {
      throw new InvalidInput(
          Sentence.of("Diaphan keeps its own data in \"%s\"; choose another folder.", wanted));
    }
    return folder.normalize().toString();
  }

  /**
   * @param ids of the photographs; all that are not left out if there are none
   * @throws InvalidInput if there is nothing to do, or a run goes on
   */
  public synchronized MarkRun begin(Long packageId, List<Long> ids) {
    if (progress(packageId).going()) {
      throw new InvalidInput("These photographs are being marked; wait, or call that off.");
    }
    MarkSettings settings = store.settings(packageId);
    PhotographMarks.Mark mark = marks.of(packageId, settings);
    List<PhotographEntity> all = store.of(packageId);
    Predicate<PhotographEntity> wants =
        one -> ids.isEmpty() ? !one.leftOut() : ids.contains(one.id());
    List<PhotographEntity> wanted = all.stream().filter(wants).toList();
    if (wanted.isEmpty()) {
      throw new InvalidInput("There are no photographs to mark; drop some on this page first.");
    }
    Path folder = OwnFolder.required(folder(packageId));
    // Names are those of all that are ever marked, or another run would write over this one's.
    List<PhotographEntity> named = all.stream().filter(wants.or(one -> !one.leftOut())).toList();
    List<MarkPlan.Planned> plan =
        MarkPlan.of(
            named.stream().map(PhotographEntity::path).toList(),
            all.stream().map(PhotographEntity::path).toList(),
            folder,
            settings.as().format());
    List<MarkPlan.Planned> planned =
        IntStream.range(0, named.size())
            .filter(i -> wants.test(named.get(i)))
            .mapToObj(plan::get)
            .toList();
    Run run = new Run(folder, wanted.size());
    runs.put(packageId, run);
    queue.execute(() -> work(run, wanted, planned, settings, mark));
    return run.progress();
  }

  private record Job(PhotographEntity photograph, MarkPlan.Planned planned, String madeFrom) {}

  private record Ended(Job job, Optional<MarkOutcome> outcome) {}

  private void work(
      Run run,
      List<PhotographEntity> photographs,
      List<MarkPlan.Planned> planned,
      MarkSettings settings,
      PhotographMarks.Mark mark) {
    try {
      List<Job> jobs = new ArrayList<>();
      for (int i = 0; i < photographs.size(); i++) {
        jobs.add(
            new Job(
                photographs.get(i),
                planned.get(i),
                madeFrom(photographs.get(i), planned.get(i), settings, mark)));
      }
      SideBySide.over(
          jobs,
          job -> job.planned().goesAlone(),
          job -> run.calledOff ? new Ended(job, Optional.empty()) : ended(run, job, settings, mark),
          ended ->
              ended
                  .outcome()
                  .ifPresent(
                      outcome -> {
                        store.became(
                            ended.job().photograph().id(),
                            outcome,
                            outcome.done() ? ended.job().madeFrom() : "");
                        run.count(outcome.done());
                      }));
    } catch (RuntimeException e) {
      LOG.error("Photographs could not be marked", e);
      run.calledOff = true;
    } finally {
      run.over = true;
    }
  }

  private String madeFrom(
      PhotographEntity photograph,
      MarkPlan.Planned planned,
      MarkSettings settings,
      PhotographMarks.Mark mark) {
    return Digest.of(
        (looks.version(photograph.path())
                + planned.to()
                + DocumentJson.write(looks.marking(photograph, settings))
                + DocumentJson.write(settings.credit())
                + settings.as()
                + mark.digest())
            .getBytes(StandardCharsets.UTF_8));
  }

  /** Nothing for what is there already as it would be written. */
  private Ended ended(Run run, Job job, MarkSettings settings, PhotographMarks.Mark mark) {
    PhotographEntity photograph = job.photograph();
    if (job.planned().problem().isEmpty()
        && job.madeFrom().equals(photograph.madeFrom())
        && photograph.outcome().filter(this::asWritten).isPresent()) {
      run.skip();
      return new Ended(job, Optional.empty());
    }
    try {
      MarkedPhotograph marked =
          work.with(
              PhotographPictures.room(photograph.path()),
              () ->
                  mark.marker()
                      .mark(
                          job.planned(),
                          looks.marking(photograph, settings),
                          settings.credit(),
                          settings.as().format()));
      return new Ended(
          job,
          Optional.of(
              new MarkOutcome(
                  "",
                  marked.to().toString(),
                  Digest.of(marked.to()),
                  Optional.of(marked.hung()),
                  marked.notes())));
    } catch (InvalidInput | DeliveryFailed | NoRoom e) {
      return new Ended(job, Optional.of(MarkOutcome.failed(e.getMessage())));
    } catch (IOException e) {
      return new Ended(
          job, Optional.of(MarkOutcome.failed("The written file cannot be read again.")));
    } catch (RuntimeException | OutOfMemoryError e) {
      LOG.error("The photograph {} could not be marked", photograph.path(), e);
      return new Ended(
          job,
          Optional.of(
              MarkOutcome.failed(
                  "The photograph could not be marked; the log says more. Save it again and retry.")));
    }
  }

  /** Whether a written file still is what was written. */
  public boolean asWritten(MarkOutcome outcome) {
    try {
      return outcome.done()
          && Files.isRegularFile(Path.of(outcome.file()))
          && Digest.of(Path.of(outcome.file())).equals(outcome.sha256());
    } catch (IOException e) {
      return false;
    }
  }
}
