package app.diaphan.server.web;

import app.diaphan.core.roster.ContactSheet;
import app.diaphan.core.roster.Roster;
import app.diaphan.core.roster.RosterDesign;
import app.diaphan.core.roster.Row;
import app.diaphan.server.bundle.RosterTable;
import app.diaphan.server.deliver.DeliveryService;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.roster.RosterDesigns;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.roster.RosterRowEntity;
import app.diaphan.server.roster.RosterStore;
import java.nio.charset.StandardCharsets;
import java.util.List;
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
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** What comes of a roster: its files, its table for other programs and its sheet for the client. */
@RestController
@RequestMapping("/api")
class RosterFilesApi {
  private final RosterStore rosters;
  private final RosterDesigns designs;
  private final DrawingService drawings;
  private final DeliveryService deliveries;

  RosterFilesApi(
      RosterStore rosters,
      RosterDesigns designs,
      DrawingService drawings,
      DeliveryService deliveries) {
    this.rosters = rosters;
    this.designs = designs;
    this.drawings = drawings;
    this.deliveries = deliveries;
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
