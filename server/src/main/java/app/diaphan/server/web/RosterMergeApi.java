package app.diaphan.server.web;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.roster.Columns;
import app.diaphan.core.roster.Merge;
import app.diaphan.core.roster.Roster;
import app.diaphan.core.roster.table.Heading;
import app.diaphan.core.roster.table.Table;
import app.diaphan.core.roster.table.TableReader;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.roster.RosterRowEntity;
import app.diaphan.server.roster.RosterStore;
import app.diaphan.server.web.SavedRosters.SavedRoster;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** A table that is given again: what it would change, and changing it. */
@RestController
@RequestMapping("/api")
class RosterMergeApi {
  private final RosterStore rosters;
  private final SavedRosters saved;

  RosterMergeApi(RosterStore rosters, SavedRosters saved) {
    this.rosters = rosters;
    this.saved = saved;
  }

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
    return saved.of(rosters.merge(id, merge, cells, withoutGone));
  }

  private Merge merged(long id, List<RosterRowEntity> rows, MultipartFile file, String encoding)
      throws IOException {
    Roster roster = rosters.get(id).roster();
    Table table =
        TableReader.read(
            Optional.ofNullable(file.getOriginalFilename()).orElse("The table"),
            Uploads.bytes(file),
            new TableReader.Choices(
                Uploads.encoding(encoding), Heading.FOUND_OUT, roster.columns()));
    return Merge.of(
        roster.columns(), rows.stream().map(RosterRowEntity::row).toList(), roster.key(), table);
  }
}
