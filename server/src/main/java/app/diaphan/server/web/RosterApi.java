package app.diaphan.server.web;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.roster.AskedColumn;
import app.diaphan.core.roster.KeyColumn;
import app.diaphan.core.roster.OpenSlots;
import app.diaphan.core.roster.Roster;
import app.diaphan.core.roster.Row;
import app.diaphan.core.roster.table.Heading;
import app.diaphan.core.roster.table.Table;
import app.diaphan.core.roster.table.TableArchive;
import app.diaphan.core.roster.table.TableReader;
import app.diaphan.server.roster.RosterChecks;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.roster.RosterStore;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureStore;
import app.diaphan.server.web.SavedRosters.SavedRoster;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
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

/** Rosters: tables whose rows fill overlays. */
@RestController
@RequestMapping("/api")
class RosterApi {
  private final RosterStore rosters;
  private final SavedRosters saved;
  private final RosterChecks checks;
  private final PackageStore store;
  private final PictureStore pictures;

  RosterApi(
      RosterStore rosters,
      SavedRosters saved,
      RosterChecks checks,
      PackageStore store,
      PictureStore pictures) {
    this.rosters = rosters;
    this.saved = saved;
    this.checks = checks;
    this.store = store;
    this.pictures = pictures;
  }

  record KeepRoster(int basedOn, Roster roster) {}

  /**
   * @param text cells with tabs between them, or lines
   */
  record PastedTable(String name, String text, Heading heading) {}

  @GetMapping("/packages/{id}/rosters")
  List<SavedRoster> rosters(@PathVariable long id) {
    store.get(id);
    return rosters.of(id).stream().map(saved::of).toList();
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
        saved.open(packageId).stream()
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
    return saved.of(entity, table);
  }

  private TableReader.Choices choices(long packageId, String encoding, Heading heading) {
    List<String> asked =
        saved.open(packageId).stream()
            .flatMap(overlay -> OpenSlots.of(PackageStore.documentOf(overlay)).stream())
            .map(AskedColumn::name)
            .distinct()
            .toList();
    return new TableReader.Choices(Uploads.encoding(encoding), heading, asked);
  }

  @GetMapping("/rosters/{id}")
  SavedRoster roster(@PathVariable long id) {
    return saved.of(rosters.get(id));
  }

  @PutMapping("/rosters/{id}")
  SavedRoster keep(@PathVariable long id, @RequestBody KeepRoster wanted) {
    return saved.of(rosters.keep(id, wanted.basedOn(), wanted.roster()));
  }

  @DeleteMapping("/rosters/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    rosters.delete(id);
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
}
