package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.Delivered;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.Progress;
import app.diaphan.core.deliver.SideBySide;
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
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Delivers overlays of a bundle without a server, one line of JSON for each file. */
@Command(name = "deliver", description = "Delivers the overlays of a bundle.")
final class DeliverCommand implements Callable<Integer> {
  @Parameters(index = "0", description = "A bundle: a folder or a .zip file.")
  Path bundleFile;

  @Option(names = "--to", required = true, description = "Folder to deliver to.")
  Path folder;

  @Option(names = "--overlay", description = "Name of an overlay; all if none is named.")
  List<String> names = new ArrayList<>();

  @Mixin TargetOptions targetOptions;

  @Option(
      names = "--report",
      description = "Writes a report: a page to print, or data if the name ends with .json.")
  Path report;

  @Override
  public Integer call() throws IOException {
    Bundle bundle = BundleReader.read(bundleFile);
    List<NamedTarget> targets = targetOptions.of(bundle.targets());
    Deliverer deliverer = new Deliverer(BundleRenderer.of(bundle), DocumentJson::writeReadable);
    List<DeliveryPlan.Planned> planned =
        BundleRenderer.chosen(bundle, names).stream()
            .map(overlay -> new DeliveryPlan.Planned(overlay, 1))
            .toList();
    List<PlannedFile> files =
        new DeliveryPlan(deliverer, bundle.name(), LocalDate.now()).of(planned, targets);
    List<ReportPage.Entry> entries = new ArrayList<>();
    List<String> problems = new ArrayList<>();
    SideBySide.over(
        files,
        PlannedFile::goesAlone,
        file -> outcome(deliverer, file),
        outcome -> {
          outcome.delivered().forEach(delivered -> tell(outcome.file(), delivered, entries));
          outcome
              .problem()
              .ifPresent(
                  problem -> {
                    System.err.println(problem);
                    problems.add(problem);
                  });
        });
    if (report != null) {
      ZonedDateTime now = ZonedDateTime.now();
      Files.writeString(
          report,
          report.toString().endsWith(".json")
              ? ReportJson.of(bundle.name(), now, entries)
              : ReportPage.of(bundle.name(), now, entries));
    }
    return problems.isEmpty() ? 0 : 1;
  }

  /** What became of an overlay at a target: its files, or why there are none. */
  private record Outcome(PlannedFile file, List<Delivered> delivered, Optional<String> problem) {}

  private Outcome outcome(Deliverer deliverer, PlannedFile file) {
    try {
      return new Outcome(file, deliver(deliverer, file), Optional.empty());
    } catch (InvalidInput e) {
      return new Outcome(file, List.of(), Optional.of(e.getMessage()));
    }
  }

  private static void tell(PlannedFile file, Delivered delivered, List<ReportPage.Entry> entries) {
    System.out.println(DocumentJson.write(line(file, delivered)));
    entries.add(
        new ReportPage.Entry(
            file.overlay().name(),
            1,
            file.target().name(),
            delivered.target(),
            delivered.file(),
            delivered.inWords(),
            delivered.report()));
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

  private static Map<String, Object> line(PlannedFile file, Delivered delivered) {
    Map<String, Object> line = new LinkedHashMap<>();
    line.put("overlay", file.overlay().name());
    line.put("target", file.target().name());
    line.put("file", delivered.file().toString());
    line.put("inWords", delivered.inWords());
    line.put("left", delivered.left());
    line.put("top", delivered.top());
    line.put("report", delivered.report());
    line.put("findings", delivered.findings());
    return line;
  }
}
