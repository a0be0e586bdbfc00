package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.AlphaKind;
import app.diaphan.core.deliver.BitDepth;
import app.diaphan.core.deliver.Compression;
import app.diaphan.core.deliver.Delivered;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.Extent;
import app.diaphan.core.deliver.FileFormat;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.deliver.Progress;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameCatalogue;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.bundle.Bundle;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.json.DocumentJson;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Delivers overlays of a bundle without a server, one line of JSON for each file. */
@Command(name = "deliver", description = "Delivers the overlays of a bundle.")
final class DeliverCommand implements Callable<Integer> {
  private static final Pattern SIZE = Pattern.compile("(\\d{1,6})[x×](\\d{1,6})");

  /** Of deflating: quick, as the default of a target. */
  private static final int LEVEL = 2;

  @Parameters(index = "0", description = "A bundle: a folder or a .zip file.")
  Path bundleFile;

  @Option(names = "--to", required = true, description = "Folder to deliver to.")
  Path folder;

  @Option(names = "--overlay", description = "Name of an overlay; all if none is named.")
  List<String> names = new ArrayList<>();

  @Option(names = "--frame", description = "Frame, such as 1920x1080; else the overlay's own.")
  String size;

  @Option(names = "--format", defaultValue = "png")
  String format;

  @Option(names = "--depth", defaultValue = "8")
  int depth;

  @Option(names = "--alpha", defaultValue = "straight")
  String alpha;

  @Option(names = "--extent", defaultValue = "frame")
  String extent;

  @Option(names = "--compression", defaultValue = "deflate")
  String compression;

  @Override
  public Integer call() throws IOException {
    Bundle bundle = BundleReader.read(bundleFile);
    Deliverer deliverer = new Deliverer(BundleRenderer.of(bundle));
    boolean failed = false;
    for (Overlay overlay : BundleRenderer.chosen(bundle, names)) {
      try {
        Delivered delivered =
            deliverer.deliver(
                overlay, target(overlay), folder, FileName.from(overlay.name()), Progress.NONE);
        System.out.println(DocumentJson.write(line(overlay, delivered)));
      } catch (InvalidInput e) {
        System.err.println(e.getMessage());
        failed = true;
      }
    }
    return failed ? 1 : 0;
  }

  private Target target(Overlay overlay) {
    return new Target(
        frame(overlay),
        choice(Extent.class, "extent", extent),
        choice(FileFormat.class, "format", format),
        BitDepth.of(depth),
        choice(AlphaKind.class, "alpha", alpha),
        choice(Compression.class, "compression", compression),
        LEVEL,
        true,
        72);
  }

  private Frame frame(Overlay overlay) {
    if (size == null) {
      return overlay.frame();
    }
    Matcher matcher = SIZE.matcher(size);
    if (!matcher.matches()) {
      throw new InvalidInput(
          "The frame \"%s\" cannot be read; write it as 1920x1080.".formatted(size));
    }
    int width = Integer.parseInt(matcher.group(1));
    int height = Integer.parseInt(matcher.group(2));
    return FrameCatalogue.bySize(width, height).orElseGet(() -> Frame.of(width, height));
  }

  private static <T extends Enum<T>> T choice(Class<T> type, String option, String word) {
    for (T constant : type.getEnumConstants()) {
      if (constant.name().equalsIgnoreCase(word)) {
        return constant;
      }
    }
    List<String> words =
        List.of(type.getEnumConstants()).stream().map(c -> c.name().toLowerCase()).toList();
    throw new InvalidInput("--%s is \"%s\"; give one of %s.".formatted(option, word, words));
  }

  private static Map<String, Object> line(Overlay overlay, Delivered delivered) {
    Map<String, Object> line = new LinkedHashMap<>();
    line.put("overlay", overlay.name());
    line.put("file", delivered.file().toString());
    line.put("inWords", delivered.inWords());
    line.put("left", delivered.left());
    line.put("top", delivered.top());
    line.put("report", delivered.report());
    line.put("findings", delivered.findings());
    return line;
  }
}
