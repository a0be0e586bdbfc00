package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.DeliveryFailed;
import app.diaphan.core.deliver.OwnFolder;
import app.diaphan.core.deliver.SideBySide;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.photograph.Corner;
import app.diaphan.core.photograph.DressChoice;
import app.diaphan.core.photograph.Dresses;
import app.diaphan.core.photograph.MarkPlan;
import app.diaphan.core.photograph.MarkedAs;
import app.diaphan.core.photograph.MarkedPhotograph;
import app.diaphan.core.photograph.Marking;
import app.diaphan.core.photograph.Measure;
import app.diaphan.core.photograph.OtherDress;
import app.diaphan.core.photograph.PhotographMarker;
import app.diaphan.core.photograph.file.PhotographFormat;
import app.diaphan.core.photograph.metadata.Credit;
import app.diaphan.core.roster.Filling;
import app.diaphan.server.bundle.Bundle;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.json.DocumentJson;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Puts an overlay of a bundle on photographs, one line of JSON for each. */
@Command(name = "mark", description = "Puts an overlay of a bundle on photographs.")
final class MarkCommand implements Callable<Integer> {
  private static final Pattern SHARE = Pattern.compile("(\\d{1,3}(?:\\.\\d{1,4})?)\\s*%");

  @Parameters(index = "0", description = "A bundle: a folder or a .zip file.")
  Path bundleFile;

  @Parameters(index = "1..*", arity = "1..*", description = "Photographs, or folders of them.")
  List<Path> photographs;

  @Option(
      names = "--overlay",
      required = true,
      description = "Name of the overlay that is the mark.")
  String overlay;

  @Option(
      names = "--other-dress",
      description =
          "Name of an overlay that is its other dress; else light and dark are exchanged.")
  String otherDress;

  @Option(
      names = "--other-finishes",
      description = "Name of a finish set of the bundle that makes its other dress.")
  String otherFinishes;

  @Option(
      names = "--house-dress",
      description = "Its other dress is the one of the bundle's house that it does not wear.")
  boolean houseDress;

  @Option(names = "--to", required = true, description = "Folder for the marked photographs.")
  Path folder;

  @Option(
      names = "--corner",
      defaultValue = "bottom-right",
      description = "bottom-right, bottom-left, top-right, top-left, centre, or quietest.")
  String corner;

  @Option(
      names = "--size",
      defaultValue = "25%",
      description = "Of the mark's longer side: a share of the photograph's shorter side, or px.")
  String size;

  @Option(names = "--margin", defaultValue = "3%", description = "Around the mark, likewise.")
  String margin;

  @Option(names = "--opacity", defaultValue = "100%", description = "Of the mark.")
  String opacity;

  @Option(
      names = "--dress",
      defaultValue = "as-drawn",
      description = "as-drawn, auto for what stands out better, light, or dark.")
  String dress;

  @Option(names = "--format", defaultValue = "same", description = "same, png, jpeg, tiff or webp.")
  String format;

  @Option(names = "--copyright", defaultValue = "", description = "Notice to set in every file.")
  String copyright;

  @Option(names = "--creator", defaultValue = "", description = "Name to set in every file.")
  String creator;

  @Option(names = "--credit", defaultValue = "", description = "Credit line to set in every file.")
  String credit;

  @Option(
      names = "--part",
      description =
          "One of several parts of the run, such as 3/8: every eighth photograph from the third.")
  String part;

  private record Outcome(Path from, Optional<MarkedPhotograph> marked, String problem) {}

  @Override
  public Integer call() throws IOException {
    OwnFolder.required(folder);
    Marking marking = marking();
    Optional<PhotographFormat> wanted = choice(MarkedAs.class, "format", format).format();
    Credit said = new Credit(copyright, creator, credit);
    Part own = Part.parse(part);
    Bundle bundle = BundleReader.read(bundleFile);
    PhotographMarker marker = new PhotographMarker(BundleRenderer.of(bundle), dresses(bundle));
    List<MarkPlan.Planned> planned = MarkPlan.of(MarkPlan.photographs(photographs), folder, wanted);
    if (planned.isEmpty()) {
      throw new InvalidInput(
          Sentence.of(
              "There are no photographs in %s; give JPEG, PNG, TIFF, WebP or HEIC files.",
              photographs));
    }
    int[] problems = {0};
    SideBySide.over(
        IntStream.range(0, planned.size()).filter(own::takes).mapToObj(planned::get).toList(),
        MarkPlan.Planned::goesAlone,
        one -> outcome(marker, one, marking, said, wanted),
        outcome -> {
          if (outcome.marked().isEmpty()) {
            System.err.println(outcome.problem());
            problems[0]++;
          }
          System.out.println(DocumentJson.write(line(outcome)));
        });
    return problems[0] == 0 ? 0 : 1;
  }

  private static Outcome outcome(
      PhotographMarker marker,
      MarkPlan.Planned planned,
      Marking marking,
      Credit credit,
      Optional<PhotographFormat> format) {
    try {
      return new Outcome(
          planned.from(), Optional.of(marker.mark(planned, marking, credit, format)), "");
    } catch (InvalidInput | DeliveryFailed e) {
      String problem = e.getMessage();
      String name = planned.from().getFileName().toString();
      return new Outcome(
          planned.from(),
          Optional.empty(),
          problem.contains(name) ? problem : "\"" + name + "\": " + problem);
    }
  }

  private static Map<String, Object> line(Outcome outcome) {
    Map<String, Object> line = new LinkedHashMap<>();
    line.put("photograph", outcome.from().toString());
    outcome
        .marked()
        .ifPresentOrElse(
            marked -> {
              line.put("file", marked.to().toString());
              line.put("format", marked.format().words());
              line.put("width", marked.width());
              line.put("height", marked.height());
              line.put("corner", words(marked.hung().pin()));
              line.put("dress", words(marked.hung().dress()));
              line.put("left", marked.hung().place().left());
              line.put("top", marked.hung().place().top());
              line.put("markWidth", marked.hung().place().width());
              line.put("markHeight", marked.hung().place().height());
              line.put("contrast", Math.floor(10 * marked.hung().contrast()) / 10);
              line.put("legible", marked.hung().legible());
              line.put("notes", marked.notes());
            },
            () -> line.put("problem", outcome.problem()));
    return line;
  }

  private static String words(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private Dresses dresses(Bundle bundle) {
    Overlay own = named(bundle, overlay);
    long given =
        Stream.of(otherDress != null, otherFinishes != null, houseDress).filter(one -> one).count();
    if (given > 1) {
      throw new InvalidInput(
          "Give one of --other-dress, --other-finishes and --house-dress; a mark has one other dress.");
    }
    if (otherDress != null) {
      return new Dresses(own, Optional.of(named(bundle, otherDress)));
    }
    OtherDress other =
        houseDress
            ? new OtherDress.OfHouse()
            : otherFinishes != null
                ? new OtherDress.InFinishes(otherFinishes)
                : new OtherDress.Exchanged();
    return Dresses.of(own, other, bundle.house(), id -> Optional.empty());
  }

  private static Overlay named(Bundle bundle, String name) {
    return Filling.without(BundleRenderer.chosen(bundle, List.of(name)).getFirst());
  }

  private Marking marking() {
    Matcher share = SHARE.matcher(opacity);
    if (!share.matches()) {
      throw new InvalidInput(
          Sentence.of("--opacity is \"%s\"; write a share such as 60%%.", opacity));
    }
    return new Marking(
        choice(DressChoice.class, "dress", dress),
        corner.equalsIgnoreCase("quietest")
            ? Corner.QUIETEST
            : new Corner.At(choice(PinPoint.class, "corner", corner)),
        Measure.parse("--size", size),
        Measure.parse("--margin", margin),
        Double.parseDouble(share.group(1)) / 100);
  }

  private static <T extends Enum<T>> T choice(Class<T> type, String option, String word) {
    List<String> words = new ArrayList<>();
    for (T constant : type.getEnumConstants()) {
      if (words(constant).equalsIgnoreCase(word)) {
        return constant;
      }
      words.add(words(constant));
    }
    throw new InvalidInput(Sentence.of("--%s is \"%s\"; give one of %s.", option, word, words));
  }
}
