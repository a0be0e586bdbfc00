package app.diaphan.server.web;

import app.diaphan.core.Digest;
import app.diaphan.core.Sentence;
import app.diaphan.server.deliver.AsDelivered;
import app.diaphan.server.deliver.DeliveryService;
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
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Delivered files to take away: one, a zip of a run's, and their report. */
@RestController
@RequestMapping("/api")
class DeliveredFilesApi {
  private static final MediaType ZIP = MediaType.parseMediaType("application/zip");

  private final PackageStore store;
  private final DeliveryService deliveries;
  private final Clock clock;

  DeliveredFilesApi(PackageStore store, DeliveryService deliveries, Clock clock) {
    this.store = store;
    this.deliveries = deliveries;
    this.clock = clock;
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
            MediaType.parseMediaType(DeliveryStatus.targetOf(delivery).file().format().mediaType()))
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
                  Optional<Path> side =
                      file.sideFile()
                          .map(Path::of)
                          .filter(path -> Files.isRegularFile(path, LinkOption.NOFOLLOW_LINKS))
                          .filter(path -> names.add(path.getFileName().toString()));
                  if (side.isPresent()) {
                    zip.putNextEntry(new ZipEntry(side.get().getFileName().toString()));
                    Files.copy(side.get(), zip);
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
            .map(file -> DeliveryStatus.of(file, deliveries.now(file)))
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
}
