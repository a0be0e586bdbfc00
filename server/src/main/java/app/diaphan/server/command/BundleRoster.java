package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.ProofChecks;
import app.diaphan.core.check.Still;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.roster.AskedColumn;
import app.diaphan.core.roster.Filling;
import app.diaphan.core.roster.OpenSlots;
import app.diaphan.core.roster.PlannedRow;
import app.diaphan.core.roster.Roster;
import app.diaphan.core.roster.RosterDesign;
import app.diaphan.core.roster.RosterPlan;
import app.diaphan.core.roster.Row;
import app.diaphan.core.roster.RowChecks;
import app.diaphan.core.roster.RowLegibility;
import app.diaphan.core.roster.table.Heading;
import app.diaphan.core.roster.table.Table;
import app.diaphan.core.roster.table.TableReader;
import app.diaphan.core.targets.NamePattern;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.server.bundle.Bundle;
import app.diaphan.server.bundle.BundlePart;
import app.diaphan.server.bundle.RosterFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The rows that a command fills a bundle's overlays with: a roster of the bundle, or a table. A
 * table called as a roster of the bundle takes that one's place: it feeds what that one feeds.
 *
 * @param bundle with the pictures that were given beside it
 * @param overlays by what the roster knows them by
 */
record BundleRoster(Bundle bundle, Roster roster, List<Row> rows, Map<String, Overlay> overlays) {

  /**
   * @param overlayNames of those to fill; all that leave something open if there are none
   * @throws InvalidInput if the table cannot be read, or no overlay leaves anything open
   */
  static BundleRoster of(Bundle bundle, RosterOptions options, List<String> overlayNames)
      throws IOException {
    Bundle filled = withPictures(bundle, options.pictures());
    Map<String, Overlay> overlays = chosen(bundle, overlayNames);
    Optional<RosterFile> known =
        bundle.rosters().stream()
            .filter(one -> one.roster().name().equals(options.roster))
            .findFirst();
    if (known.isPresent()) {
      return of(filled, known.get(), overlays);
    }
    Path file = Path.of(options.roster);
    if (!Files.isRegularFile(file)) {
      throw new InvalidInput(
          Sentence.of(
              "There is no table at %s, and no roster of that name in the bundle; it has %s.",
              file, bundle.rosters().stream().map(one -> one.roster().name()).toList()));
    }
    List<String> asked =
        overlays.values().stream()
            .flatMap(overlay -> OpenSlots.of(overlay).stream())
            .map(AskedColumn::name)
            .distinct()
            .toList();
    Table table =
        TableReader.read(
            file.getFileName().toString(),
            Files.readAllBytes(file),
            new TableReader.Choices(Optional.empty(), Heading.FOUND_OUT, asked));
    table.notes().forEach(System.err::println);
    String stem = file.getFileName().toString().replaceFirst("\\.[^.]*$", "");
    RosterFile replaced =
        bundle.rosters().stream()
            .filter(one -> FileName.from(one.roster().name()).equals(FileName.from(stem)))
            .findFirst()
            .map(one -> one.with(table))
            .orElseGet(() -> RosterFile.of(stem, table));
    return of(filled, replaced, overlays);
  }

  private static BundleRoster of(Bundle bundle, RosterFile file, Map<String, Overlay> chosen) {
    Map<String, Overlay> overlays = new LinkedHashMap<>(chosen);
    Set<String> fed = new HashSet<>();
    file.roster().designs().forEach(design -> fed.add(design.overlay()));
    if (!fed.isEmpty() && chosen.keySet().stream().anyMatch(fed::contains)) {
      overlays.keySet().retainAll(fed);
    }
    overlays.values().removeIf(overlay -> !OpenSlots.any(overlay));
    if (overlays.isEmpty()) {
      throw new InvalidInput(
          "No overlay leaves anything open for the rows; write the name of a column in braces into words, as {name}.");
    }
    return new BundleRoster(bundle, file.roster(), file.rows(), overlays);
  }

  private static Map<String, Overlay> chosen(Bundle bundle, List<String> names) {
    List<Overlay> chosen = BundleRenderer.chosen(bundle, names);
    Map<String, Overlay> overlays = new LinkedHashMap<>(bundle.overlays());
    overlays.values().removeIf(overlay -> !chosen.contains(overlay));
    return overlays;
  }

  private static Bundle withPictures(Bundle bundle, Optional<Path> folder) throws IOException {
    if (folder.isEmpty()) {
      return bundle;
    }
    Map<String, BundlePart> pictures = new LinkedHashMap<>(bundle.pictures());
    List<Path> files;
    try (Stream<Path> found = Files.list(folder.get())) {
      files = found.filter(Files::isRegularFile).sorted().toList();
    }
    for (Path file : files) {
      String name = file.getFileName().toString();
      PictureReader.checkLength(name, Files.size(file));
      pictures.put(name, BundlePart.of(file));
    }
    return bundle.withPictures(pictures);
  }

  /**
   * Every file that the rows would become.
   *
   * @param names the pattern that was told; else the roster's own
   */
  List<PlannedRow> plan(List<NamedTarget> targets, Optional<NamePattern> names) {
    List<RosterDesign> designs = new ArrayList<>();
    overlays.forEach(
        (known, overlay) ->
            designs.add(
                new RosterDesign(
                    overlay,
                    1,
                    new Filling(
                        roster.columnsFor(known), bundle.pictures().keySet(), bundle.house()))));
    return new RosterPlan(bundle.name(), LocalDate.now(), names.or(roster::pattern), roster.key())
        .of(rows, designs, targets);
  }

  /** The checks that the bundle's proof makes. */
  Set<CheckKind> checks() {
    Set<CheckKind> checks = EnumSet.allOf(CheckKind.class);
    checks.removeAll(bundle.checksLeftOut());
    return checks;
  }

  /**
   * What the rows have to pass.
   *
   * @param made which checks are
   */
  RowChecks rowChecks(Renderer renderer, Set<CheckKind> made) {
    List<Still> stills =
        made.contains(CheckKind.LEGIBILITY) ? BundleRenderer.stills(bundle) : List.of();
    return new RowChecks(
        renderer,
        made,
        new RowLegibility(
            overlay ->
                ProofChecks.of(
                    renderer,
                    overlay,
                    stills,
                    bundle.targets(),
                    EnumSet.of(CheckKind.LEGIBILITY))));
  }

  /** What a row is called where people read of it. */
  String label(int row) {
    return roster.columnsFor("").place(roster.key()).map(rows.get(row)::cell).orElse("");
  }
}
