package app.diaphan.server.web;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.roster.AskedColumn;
import app.diaphan.core.roster.Columns;
import app.diaphan.core.roster.ContactSheet;
import app.diaphan.core.roster.KeyColumn;
import app.diaphan.core.roster.Merge;
import app.diaphan.core.roster.OpenSlots;
import app.diaphan.core.roster.Roster;
import app.diaphan.core.roster.RosterDesign;
import app.diaphan.core.roster.Row;
import app.diaphan.core.roster.table.Heading;
import app.diaphan.core.roster.table.Table;
import app.diaphan.core.roster.table.TableArchive;
import app.diaphan.core.roster.table.TableReader;
import app.diaphan.server.bundle.RosterTable;
import app.diaphan.server.deliver.DeliveryService;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.roster.RosterChecks;
import app.diaphan.server.roster.RosterDesigns;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.roster.RosterRowEntity;
import app.diaphan.server.roster.RosterStore;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureStore;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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

/** Rosters: tables whose rows fill overlays. */
@RestController
@RequestMapping("/api")
class RosterApi {
  private final RosterStore rosters;
  private final RosterDesigns designs;
  private final RosterChecks checks;
  private final PackageStore store;
  private final PictureStore pictures;
  private final DrawingService drawings;
  private final DeliveryService deliveries;

  RosterApi(
      RosterStore rosters,
      RosterDesigns designs,
      RosterChecks checks,
      PackageStore store,
      PictureStore pictures,
      DrawingService drawings,
      DeliveryService deliveries) {
    this.deliveries = deliveries;
    this.rosters = rosters;
    this.designs = designs;
    this.checks = checks;
    this.store = store;
    this.pictures = pictures;
    this.drawings = drawings;
  }

  /**
   * @param notes sentences on what was not taken from a table as it stands; only just after
   * @param encoding of the table, only just after it was read as text; empty for others
   * @param headed whether its first line named the columns; likewise
   */
  record SavedRoster(
      long id,
      long packageId,
      int revision,
      Roster roster,
      int rows,
      List<DesignAsking> asking,
      String encoding,
      boolean headed,
      List<String> notes) {}

  /**
   * An overlay of the package that leaves something open.
   *
   * @param fed whether the roster's rows fill it
   */
  record DesignAsking(
      long overlayId,
      String name,
      int revision,
      int width,
      int height,
      boolean fed,
      List<AskedOfRoster> asked) {}

  /**
   * @param column of the roster that feeds it; empty if none does
   */
  record AskedOfRoster(String name, AskedColumn.Feeds feeds, String column) {}

  record KeepRoster(int basedOn, Roster roster) {}

  /**
   * @param text cells with tabs between them, or lines
   */
  record PastedTable(String name, String text, Heading heading) {}

  /**
   * What giving a table again would do.
   *
   * @param disputed cells that were changed by hand and by the table
   */
  record MergeSummary(
      long added,
      long changed,
      long same,
      long gone,
      List<DisputedCell> disputed,
      List<String> columns) {}

  /**
   * @param row its id
   * @param column its place, from 0
   * @param key by which people know the row
   */
  record DisputedCell(long row, int column, String key, String name, String ours, String table) {}

  @GetMapping("/packages/{id}/rosters")
  List<SavedRoster> rosters(@PathVariable long id) {
    store.get(id);
    return rosters.of(id).stream().map(entity -> saved(entity, "", false, List.of())).toList();
  }

  /**
   * Makes a roster of a table, for all overlays of the package that leave something open.
   *
   * @param encoding of text; found out if it is empty
   */
  @PostMapping(path = "/packages/{id}/rosters", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  SavedRoster add(
      @PathVariable long id,
      @RequestPart("file") MultipartFile file,
      @RequestParam(defaultValue = "") String encoding,
      @RequestParam(defaultValue = "FOUND_OUT") Heading heading)
      throws IOException {
    String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
    byte[] content = Uploads.bytes(file);
    Optional<TableArchive> archive = TableArchive.of(name, content);
    Table table =
        TableReader.read(
            archive.map(TableArchive::tableName).orElse(name),
            archive.map(TableArchive::table).orElse(content),
            choices(id, encoding, heading));
    List<String> notes = new ArrayList<>(table.notes());
    archive.ifPresent(packed -> notes.addAll(takeIn(id, packed.pictures())));
    return add(
        id,
        name.replaceFirst("\\.[^.]*$", ""),
        new Table(table.columns(), table.rows(), table.encoding(), table.headed(), notes));
  }

  @PostMapping("/packages/{id}/rosters/pasted")
  @ResponseStatus(HttpStatus.CREATED)
  SavedRoster paste(@PathVariable long id, @RequestBody PastedTable pasted) {
    return add(
        id, pasted.name(), TableReader.pasted(pasted.text(), choices(id, "", pasted.heading())));
  }

  /** Takes pictures into a package; says of those that were refused why. */
  private List<String> takeIn(long packageId, Map<String, byte[]> files) {
    List<String> refused = new ArrayList<>();
    files.forEach(
        (name, bytes) -> {
          try {
            pictures.add(packageId, name, bytes);
          } catch (InvalidInput e) {
            refused.add(e.getMessage());
          }
        });
    return refused;
  }

  private SavedRoster add(long packageId, String name, Table table) {
    List<Roster.Fed> fed =
        open(packageId).stream()
            .map(overlay -> new Roster.Fed(overlay.id().toString(), Map.of()))
            .toList();
    Roster roster =
        new Roster(
            name.isBlank() ? "Roster" : name,
            table.columns(),
            KeyColumn.suggested(table.columns(), table.rows()),
            "",
            fed);
    RosterEntity entity =
        rosters.add(packageId, roster, table.rows().stream().map(Row::of).toList());
    return saved(entity, table.encoding(), table.headed(), table.notes());
  }

  private TableReader.Choices choices(long packageId, String encoding, Heading heading) {
    List<String> asked =
        open(packageId).stream()
            .flatMap(overlay -> OpenSlots.of(PackageStore.documentOf(overlay)).stream())
            .map(AskedColumn::name)
            .distinct()
            .toList();
    return new TableReader.Choices(named(encoding), heading, asked);
  }

  private List<OverlayEntity> open(long packageId) {
    return store.overlaysOf(packageId).stream()
        .filter(overlay -> OpenSlots.any(PackageStore.documentOf(overlay)))
        .toList();
  }

  @GetMapping("/rosters/{id}")
  SavedRoster roster(@PathVariable long id) {
    return saved(rosters.get(id), "", false, List.of());
  }

  @PutMapping("/rosters/{id}")
  SavedRoster keep(@PathVariable long id, @RequestBody KeepRoster wanted) {
    return saved(rosters.keep(id, wanted.basedOn(), wanted.roster()), "", false, List.of());
  }

  @DeleteMapping("/rosters/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    rosters.delete(id);
  }

  private SavedRoster saved(
      RosterEntity entity, String encoding, boolean headed, List<String> notes) {
    Roster roster = entity.roster();
    List<DesignAsking> asking = new ArrayList<>();
    for (OverlayEntity overlay : open(entity.packageId())) {
      Overlay document = PackageStore.documentOf(overlay);
      String id = overlay.id().toString();
      var columns = roster.columnsFor(id);
      asking.add(
          new DesignAsking(
              overlay.id(),
              overlay.name(),
              overlay.revision(),
              document.frame().width(),
              document.frame().height(),
              roster.designs().stream().anyMatch(fed -> fed.overlay().equals(id)),
              OpenSlots.of(document).stream()
                  .map(
                      asked ->
                          new AskedOfRoster(
                              asked.name(),
                              asked.feeds(),
                              columns.place(asked.name()).map(roster.columns()::get).orElse("")))
                  .toList()));
    }
    return new SavedRoster(
        entity.id(),
        entity.packageId(),
        entity.revision(),
        roster,
        rosters.countOf(entity.id()),
        asking,
        encoding,
        headed,
        notes);
  }

  /** Rows that cannot be delivered as they are. */
  @GetMapping("/rosters/{id}/troubles")
  List<RosterChecks.TroubledRow> troubles(@PathVariable long id) {
    return checks.troubled(id);
  }

  /** Rows that decide whether a design is right. */
  @GetMapping("/rosters/{id}/extremes")
  List<RosterChecks.DecisiveRow> extremes(@PathVariable long id) {
    return checks.decisive(id);
  }

  /** What a table given again would change; nothing is changed yet. */
  @OnlyComputes
  @PostMapping(path = "/rosters/{id}/merge", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  MergeSummary merge(
      @PathVariable long id,
      @RequestPart("file") MultipartFile file,
      @RequestParam(defaultValue = "") String encoding)
      throws IOException {
    List<RosterRowEntity> rows = rosters.rowsOf(id);
    Merge merge = merged(id, rows, file, encoding);
    int key =
        new Columns(merge.columns(), Map.of()).place(rosters.get(id).roster().key()).orElse(0);
    List<DisputedCell> disputed = new ArrayList<>();
    for (Merge.MergedRow merged : merge.rows()) {
      for (int column : merged.disputed()) {
        disputed.add(
            new DisputedCell(
                rows.get(merged.before().orElseThrow()).id(),
                column,
                merged.row().cell(key),
                merge.columns().get(column),
                merged.row().cell(column),
                merged.offered().get(column)));
      }
    }
    return new MergeSummary(
        merge.count(Merge.Fate.NEW),
        merge.count(Merge.Fate.CHANGED),
        merge.count(Merge.Fate.SAME),
        merge.count(Merge.Fate.GONE),
        disputed,
        merge.columns());
  }

  /**
   * @param taken disputed cells in which the table's words are taken, each as a row's id, a point
   *     and a column's place
   * @param withoutGone whether rows that the table no longer has are taken out
   */
  @PutMapping(path = "/rosters/{id}/merge", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  SavedRoster merge(
      @PathVariable long id,
      @RequestPart("file") MultipartFile file,
      @RequestParam(defaultValue = "") String encoding,
      @RequestParam(defaultValue = "") List<String> taken,
      @RequestParam boolean withoutGone)
      throws IOException {
    Map<Long, Set<Integer>> cells = new HashMap<>();
    for (String cell : taken) {
      if (!cell.matches("[0-9]{1,18}\\.[0-9]{1,4}")) {
        throw new InvalidInput(
            Sentence.of("\"%s\" is no cell; a row's id, a point and a column's place are.", cell));
      }
      int point = cell.indexOf('.');
      cells
          .computeIfAbsent(Long.valueOf(cell.substring(0, point)), row -> new HashSet<>())
          .add(Integer.valueOf(cell.substring(point + 1)));
    }
    Merge merge = merged(id, rosters.rowsOf(id), file, encoding);
    return saved(rosters.merge(id, merge, cells, withoutGone), "", false, List.of());
  }

  private Merge merged(long id, List<RosterRowEntity> rows, MultipartFile file, String encoding)
      throws IOException {
    Roster roster = rosters.get(id).roster();
    Table table =
        TableReader.read(
            Optional.ofNullable(file.getOriginalFilename()).orElse("The table"),
            Uploads.bytes(file),
            new TableReader.Choices(named(encoding), Heading.FOUND_OUT, roster.columns()));
    return Merge.of(
        roster.columns(), rows.stream().map(RosterRowEntity::row).toList(), roster.key(), table);
  }

  private static Optional<String> named(String encoding) {
    return encoding.isBlank() ? Optional.empty() : Optional.of(encoding);
  }

  /**
   * @param rows ids; all of the roster's if there are none
   * @param changedOnly whether files that would come out the same are passed over
   */
  record DeliverRows(List<Long> rows, boolean changedOnly) {}

  /** Starts delivering rows; the run is told of like any other. */
  @PostMapping("/rosters/{id}/delivery-runs")
  @ResponseStatus(HttpStatus.ACCEPTED)
  StartedRun deliver(@PathVariable long id, @RequestBody DeliverRows wanted) {
    return new StartedRun(
        deliveries.startRows(rosters.get(id), wanted.rows(), wanted.changedOnly()).id());
  }

  record StartedRun(long id) {}

  /** The rows as a table for other programs. */
  @GetMapping(path = "/rosters/{id}/table.csv", produces = "text/csv")
  ResponseEntity<byte[]> table(@PathVariable long id) {
    Roster roster = rosters.get(id).roster();
    List<Row> rows = rosters.rowsOf(id).stream().map(RosterRowEntity::row).toList();
    // With a byte order mark, or spreadsheets take it for another encoding.
    String text = "\ufeff" + RosterTable.write(roster.columns(), rows);
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(roster.name() + ".csv", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(text.getBytes(StandardCharsets.UTF_8));
  }

  /** Every row that goes out, in every design, with its name: a PDF for the client. */
  @GetMapping(path = "/rosters/{id}/contact-sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<StreamingResponseBody> contactSheet(@PathVariable long id) {
    RosterEntity entity = rosters.get(id);
    Roster roster = entity.roster();
    List<Row> rows =
        rosters.rowsOf(id).stream()
            .map(RosterRowEntity::row)
            .filter(row -> !row.leftOut())
            .toList();
    int key = roster.columnsFor("").place(roster.key()).orElse(0);
    List<RosterDesign> filled =
        designs.of(entity).stream().map(RosterDesigns.Design::design).toList();
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(roster.name() + ".pdf", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(
            out ->
                new ContactSheet(drawings.rendererFor(entity.packageId()))
                    .write(
                        roster.name(),
                        () ->
                            rows.stream()
                                .flatMap(
                                    row ->
                                        filled.stream()
                                            .map(
                                                design ->
                                                    ContactSheet.Entry.of(
                                                        row.cell(key),
                                                        design
                                                            .filling()
                                                            .fill(design.overlay(), row)
                                                            .overlay())))
                                .iterator(),
                        out));
  }
}
