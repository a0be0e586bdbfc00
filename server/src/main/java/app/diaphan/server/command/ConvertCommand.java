package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.deliver.OwnFolder;
import app.diaphan.core.deliver.SafeFile;
import app.diaphan.core.interchange.OpenRasterFile;
import app.diaphan.core.interchange.SvgFile;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.roster.Filling;
import app.diaphan.server.bundle.Bundle;
import app.diaphan.server.bundle.BundleReader;
import java.io.IOException;
import java.nio.channels.Channels;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Writes overlays of a bundle in open formats that other programs can go on working with. */
@Command(name = "convert", description = "Writes overlays as layered OpenRaster or as SVG files.")
final class ConvertCommand implements Callable<Integer> {
  /** The formats. */
  enum Format {
    ORA,
    SVG
  }

  @Parameters(index = "0", description = "A bundle: a folder or a .zip file.")
  Path bundleFile;

  @Option(names = "--to", required = true, description = "Folder to write to.")
  Path folder;

  @Option(names = "--as", required = true, description = "ora or svg.")
  Format format;

  @Option(names = "--overlay", description = "Name of an overlay; all if none is named.")
  List<String> names = new ArrayList<>();

  @Override
  public Integer call() throws IOException {
    OwnFolder.required(folder);
    Bundle bundle = BundleReader.read(bundleFile);
    Renderer renderer = BundleRenderer.of(bundle);
    boolean failed = false;
    for (Overlay designed : BundleRenderer.chosen(bundle, names)) {
      Overlay overlay = Filling.without(designed);
      Path file =
          folder.resolve(
              FileName.from(overlay.name()) + "." + format.name().toLowerCase(Locale.ROOT));
      try {
        SafeFile.write(
            file,
            channel -> {
              var out = Channels.newOutputStream(channel);
              switch (format) {
                case ORA -> OpenRasterFile.write(renderer, overlay, out);
                case SVG ->
                    out.write(SvgFile.of(renderer, overlay).getBytes(StandardCharsets.UTF_8));
              }
            },
            written -> {});
        System.out.println(file);
      } catch (InvalidInput e) {
        System.err.println(e.getMessage());
        failed = true;
      }
    }
    return failed ? 1 : 0;
  }
}
