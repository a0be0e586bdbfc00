package app.diaphan.bench;

import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.Progress;
import app.diaphan.core.deliver.SideBySide;
import app.diaphan.core.deliver.Sidecar;
import app.diaphan.core.targets.DeliveryPlan;
import app.diaphan.core.targets.PlannedFile;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;

/** The whole demo package at its five targets in one go. */
final class PackageBench {
  private PackageBench() {}

  static List<Line> run(Demo demo) throws Exception {
    Path folder = Files.createTempDirectory("diaphan-bench");
    Deliverer deliverer = new Deliverer(demo.renderer(64L << 20), Sidecar::toString);
    DeliveryPlan plan =
        new DeliveryPlan(deliverer, demo.bundle().name(), LocalDate.of(2026, 6, 30));
    List<PlannedFile> files =
        plan.of(
            demo.bundle().overlays().values().stream()
                .map(overlay -> new DeliveryPlan.Planned(overlay, 1))
                .toList(),
            demo.bundle().targets().targets());
    deliver(deliverer, files, folder);
    var system =
        (com.sun.management.OperatingSystemMXBean) ManagementFactory.getOperatingSystemMXBean();
    long busy = system.getProcessCpuTime();
    long began = System.nanoTime();
    deliver(deliverer, files, folder);
    double seconds = (System.nanoTime() - began) / 1e9;
    double cores = (system.getProcessCpuTime() - busy) / 1e9 / seconds;
    return List.of(
        Line.atMost(
            "deliver/package of %d files at five targets".formatted(files.size()),
            seconds,
            "s",
            30),
        Line.atLeast("deliver/package: cores at work meanwhile", cores, "", 1.5));
  }

  private static void deliver(Deliverer deliverer, List<PlannedFile> files, Path folder) {
    SideBySide.over(
        files,
        PlannedFile::goesAlone,
        file ->
            deliverer.deliver(
                file.overlay(),
                file.target().of(file.overlay()),
                folder,
                file.name(),
                Progress.NONE),
        delivered -> {});
  }
}
