package app.diaphan.server.web;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.photograph.Hung;
import app.diaphan.core.photograph.MarkDress;
import app.diaphan.core.photograph.MarkedAs;
import app.diaphan.core.photograph.Marking;
import app.diaphan.server.photograph.MarkOutcome;
import app.diaphan.server.photograph.MarkSettings;
import app.diaphan.server.photograph.PhotographEntity;
import app.diaphan.server.photograph.PhotographPictures;
import app.diaphan.server.photograph.PhotographReport;
import app.diaphan.server.photograph.PhotographRuns;
import app.diaphan.server.photograph.PhotographStore;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.ZonedDateTime;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** One mark on many photographs. */
@RestController
@RequestMapping("/api")
class PhotographApi {
  private static final int LARGEST = 2400;

  private final PhotographStore store;
  private final PhotographPictures looks;
  private final PhotographRuns runs;
  private final PackageStore packages;
  private final Clock clock;

  PhotographApi(
      PhotographStore store,
      PhotographPictures looks,
      PhotographRuns runs,
      PackageStore packages,
      Clock clock) {
    this.store = store;
    this.looks = looks;
    this.runs = runs;
    this.packages = packages;
    this.clock = clock;
  }

  /**
   * @param own how it is marked otherwise than the others
   * @param version changes with the file
   */
  record PhotographLine(
      long id,
      String name,
      String path,
      boolean leftOut,
      Optional<Marking> own,
      String version,
      Optional<MarkOutcome> outcome) {}

  private PhotographLine line(PhotographEntity entity) {
    return new PhotographLine(
        entity.id(),
        entity.name(),
        entity.ours() ? "" : entity.path().toString(),
        entity.leftOut(),
        entity.ownMarking(),
        looks.versionOf(entity),
        entity.outcome());
  }

  /**
   * @param folder where the marked ones are written as it is set now
   */
  record PhotographList(MarkSettings settings, String folder, List<PhotographLine> photographs) {}

  record LeaveOut(boolean leftOut) {}

  record WantedFolder(String path) {}

  record WantedPhotographs(List<Long> photographs) {}

  /**
   * @param legible whether it stands out enough to be read
   */
  record PhotographLook(
      int width, int height, Optional<Hung> hung, boolean legible, String problem, String mark) {}

  /**
   * A format that marked photographs can be written in.
   *
   * @param words as it is told to the designer
   */
  record MarkedAsChoice(MarkedAs as, String words) {}

  @GetMapping("/photograph-formats")
  List<MarkedAsChoice> formats() {
    return Arrays.stream(MarkedAs.values()).map(as -> new MarkedAsChoice(as, as.words())).toList();
  }

  @GetMapping("/packages/{id}/photographs")
  PhotographList photographs(@PathVariable long id) {
    return new PhotographList(
        store.settings(id),
        runs.folder(id).toString(),
        store.of(id).stream().map(this::line).toList());
  }

  @PutMapping("/packages/{id}/photographs/settings")
  PhotographList keepSettings(@PathVariable long id, @RequestBody MarkSettings settings) {
    store.keep(
        id,
        new MarkSettings(
            settings.overlay(),
            settings.otherDress(),
            settings.marking(),
            settings.credit(),
            settings.as(),
            runs.requireFolder(settings.folder())));
    return photographs(id);
  }

  @PostMapping(path = "/packages/{id}/photographs", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  PhotographLine addPhotograph(@PathVariable long id, @RequestPart("file") MultipartFile file)
      throws IOException {
    String name = file.getOriginalFilename();
    if (name == null || name.isBlank()) {
      throw new InvalidInput(
          "The photograph came without a name; save it under one and try again.");
    }
    try (InputStream content = file.getInputStream()) {
      return line(store.add(id, name, content));
    }
  }

  /** Adds those of a folder of this computer, which stay where they are. */
  @PostMapping("/packages/{id}/photographs/folder")
  List<PhotographLine> addFolder(@PathVariable long id, @RequestBody WantedFolder wanted) {
    return store.addFolder(id, wanted.path()).stream().map(this::line).toList();
  }

  @PostMapping("/packages/{id}/photographs/removed")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removePhotographs(@PathVariable long id, @RequestBody WantedPhotographs wanted) {
    store.remove(id, wanted.photographs());
  }

  @PutMapping("/photographs/{id}/left-out")
  PhotographLine leaveOut(@PathVariable long id, @RequestBody LeaveOut wanted) {
    return line(store.leaveOut(id, wanted.leftOut()));
  }

  /** Marks one otherwise than the others. */
  @PutMapping("/photographs/{id}/marking")
  PhotographLine markOtherwise(@PathVariable long id, @RequestBody Marking wanted) {
    return line(store.markAs(id, Optional.of(wanted)));
  }

  @DeleteMapping("/photographs/{id}/marking")
  PhotographLine markAsAll(@PathVariable long id) {
    return line(store.markAs(id, Optional.empty()));
  }

  @GetMapping("/photographs/{id}/look")
  PhotographLook look(@PathVariable long id) {
    PhotographPictures.Look look = looks.look(store.get(id));
    return new PhotographLook(
        look.width(),
        look.height(),
        look.hung(),
        look.hung().filter(Hung::legible).isPresent(),
        look.problem(),
        look.mark());
  }

  /**
   * The photograph without the mark, upright.
   *
   * @param of its version, so that its address changes with it
   */
  @GetMapping(path = "/photographs/{id}/picture.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> picture(
      @PathVariable long id,
      @RequestParam(defaultValue = "360") int longest,
      @RequestParam(defaultValue = "") String of) {
    if (longest < 1 || longest > LARGEST) {
      throw new InvalidInput("A picture of a photograph is 1 to " + LARGEST + " pixels long.");
    }
    return ResponseEntity.ok().cacheControl(kept(of)).body(looks.picture(store.get(id), longest));
  }

  /**
   * @param side the longer one, in pixels
   * @param of what the mark is known by, so that its address changes with it
   */
  @GetMapping(path = "/packages/{id}/mark.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> mark(
      @PathVariable long id,
      @RequestParam MarkDress dress,
      @RequestParam double side,
      @RequestParam(defaultValue = "1") double opacity,
      @RequestParam(defaultValue = "") String of) {
    if (!(side >= 1 && side <= LARGEST) || !(opacity >= 0 && opacity <= 1)) {
      throw new InvalidInput("A picture of the mark is 1 to " + LARGEST + " pixels long.");
    }
    return ResponseEntity.ok().cacheControl(kept(of)).body(looks.mark(id, dress, side, opacity));
  }

  /** Pictures whose address changes with them can be kept. */
  private static CacheControl kept(String of) {
    return of.isEmpty()
        ? CacheControl.noCache()
        : CacheControl.maxAge(Duration.ofHours(1)).cachePrivate();
  }

  @GetMapping("/packages/{id}/photographs/run")
  PhotographRuns.MarkRun run(@PathVariable long id) {
    packages.get(id);
    return runs.progress(id);
  }

  /**
   * @param wanted none for all that are not left out
   */
  @PostMapping("/packages/{id}/photographs/run")
  PhotographRuns.MarkRun begin(@PathVariable long id, @RequestBody WantedPhotographs wanted) {
    return runs.begin(id, wanted.photographs());
  }

  @DeleteMapping("/packages/{id}/photographs/run")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void callOff(@PathVariable long id) {
    runs.callOff(id);
  }

  private List<PhotographReport.Line> lines(long id) {
    return store.of(id).stream()
        .flatMap(
            one ->
                one
                    .outcome()
                    .map(outcome -> new PhotographReport.Line(one.name(), outcome))
                    .stream())
        .toList();
  }

  private String report(long id) {
    return PhotographReport.page(packages.get(id).name(), ZonedDateTime.now(clock), lines(id));
  }

  /** One printable page. */
  @GetMapping(path = "/packages/{id}/photographs/report.html", produces = MediaType.TEXT_HTML_VALUE)
  ResponseEntity<String> reportPage(@PathVariable long id) {
    return ResponseEntity.ok()
        .header("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'")
        .body(report(id));
  }

  /** All that were written and still are as they were; packed no further. */
  @GetMapping(path = "/packages/{id}/photographs/files.zip", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> zip(@PathVariable long id) {
    List<MarkOutcome> written =
        lines(id).stream().map(PhotographReport.Line::outcome).filter(runs::asWritten).toList();
    String page = report(id);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename("photographs.zip").build().toString())
        .contentType(MediaType.parseMediaType("application/zip"))
        .body(
            out -> {
              try (ZipOutputStream zip = new ZipOutputStream(out)) {
                zip.setLevel(Deflater.BEST_SPEED);
                Set<String> names = new HashSet<>();
                for (MarkOutcome outcome : written) {
                  Path file = Path.of(outcome.file());
                  if (names.add(file.getFileName().toString())) {
                    zip.putNextEntry(new ZipEntry(file.getFileName().toString()));
                    if (!Digest.ofCopied(file, zip).equals(outcome.sha256())) {
                      throw new IOException(file + " was changed while it was packed.");
                    }
                    zip.closeEntry();
                  }
                }
                zip.putNextEntry(new ZipEntry("report.html"));
                zip.write(page.getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
              }
            });
  }
}
