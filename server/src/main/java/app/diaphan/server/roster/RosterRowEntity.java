package app.diaphan.server.roster;

import app.diaphan.core.overlay.retarget.PieceChange;
import app.diaphan.core.roster.Row;
import app.diaphan.server.json.DocumentJson;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import java.util.List;

/** A row of a roster. */
@Entity
@Table(name = "roster_row")
public class RosterRowEntity {
  /** Ids are taken so many at once, so that ten thousand rows are written in batches. */
  private static final int IDS_AT_ONCE = 500;

  /** Read as strings: as streams, ten thousand rows take several times as long. */
  private static final String LONG_TEXT = "character large object";

  @Id
  @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = "roster_row_id")
  @SequenceGenerator(
      name = "roster_row_id",
      sequenceName = "roster_row_id",
      allocationSize = IDS_AT_ONCE)
  private Long id;

  private Long rosterId;
  private int place;

  @Column(columnDefinition = LONG_TEXT)
  private String cells;

  @Column(columnDefinition = LONG_TEXT)
  private String given;

  private boolean leftOut;

  @Column(columnDefinition = LONG_TEXT)
  private String changes;

  protected RosterRowEntity() {}

  RosterRowEntity(Long rosterId, int place, Row row) {
    this.rosterId = rosterId;
    this.place = place;
    keep(row);
  }

  final void keep(Row row) {
    cells = DocumentJson.write(row.cells());
    given = row.given().equals(row.cells()) ? "" : DocumentJson.write(row.given());
    leftOut = row.leftOut();
    changes = row.changes().isEmpty() ? "" : DocumentJson.write(row.changes());
  }

  final void move(int to) {
    place = to;
  }

  public Row row() {
    List<String> texts = List.of(DocumentJson.read(cells, String[].class, "A row"));
    return new Row(
        texts,
        given.isEmpty() ? texts : List.of(DocumentJson.read(given, String[].class, "A row")),
        leftOut,
        changes.isEmpty()
            ? List.of()
            : List.of(DocumentJson.read(changes, PieceChange[].class, "A row")));
  }

  public Long id() {
    return id;
  }

  public Long rosterId() {
    return rosterId;
  }

  /** Rows stand in rising order of it; some may have been taken out. */
  public int place() {
    return place;
  }
}
