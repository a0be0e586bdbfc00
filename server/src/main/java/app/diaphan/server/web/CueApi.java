package app.diaphan.server.web;

import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.CueStill;
import app.diaphan.core.cue.Dealing;
import app.diaphan.core.cue.Placed;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.check.CueChecks;
import app.diaphan.core.cue.check.CueFound;
import app.diaphan.core.cue.handover.HandOver;
import app.diaphan.core.cue.handover.LeftOpen;
import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.marker.MarkerFile;
import app.diaphan.core.cue.marker.MarkersRead;
import app.diaphan.core.cue.move.Course;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.cue.move.Pose;
import app.diaphan.core.cue.time.CueTime;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.frame.FrameCatalogue;
import app.diaphan.core.frame.FrameRate;
import app.diaphan.core.screening.AlphaReading;
import app.diaphan.server.cue.CueListEntity;
import app.diaphan.server.cue.CueListStore;
import app.diaphan.server.cue.CueStills;
import app.diaphan.server.cue.CueWork;
import app.diaphan.server.disk.OnlyComputes;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
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

/** Cue lists: every still of a video at its time. */
@RestController
@RequestMapping("/api")
class CueApi {
  private final CueListStore store;
  private final CueStills stills;
  private final CueWork work;

  CueApi(CueListStore store, CueStills stills, CueWork work) {
    this.store = store;
    this.stills = stills;
    this.work = work;
  }

  record CueListLine(long id, String name, int cues) {}

  /**
   * A still as the list shows it.
   *
   * @param delivery id of the newest file; 0 if there is none
   * @param reading of its alpha
   */
  record StillLine(
      StillId id,
      String label,
      String file,
      CueStill.Standing standing,
      long delivery,
      AlphaReading reading,
      int width,
      int height) {
    static StillLine of(CueStills.Known known) {
      CueStill still = known.still();
      return new StillLine(
          still.id(),
          still.label(),
          still.file(),
          still.standing(),
          known.delivery(),
          known.reading(),
          still.width(),
          still.height());
    }
  }

  /**
   * Where a cue's still rests, in pixels of the clip, and how it moves.
   *
   * @param coming place of its move in the list of moves
   * @param up lines of the clip that it has moved upward with each picture
   */
  record PlacedCue(
      int cue,
      double left,
      double top,
      double width,
      double height,
      int coming,
      int going,
      double up) {}

  /**
   * What is known of a list's cues.
   *
   * @param moves the poses of each move that occurs: from the first picture of a cue, or from its
   *     last one backwards
   */
  record KnownCues(
      List<StillLine> stills,
      List<List<Pose>> moves,
      List<PlacedCue> places,
      List<CueFound> found) {}

  record SavedCueList(long id, int revision, CueList list, KnownCues known) {}

  private SavedCueList saved(CueListEntity entity) {
    CueList list = entity.list();
    return new SavedCueList(entity.id(), entity.revision(), list, known(entity.packageId(), list));
  }

  private KnownCues known(Long packageId, CueList list) {
    Map<StillId, CueStills.Known> known = stills.of(packageId, list);
    Map<Move, Integer> moves = new LinkedHashMap<>();
    List<PlacedCue> places = new ArrayList<>();
    for (Cue cue : list.cues()) {
      Placed rest = Placed.resting(known.get(cue.still()).still(), cue.fit(), list.clip());
      places.add(
          new PlacedCue(
              cue.id(),
              rest.left(),
              rest.top(),
              rest.width(),
              rest.height(),
              moves.computeIfAbsent(cue.coming(), move -> moves.size()),
              moves.computeIfAbsent(cue.going(), move -> moves.size()),
              cue.scroll() * list.clip().base().seconds(1)));
    }
    return new KnownCues(
        known.values().stream().map(StillLine::of).toList(),
        moves.keySet().stream().map(move -> Course.of(move, move).coming()).toList(),
        places,
        CueChecks.of(list, id -> known.get(id).still()));
  }

  /** The same of a list that nobody keeps. */
  @OnlyComputes
  @PostMapping("/packages/{id}/known-cues")
  KnownCues knownCues(@PathVariable long id, @RequestBody CueList list) {
    return known(id, list);
  }

  @GetMapping("/packages/{id}/cue-lists")
  List<CueListLine> lists(@PathVariable long id) {
    return store.of(id).stream()
        .map(entity -> new CueListLine(entity.id(), entity.name(), entity.list().cues().size()))
        .toList();
  }

  @PostMapping("/packages/{id}/cue-lists")
  @ResponseStatus(HttpStatus.CREATED)
  SavedCueList add(@PathVariable long id, @RequestBody CueList list) {
    return saved(store.add(id, list));
  }

  @GetMapping("/cue-lists/{id}")
  SavedCueList list(@PathVariable long id) {
    return saved(store.get(id));
  }

  /**
   * @param basedOn the revision that it was made from
   */
  record ChangedCueList(int basedOn, CueList list) {}

  @PutMapping("/cue-lists/{id}")
  SavedCueList keep(@PathVariable long id, @RequestBody ChangedCueList changed) {
    return saved(store.keep(id, changed.basedOn(), changed.list()));
  }

  @DeleteMapping("/cue-lists/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    store.delete(id);
  }

  /**
   * @param told how the file says that its pictures are numbered; empty if it does not say
   * @param start timecode at which its time line begins; empty if it does not say
   */
  record ReadMarkers(
      String format, List<Marker> markers, String told, String start, List<String> notes) {}

  /** Reads markers from a file; the list stays as it is. */
  @OnlyComputes
  @PostMapping(path = "/cue-lists/{id}/markers", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  ReadMarkers markers(@PathVariable long id, @RequestPart("file") MultipartFile file)
      throws IOException {
    CueList list = store.get(id).list();
    TimeBase base = list.clip().base();
    MarkersRead read =
        MarkerFile.read(
            Optional.ofNullable(file.getOriginalFilename()).orElse("The file"),
            Uploads.bytes(file),
            base,
            list.clip().start());
    return new ReadMarkers(
        read.format(),
        read.markers(),
        read.told().map(TimeBase::inWords).orElse(""),
        read.start().isPresent() && read.start().getAsLong() <= base.day()
            ? base.timecode(read.start().getAsLong())
            : "",
        read.notes());
  }

  /** What would come of dealing stills; the list stays as it is. */
  @OnlyComputes
  @PostMapping("/cue-lists/{id}/deal")
  CueWork.Proposed deal(@PathVariable long id, @RequestBody CueWork.Deal deal) {
    return work.deal(store.get(id).list(), deal);
  }

  record ToNumber(CueList list, TimeBase base) {}

  /** A list with pictures numbered otherwise. */
  @OnlyComputes
  @PostMapping("/numbered-cues")
  CueList numbered(@RequestBody ToNumber wanted) {
    return wanted.list().numbered(wanted.base());
  }

  /** What a typed time is of. */
  enum TimeKind {
    POINT,
    LENGTH
  }

  record ToRead(String words, TimeKind kind, TimeBase base) {}

  record ReadTime(long pictures) {}

  @OnlyComputes
  @PostMapping("/cue-times")
  ReadTime time(@RequestBody ToRead typed) {
    return new ReadTime(
        switch (typed.kind()) {
          case POINT -> CueTime.point(typed.words(), typed.base());
          case LENGTH -> CueTime.length(typed.words(), typed.base());
        });
  }

  @GetMapping("/packages/{id}/cue-series")
  List<CueStills.Series> series(@PathVariable long id) {
    return stills.series(id);
  }

  /** A still that can be laid on a lane. */
  record StillChoice(StillId id, String label) {}

  @GetMapping("/packages/{id}/cue-stills")
  List<StillChoice> choices(
      @PathVariable long id,
      @RequestParam long overlay,
      @RequestParam long roster,
      @RequestParam String target) {
    List<Dealing.Card> cards = stills.cards(overlay, roster, target);
    return cards.stream().map(card -> new StillChoice(card.still(), card.label())).toList();
  }

  record StartedRuns(List<Long> runs) {}

  /** Starts delivering what the list shows and is not there as it is now. */
  @PostMapping("/cue-lists/{id}/delivery-runs")
  @ResponseStatus(HttpStatus.ACCEPTED)
  StartedRuns deliver(@PathVariable long id) {
    CueListEntity entity = store.get(id);
    return new StartedRuns(work.deliver(entity.packageId(), entity.list()));
  }

  /**
   * @param folder a whole path on this computer; empty for the package's own
   */
  record HandOverTo(String folder) {}

  @PostMapping("/cue-lists/{id}/hand-over")
  CueWork.HandedOver handOver(@PathVariable long id, @RequestBody HandOverTo to) {
    CueListEntity entity = store.get(id);
    return work.handOver(entity.packageId(), entity.list(), to.folder());
  }

  record HandOverFolder(String folder) {}

  /** Where it would be handed over to. */
  @GetMapping("/cue-lists/{id}/hand-over")
  HandOverFolder handOverFolder(@PathVariable long id) {
    CueListEntity entity = store.get(id);
    return new HandOverFolder(work.folder(entity.packageId(), entity.list(), "").toString());
  }

  /** The same as a zip file; packed no further, since stills are packed themselves. */
  @GetMapping(path = "/cue-lists/{id}/hand-over.zip", produces = "application/zip")
  ResponseEntity<StreamingResponseBody> zip(@PathVariable long id) {
    CueListEntity entity = store.get(id);
    HandOver handOver = work.handOver(entity.packageId(), entity.list());
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(FileName.from(entity.name()) + ".zip", StandardCharsets.UTF_8)
                .build()
                .toString())
        .contentType(MediaType.parseMediaType("application/zip"))
        .body(
            out -> {
              try (ZipOutputStream zip = new ZipOutputStream(out)) {
                zip.setLevel(Deflater.BEST_SPEED);
                work.handOver(
                    entity.packageId(),
                    handOver,
                    (name, writing) -> {
                      zip.putNextEntry(new ZipEntry(name));
                      writing.to(new LeftOpen(zip));
                      zip.closeEntry();
                    });
              }
            });
  }

  /**
   * @param label "29.97"
   * @param drops whether it can be counted with numbers left out
   */
  record RateChoice(FrameRate rate, String label, boolean drops) {}

  @GetMapping("/frame-rates")
  List<RateChoice> rates() {
    return FrameCatalogue.rates().stream()
        .map(rate -> new RateChoice(rate, rate.label(), TimeBase.drops(rate)))
        .toList();
  }
}
