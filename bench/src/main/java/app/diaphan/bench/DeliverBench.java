package app.diaphan.bench;

import app.diaphan.core.deliver.Delivered;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.Progress;
import app.diaphan.core.deliver.Sidecar;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Canvas;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;

/** Files: how true they are to the drawing, and how fast they are written and read back. */
final class DeliverBench {
  private DeliverBench() {}

  static List<Line> run(Demo demo) throws Exception {
    Path folder = Files.createTempDirectory("diaphan-bench");
    Deliverer deliverer = new Deliverer(demo.renderer(0), Sidecar::toString);
    Overlay overlay = demo.lowerThird();
    Target hd = Target.png(overlay.frame());
    Target uhd = Target.png(Frame.of(3840, 2160));
    List<Line> lines = new ArrayList<>();
    lines.add(
        Line.atMost(
            "deliver/16-bit file over flat backdrops, worst × 65535",
            65535
                * worst(
                    demo,
                    new Target(overlay.frame(), FileKind.png().with(BitDepth.SIXTEEN)),
                    folder,
                    0),
            "",
            2));
    lines.add(
        Line.atMost(
            "deliver/8-bit file, no dither, worst × 255",
            255
                * worst(
                    demo,
                    new Target(overlay.frame(), FileKind.png().withDither(false)),
                    folder,
                    8.0 / 255),
            "",
            1));
    double hdTime =
        Clock.median(20, turn -> deliverer.deliver(overlay, hd, folder, "hd", Progress.NONE));
    lines.add(Line.atMost("deliver/1080p 8-bit PNG, drawn to read back", hdTime, "ms", 100));
    double uhdTime =
        Clock.median(20, turn -> deliverer.deliver(overlay, uhd, folder, "uhd", Progress.NONE));
    lines.add(Line.atMost("deliver/2160p 8-bit PNG, drawn to read back", uhdTime, "ms", 300));
    lines.add(
        Line.atMost(
            "deliver/4320p 16-bit TIFF, heap given", inOneGigabyte(demo, folder), "MiB", 1024));
    return lines;
  }

  private static double worst(Demo demo, Target target, Path folder, double leastAlpha)
      throws IOException {
    Overlay overlay = demo.lowerThird();
    Delivered delivered =
        new Deliverer(demo.renderer(0), Sidecar::toString)
            .deliver(overlay, target, folder, "file", Progress.NONE)
            .getFirst();
    Raster raster = ImageIO.read(delivered.file().toFile()).getRaster();
    double[] file = raster.getPixels(0, 0, raster.getWidth(), raster.getHeight(), (double[]) null);
    float[] drawn = demo.renderer(0).render(overlay, Canvas.of(target.frame())).pixels();
    double most = target.file().depth().most();
    double worst = 0;
    for (double backdrop : new double[] {0, 0.18, 0.5, 1}) {
      for (int i = 0; i < file.length; i += 4) {
        double alpha = file[i + 3] / most;
        if (alpha >= leastAlpha) {
          for (int c = 0; c < 3; c++) {
            double over = file[i + c] / most * alpha + backdrop * (1 - alpha);
            double ideal = drawn[i + c] + backdrop * (1 - drawn[i + 3]);
            worst = Math.max(worst, Math.abs(over - ideal));
          }
        }
      }
    }
    return worst;
  }

  /** The heap with which a process of its own delivered the title card; infinite if it failed. */
  private static double inOneGigabyte(Demo demo, Path folder)
      throws IOException, InterruptedException {
    Process process =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin/java").toString(),
                "-Xmx1g",
                "--enable-native-access=ALL-UNNAMED",
                "-cp",
                System.getProperty("java.class.path"),
                "app.diaphan.server.Diaphan",
                "deliver",
                demo.root().resolve("demo/lantern-reach-regatta").toString(),
                "--to",
                folder.toString(),
                "--overlay",
                "Race Day Two",
                "--frame",
                "7680x4320",
                "--format",
                "tiff",
                "--depth",
                "16")
            .inheritIO()
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    return process.waitFor() == 0 ? 1024 : Double.POSITIVE_INFINITY;
  }
}
