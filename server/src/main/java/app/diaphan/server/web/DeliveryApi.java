package app.diaphan.server.web;

import app.diaphan.core.Digest;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.Carried;
import app.diaphan.server.deliver.AsDelivered;
import app.diaphan.server.deliver.DeliveryService;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.report.ReportJson;
import app.diaphan.server.report.ReportPage;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.DeliveryRun;
import app.diaphan.server.store.Missing;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Deliveries: writing overlays to their targets, and what was written. */
@RestController
@RequestMapping("/api")
class DeliveryApi {
  private static final MediaType ZIP = MediaType.parseMediaType("application/zip");
  private static final long LONGEST_WATCH = 30 * 60 * 1000L;
  private static final long BETWEEN_EVENTS = 150;

  private final PackageStore store;
  private final DeliveryService deliveries;
  private final Clock clock;

  DeliveryApi(PackageStore store, DeliveryService deliveries, Clock clock) {
    this.store = store;
    this.deliveries = deliveries;
    this.clock = clock;
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

  @GetMapping("/deliveries/{id}/file")
  ResponseEntity<Resource> file(@PathVariable long id) {
    DeliveryEntity delivery = deliveries.get(id);
    Path file = Path.of(delivery.path());
    if (!isThere(delivery)) {
      throw new Missing(
          Sentence.of(
              "%s cannot be fetched. %s Deliver it again.",
              delivery.fileName(), deliveries.now(delivery).sentence()));
    }
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attachment(delivery.fileName()))
        .contentType(
            delivery.fileName().endsWith(".png")
                ? MediaType.IMAGE_PNG
                : MediaType.parseMediaType("image/tiff"))
        .body(new FileSystemResource(file));
  }

  /** All files of a run with their report; packed no further, since they are packed themselves. */
  @GetMapping(path = "/delivery-runs/{id}/files.zip", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> zip(@PathVariable long id) {
    DeliveryRun run = deliveries.runStatus(id);
    List<DeliveryEntity> files = done(run);
    Map<String, String> reports =
        Map.of(
            "report.html", report(run, files, ReportPage::of),
            "report.json", report(run, files, ReportJson::of));
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attachment("delivery-" + id + ".zip"))
        .contentType(ZIP)
        .body(
            out -> {
              try (ZipOutputStream zip = new ZipOutputStream(out)) {
                zip.setLevel(Deflater.BEST_SPEED);
                Set<String> names = new HashSet<>();
                for (DeliveryEntity file : files) {
                  if (names.add(file.fileName())) {
                    addAsReported(zip, file);
                  }
                  Path side = sideFile(file);
                  if (Files.isRegularFile(side, LinkOption.NOFOLLOW_LINKS)
                      && names.add(side.getFileName().toString())) {
                    zip.putNextEntry(new ZipEntry(side.getFileName().toString()));
                    Files.copy(side, zip);
                    zip.closeEntry();
                  }
                }
                for (String name : List.of("report.html", "report.json")) {
                  String free = name;
                  while (!names.add(free)) { // An overlay may be called "Report".
                    free = "_" + free;
                  }
                  zip.putNextEntry(new ZipEntry(free));
                  zip.write(reports.get(name).getBytes(StandardCharsets.UTF_8));
                  zip.closeEntry();
                }
              }
            });
  }

  /** Where the file lies that says where another lies; for old deliveries as it was named then. */
  private static Path sideFile(DeliveryEntity delivery) {
    return delivery
        .sideFile()
        .map(Path::of)
        .orElseGet(
            () -> {
              String name = delivery.fileName().replaceFirst("\\.(png|tif)$", "");
              if (DeliveryStatus.targetOf(delivery).file().carried()
                  instanceof Carried.FillAndKey) {
                name = name.replaceFirst("-(fill|key)$", "");
              }
              return Path.of(delivery.path()).resolveSibling(name + ".json");
            });
  }

  /**
   * @throws IOException if the file is another one by now: then the zip file is not brought to its
   *     end, so that it holds nothing but what its report says
   */
  private static void addAsReported(ZipOutputStream zip, DeliveryEntity file) throws IOException {
    zip.putNextEntry(new ZipEntry(file.fileName()));
    if (!file.sha256().equals(Optional.of(Digest.ofCopied(Path.of(file.path()), zip)))) {
      throw new IOException(file.fileName() + " was changed while it was packed.");
    }
    zip.closeEntry();
  }

  /** One printable page for the client. */
  @GetMapping(path = "/delivery-runs/{id}/report.html", produces = MediaType.TEXT_HTML_VALUE)
  ResponseEntity<String> reportPage(@PathVariable long id) {
    DeliveryRun run = deliveries.runStatus(id);
    return ResponseEntity.ok()
        .header(
            "Content-Security-Policy",
            "default-src 'none'; img-src data:; style-src 'unsafe-inline'")
        .body(report(run, done(run), ReportPage::of));
  }

  /** The same for other programs. */
  @GetMapping(path = "/delivery-runs/{id}/report.json", produces = MediaType.APPLICATION_JSON_VALUE)
  ResponseEntity<String> reportData(@PathVariable long id) {
    DeliveryRun run = deliveries.runStatus(id);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attachment("delivery-" + id + ".json"))
        .body(report(run, done(run), ReportJson::of));
  }

  @FunctionalInterface
  private interface Report {
    String of(String packageName, ZonedDateTime when, List<ReportPage.Entry> entries);
  }

  private String report(DeliveryRun run, List<DeliveryEntity> files, Report report) {
    return report.of(
        store.get(run.packageId()).name(),
        run.startedAt().atZone(clock.getZone()),
        files.stream()
            .map(this::status)
            .map(
                file ->
                    new ReportPage.Entry(
                        file.overlay(),
                        file.revision(),
                        file.targetName(),
                        file.target(),
                        Path.of(file.path()),
                        file.sentence(),
                        file.report().orElseThrow()))
            .toList());
  }

  private List<DeliveryEntity> done(DeliveryRun run) {
    return deliveries.filesOf(run).stream().filter(this::isThere).toList();
  }

  private boolean isThere(DeliveryEntity delivery) {
    return delivery.state() == DeliveryEntity.State.DONE
        && deliveries.now(delivery) == AsDelivered.Now.SAME;
  }

  private static String attachment(String name) {
    return ContentDisposition.attachment()
        .filename(name, StandardCharsets.UTF_8)
        .build()
        .toString();
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
