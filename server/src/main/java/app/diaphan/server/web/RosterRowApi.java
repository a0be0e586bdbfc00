package app.diaphan.server.web;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.retarget.PieceChange;
import app.diaphan.core.roster.RosterDesign;
import app.diaphan.core.roster.Row;
import app.diaphan.server.deliver.PlanService;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.roster.RosterDesigns;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.roster.RosterRowEntity;
import app.diaphan.server.roster.RosterStore;
import app.diaphan.server.store.PackageStore;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.http.CacheControl;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The rows of rosters: their cells, and how they look. */
@RestController
@RequestMapping("/api")
class RosterRowApi {
  private static final int WIDEST = 1920;

  private final RosterStore rosters;
  private final RosterDesigns designs;
  private final PackageStore store;
  private final DrawingService drawings;
  private final PlanService plans;

  RosterRowApi(
      RosterStore rosters,
      RosterDesigns designs,
      PackageStore store,
      DrawingService drawings,
      PlanService plans) {
    this.plans = plans;
    this.rosters = rosters;
    this.designs = designs;
    this.store = store;
    this.drawings = drawings;
  }

  /**
   * @param edited places of the cells that were changed by hand since the table gave them
   */
  record SavedRow(
      long id,
      List<String> cells,
      List<Integer> edited,
      boolean leftOut,
      List<PieceChange> changes) {
    static SavedRow of(RosterRowEntity entity) {
      Row row = entity.row();
      return new SavedRow(
          entity.id(),
          row.cells(),
          IntStream.range(0, row.cells().size()).filter(row::edited).boxed().toList(),
          row.leftOut(),
          row.changes());
    }
  }

  record KeepRow(List<String> cells, boolean leftOut, List<PieceChange> changes) {}

  record AddRows(List<List<String>> rows) {}

  @GetMapping("/rosters/{id}/rows")
  List<SavedRow> rows(@PathVariable long id) {
    rosters.get(id);
    return rosters.rowsOf(id).stream().map(SavedRow::of).toList();
  }

  /** Ids of the rows of which a file is not there as it would be written now. */
  @GetMapping("/rosters/{id}/changed-rows")
  List<Long> changedRows(@PathVariable long id) {
    return plans.planRows(rosters.get(id), List.of()).stream()
        .filter(line -> line.standing() != PlanService.Standing.SAME)
        .map(line -> line.row().orElseThrow().id())
        .distinct()
        .toList();
  }

  @PostMapping("/rosters/{id}/rows")
  @ResponseStatus(HttpStatus.CREATED)
  List<SavedRow> addRows(@PathVariable long id, @RequestBody AddRows added) {
    List<Row> rows =
        added.rows().stream().map(cells -> new Row(cells, List.of(), false, List.of())).toList();
    return rosters.addRows(id, rows).stream().map(SavedRow::of).toList();
  }

  @PutMapping("/roster-rows/{id}")
  SavedRow keepRow(@PathVariable long id, @RequestBody KeepRow wanted) {
    Row before = rosters.row(id).row();
    return SavedRow.of(
        rosters.keepRow(
            id, new Row(wanted.cells(), before.given(), wanted.leftOut(), wanted.changes())));
  }

  @DeleteMapping("/roster-rows/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void deleteRow(@PathVariable long id) {
    rosters.deleteRow(id);
  }

  /**
   * An overlay filled with a row.
   *
   * @param overlay its id
   * @param width of the frame, in pixels
   * @param cut whether the picture is cut to what is drawn
   */
  @GetMapping(path = "/roster-rows/{id}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> picture(
      @PathVariable long id,
      @RequestParam long overlay,
      @RequestParam(defaultValue = "320") int width,
      @RequestParam(defaultValue = "false") boolean cut) {
    if (width < 1 || width > WIDEST) {
      throw new InvalidInput("A picture of a row is 1 to " + WIDEST + " pixels wide.");
    }
    RosterRowEntity row = rosters.row(id);
    RosterEntity entity = rosters.get(row.rosterId());
    RosterDesign design = designs.one(entity, store.overlay(overlay));
    Overlay filled = design.filling().fill(design.overlay(), row.row()).overlay();
    double scale = (double) width / filled.frame().width();
    byte[] png =
        cut
            ? drawings.cutPicture(entity.packageId(), filled, scale)
            : drawings.picture(entity.packageId(), filled, scale);
    return ResponseEntity.ok().cacheControl(CacheControl.noCache()).body(png);
  }
}
