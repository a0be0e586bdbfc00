package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.Delivered;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.OwnFolder;
import app.diaphan.core.deliver.Progress;
import app.diaphan.core.deliver.SideBySide;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.roster.Filling;
import app.diaphan.core.roster.OpenSlots;
import app.diaphan.core.roster.PlannedRow;
import app.diaphan.core.roster.RowDelivery;
import app.diaphan.core.targets.DeliveryPlan;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.PlannedFile;
import app.diaphan.server.bundle.Bundle;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.report.ReportJson;
import app.diaphan.server.report.ReportPage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/**
 * Delivers overlays of a bundle without a server, as they are or filled with the rows of a table,
 * one line of JSON for each file.
 */
@Command(name = "deliver", description = "Delivers the overlays of a bundle.")
final class DeliverCommand implements Callable<Integer> {
  @Parameters(index = "0", description = "A bundle: a folder or a .zip file.")
  Path bundleFile;

  @Option(names = "--to", required = true, description = "Folder to deliver to.")
  Path folder;

  @Option(names = "--overlay", description = "Name of an overlay; all if none is named.")
  List<String> names = new ArrayList<>();

  @Mixin TargetOptions targetOptions;

  @Mixin RosterOptions rosterOptions;

  @Option(
      names = "--report",
      description = "Writes a report: a page to print, or data if the name ends with .json.")
  Path report;

  @Override
  public Integer call() throws IOException {
    rosterOptions.checkAlone();
    OwnFolder.required(folder);
    Bundle bundle = BundleReader.read(bundleFile);
    List<NamedTarget> targets = targetOptions.of(bundle.targets(), rosterOptions.given());
    DeliveryLines lines = new DeliveryLines(report != null);
    if (rosterOptions.given()) {
      deliverRows(BundleRoster.of(bundle, rosterOptions, names), targets, lines);
    } else {
      deliverOverlays(bundle, targets, lines);
    }
    if (report != null) {
      ZonedDateTime now = ZonedDateTime.now();
      Files.writeString(
          report,
          report.toString().endsWith(".json")
              ? ReportJson.of(bundle.name(), now, lines.entries())
              : ReportPage.of(bundle.name(), now, lines.entries()));
    }
    return lines.problems() == 0 ? 0 : 1;
  }

  private void deliverOverlays(Bundle bundle, List<NamedTarget> targets, DeliveryLines lines) {
    Deliverer deliverer = new Deliverer(BundleRenderer.of(bundle), DocumentJson::writeReadable);
    List<DeliveryPlan.Planned> planned =
        closed(bundle).stream()
            .map(overlay -> new DeliveryPlan.Planned(Filling.without(overlay), 1))
            .toList();
    SideBySide.over(
        new DeliveryPlan(deliverer, bundle.name(), LocalDate.now()).of(planned, targets),
        PlannedFile::goesAlone,
        file ->
            Outcome.of(
                () -> deliver(deliverer, file),
                Map.of("overlay", file.overlay().name(), "target", file.target().name())),
        lines::tell);
  }

  /** What leaves something open is not delivered with its braces. */
  private List<Overlay> closed(Bundle bundle) {
    List<Overlay> chosen = BundleRenderer.chosen(bundle, names);
    List<Overlay> open = chosen.stream().filter(OpenSlots::any).toList();
    if (!names.isEmpty() && !open.isEmpty()) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is filled by the rows of a table; give one with --roster.",
              open.getFirst().name()));
    }
    open.forEach(
        overlay ->
            System.err.println(
                Sentence.of("\"%s\" was passed over: it goes out with --roster.", overlay.name())));
    return chosen.stream().filter(overlay -> !OpenSlots.any(overlay)).toList();
  }

  private List<Delivered> deliver(Deliverer deliverer, PlannedFile file) {
    if (!file.possible()) {
      throw new InvalidInput(
          Sentence.of("\"%s\" was not delivered. %s", file.overlay().name(), file.problem()));
    }
    return deliverer.deliver(
        file.overlay(),
        file.target().of(file.overlay()),
        folder,
        file.freeName(name -> Files.exists(folder.resolve(name))),
        Progress.NONE);
  }

  private void deliverRows(BundleRoster roster, List<NamedTarget> targets, DeliveryLines lines) {
    Renderer renderer = BundleRenderer.of(roster.bundle());
    RowDelivery delivery =
        new RowDelivery(
            new Deliverer(renderer, DocumentJson::writeReadable),
            roster.rowChecks(renderer, roster.checks()));
    Set<Integer> wanted = new HashSet<>(rosterOptions.places(roster.rows().size()));
    SideBySide.over(
        roster.plan(targets, targetOptions.names()).stream()
            .filter(planned -> wanted.contains(planned.row()))
            .toList(),
        PlannedRow::goesAlone,
        planned ->
            Outcome.of(
                () ->
                    delivery.deliver(
                        planned,
                        roster.rows().get(planned.row()),
                        folder,
                        planned.freeName(name -> Files.exists(folder.resolve(name))),
                        Progress.NONE),
                said(roster, planned)),
        lines::tell);
  }

  private static Map<String, Object> said(BundleRoster roster, PlannedRow planned) {
    Map<String, Object> said = new LinkedHashMap<>();
    said.put("overlay", planned.design().overlay().name());
    said.put("target", planned.target().name());
    said.put("row", planned.row() + 1);
    said.put("key", roster.label(planned.row()));
    return said;
  }
}
