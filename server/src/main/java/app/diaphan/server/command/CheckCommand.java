package app.diaphan.server.command;

import app.diaphan.core.check.CheckKind;
import app.diaphan.core.check.Finding;
import app.diaphan.core.check.ProofChecks;
import app.diaphan.core.check.Still;
import app.diaphan.core.check.house.Brand;
import app.diaphan.core.check.house.HouseChecks;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.roster.Filling;
import app.diaphan.core.roster.PlannedRow;
import app.diaphan.core.roster.RowChecks;
import app.diaphan.core.roster.RowTrouble;
import app.diaphan.server.bundle.Bundle;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.json.DocumentJson;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Makes the checks of the proof without a server, one line of JSON for each overlay. */
@Command(name = "check", description = "Checks the overlays of a bundle; exit 1 if one fails.")
final class CheckCommand implements Callable<Integer> {
  @Parameters(index = "0", description = "A bundle: a folder or a .zip file.")
  Path bundleFile;

  @Option(names = "--overlay", description = "Name of an overlay; all if none is named.")
  List<String> names = new ArrayList<>();

  @Option(names = "--without", description = "A check not to make, such as TITLE_SAFE.")
  List<CheckKind> without = new ArrayList<>();

  @Mixin RosterOptions rosterOptions;

  @Override
  public Integer call() throws IOException {
    rosterOptions.checkAlone();
    Bundle bundle = BundleReader.read(bundleFile);
    return rosterOptions.given()
        ? checkRows(BundleRoster.of(bundle, rosterOptions, names))
        : checkOverlays(bundle);
  }

  /** Every row at every target of the bundle, one line of JSON for each. */
  private int checkRows(BundleRoster roster) {
    Renderer renderer = BundleRenderer.of(roster.bundle());
    Set<CheckKind> made = roster.checks();
    without.forEach(made::remove);
    RowChecks checks = roster.rowChecks(renderer, made);
    Set<Integer> wanted = new HashSet<>(rosterOptions.places(roster.rows().size()));
    boolean failed = false;
    for (PlannedRow planned : roster.plan(roster.bundle().targets().targets(), Optional.empty())) {
      if (wanted.contains(planned.row())) {
        List<RowTrouble> troubles = checks.of(planned, roster.rows().get(planned.row()));
        failed |= !troubles.isEmpty();
        Map<String, Object> line = new LinkedHashMap<>();
        line.put("overlay", planned.design().overlay().name());
        line.put("target", planned.target().name());
        line.put("row", planned.row() + 1);
        line.put("key", roster.label(planned.row()));
        line.put("passes", troubles.isEmpty());
        line.put("troubles", troubles);
        System.out.println(DocumentJson.write(line));
      }
    }
    return failed ? 1 : 0;
  }

  private int checkOverlays(Bundle bundle) {
    Renderer renderer = BundleRenderer.of(bundle);
    List<Still> stills = BundleRenderer.stills(bundle);
    EnumSet<CheckKind> wanted = EnumSet.allOf(CheckKind.class);
    wanted.removeAll(bundle.checksLeftOut());
    without.forEach(wanted::remove);
    boolean failed = false;
    for (Overlay designed : BundleRenderer.chosen(bundle, names)) {
      Overlay overlay = Filling.without(designed);
      List<Finding> found =
          new ArrayList<>(ProofChecks.of(renderer, overlay, stills, bundle.targets(), wanted));
      found.addAll(
          HouseChecks.of(
              renderer,
              overlay,
              new Brand(bundle.house(), bundle.following(), renderer.fonts()),
              wanted));
      found.sort(Comparator.comparing((Finding one) -> !one.fails()));
      boolean fails = found.stream().anyMatch(Finding::fails);
      failed |= fails;
      Map<String, Object> line = new LinkedHashMap<>();
      line.put("overlay", overlay.name());
      line.put("passes", !fails);
      line.put("found", found);
      System.out.println(DocumentJson.write(line));
    }
    return failed ? 1 : 0;
  }
}
