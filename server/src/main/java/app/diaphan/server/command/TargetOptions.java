package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.Compression;
import app.diaphan.core.file.Extent;
import app.diaphan.core.file.FileFormat;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.file.Resolution;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameCatalogue;
import app.diaphan.core.targets.IfThere;
import app.diaphan.core.targets.NamePattern;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.TargetFrame;
import app.diaphan.core.targets.TargetList;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import picocli.CommandLine.Option;

/** Which targets a command delivers to: those of the bundle by name, or one told by options. */
final class TargetOptions {
  private static final Pattern SIZE = Pattern.compile("(\\d{1,6})[x×](\\d{1,6})");

  @Option(names = "--target", description = "Name of a target of the bundle; may be repeated.")
  List<String> targets = new ArrayList<>();

  @Option(names = "--all-targets", description = "All targets of the bundle.")
  boolean allTargets;

  @Option(names = "--frame", description = "Frame, such as 1920x1080; else the overlay's own.")
  String size;

  @Option(names = "--format", defaultValue = "png", description = "png or tiff.")
  String format;

  @Option(names = "--depth", defaultValue = "8", description = "8 or 16 bits a channel.")
  int depth;

  @Option(
      names = "--alpha",
      defaultValue = "straight",
      description = "straight, premultiplied, fill-and-key, or none for an overlay over a colour.")
  String alpha;

  @Option(names = "--matte", defaultValue = "#000000", description = "Of premultiplied colours.")
  String matte;

  @Option(names = "--over", defaultValue = "#808080", description = "Colour with --alpha none.")
  String over;

  @Option(names = "--shaped", description = "Multiplies the fill by its key.")
  boolean shaped;

  @Option(names = "--extent", defaultValue = "frame", description = "frame or trimmed.")
  String extent;

  @Option(names = "--margin", defaultValue = "0", description = "Pixels around a trimmed file.")
  int margin;

  @Option(names = "--even", description = "Makes a trimmed file's width and height even.")
  boolean even;

  @Option(names = "--compression", defaultValue = "deflate", description = "Of a TIFF file.")
  String compression;

  @Option(names = "--level", defaultValue = "2", description = "Of deflating, 1 to 9.")
  int level;

  @Option(names = "--no-dither", description = "Leaves soft ramps of 8 bits as they are.")
  boolean noDither;

  @Option(names = "--dots", description = "Dots per inch; else the frame's own.")
  Integer dots;

  @Option(names = "--sidecar", description = "Writes a JSON file beside each delivery.")
  boolean sidecar;

  @Option(names = "--names", description = "Pattern of file names; else {overlay}.")
  String names;

  @Option(names = "--keep", description = "Keeps files of the same name and numbers the new ones.")
  boolean keep;

  /** The pattern that was told. */
  Optional<NamePattern> names() {
    return Optional.ofNullable(names).map(NamePattern::parse);
  }

  /**
   * @param forRows whether the pattern is for rows of a roster, whose columns it may hold
   * @throws InvalidInput if one is not there or an option cannot be read
   */
  List<NamedTarget> of(TargetList ofBundle, boolean forRows) {
    if (allTargets) {
      return ofBundle.targets();
    }
    if (!targets.isEmpty()) {
      return targets.stream().map(ofBundle::get).toList();
    }
    return List.of(
        new NamedTarget(
            "As told",
            frame(),
            new FileKind(
                extent(),
                choice(FileFormat.class, "format", format),
                BitDepth.of(depth),
                carried(),
                choice(Compression.class, "compression", compression),
                level,
                !noDither,
                dots == null ? Resolution.OF_FRAME : new Resolution.DotsPerInch(dots),
                sidecar),
            NamePattern.parse(names == null || forRows ? "{overlay}" : names),
            keep ? IfThere.KEEP_BESIDE : IfThere.REPLACE));
  }

  private static <T extends Enum<T>> T choice(Class<T> type, String option, String word) {
    List<String> words = new ArrayList<>();
    for (T constant : type.getEnumConstants()) {
      if (constant.name().equalsIgnoreCase(word)) {
        return constant;
      }
      words.add(constant.name().toLowerCase(Locale.ROOT));
    }
    throw new InvalidInput(Sentence.of("--%s is \"%s\"; give one of %s.", option, word, words));
  }

  private Extent extent() {
    return switch (extent.toLowerCase(Locale.ROOT)) {
      case "frame" -> Extent.WHOLE_FRAME;
      case "trimmed" -> new Extent.TrimmedExtent(margin, even);
      default ->
          throw new InvalidInput(
              Sentence.of("--extent is \"%s\"; give one of [frame, trimmed].", extent));
    };
  }

  private Carried carried() {
    return switch (alpha.toLowerCase(Locale.ROOT)) {
      case "straight" -> Carried.STRAIGHT;
      case "premultiplied" -> new Carried.Premultiplied(Colour.parse(matte));
      case "fill-and-key" -> new Carried.FillAndKey(shaped);
      case "none" -> new Carried.OverColour(Colour.parse(over));
      default ->
          throw new InvalidInput(
              Sentence.of(
                  "--alpha is \"%s\"; give one of [straight, premultiplied, fill-and-key, none].",
                  alpha));
    };
  }

  private TargetFrame frame() {
    if (size == null) {
      return TargetFrame.OF_OVERLAY;
    }
    Matcher matcher = SIZE.matcher(size);
    if (!matcher.matches()) {
      throw new InvalidInput(
          Sentence.of("The frame \"%s\" cannot be read; write it as 1920x1080.", size));
    }
    int width = Integer.parseInt(matcher.group(1));
    int height = Integer.parseInt(matcher.group(2));
    return new TargetFrame.SameForAll(
        FrameCatalogue.bySize(width, height).orElseGet(() -> Frame.of(width, height)));
  }
}
