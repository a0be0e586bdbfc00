package app.diaphan.server.command;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueClip;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.CueStill;
import app.diaphan.core.cue.Dealing;
import app.diaphan.core.cue.Dealing.Lasting;
import app.diaphan.core.cue.Fit;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.StillLines;
import app.diaphan.core.cue.check.CueChecks;
import app.diaphan.core.cue.check.CueFound;
import app.diaphan.core.cue.handover.HandOver;
import app.diaphan.core.cue.handover.HandOverFolder;
import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.marker.MarkerFile;
import app.diaphan.core.cue.marker.MarkersRead;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.cue.time.CueTime;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.deliver.Delivered;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.OwnFolder;
import app.diaphan.core.deliver.Progress;
import app.diaphan.core.deliver.SideBySide;
import app.diaphan.core.file.Carried;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameRate;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.roster.PlannedRow;
import app.diaphan.core.roster.RowDelivery;
import app.diaphan.core.screening.AlphaReading;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.server.bundle.Bundle;
import app.diaphan.server.bundle.BundleReader;
import app.diaphan.server.json.DocumentJson;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalLong;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.regex.Pattern;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/**
 * Deals the rows of a table to markers, delivers their stills and hands all over as open time
 * lines, one line of JSON for each still and one for the whole.
 */
@Command(
    name = "cues",
    description = "Times the stills of a table by markers and hands them over to an editor.")
final class CuesCommand implements Callable<Integer> {
  private static final Pattern FRAMES = Pattern.compile("\\d{1,4}");

  /** How long the last still lasts where only the next marker would end it. */
  private static final int LAST_SECONDS = 5;

  @Parameters(index = "0", description = "A bundle: a folder or a .zip file.")
  Path bundleFile;

  @Option(names = "--to", required = true, description = "Folder to hand over to.")
  Path folder;

  @Option(
      names = "--markers",
      required = true,
      description = "OpenTimelineIO, CMX 3600 edit list, WebVTT, SubRip or a table with times.")
  Path markerFile;

  @Option(
      names = "--rate",
      required = true,
      description = "Pictures a second, such as 25 or 29.97.")
  String rate;

  @Option(names = "--drop-frame", description = "Timecodes leave numbers out (29.97 and 59.94).")
  boolean dropFrame;

  @Option(
      names = "--start",
      description = "Timecode of the video's first picture; else what the markers' file says.")
  String start;

  @Option(
      names = "--video-length",
      description = "Of the whole video, such as 168s; else up to the end of the last still.")
  String videoLength;

  @Option(
      names = "--length",
      description = "Of every still, such as 5s; else each lasts to the next marker.")
  String length;

  @Option(names = "--fade", defaultValue = "0", description = "In and out, in frames; 0 for cuts.")
  String fade;

  @Option(
      names = "--by",
      defaultValue = "order",
      description = "order, or words: a marker gets the row that its words name.")
  String by;

  @Option(names = "--reading-speed", defaultValue = "15", description = "Characters a second.")
  double readingSpeed;

  @Option(names = "--overlay", description = "Name of the overlay; needed if rows fill several.")
  List<String> names = new ArrayList<>();

  @Mixin TargetOptions targetOptions;

  @Mixin RosterOptions rosterOptions;

  private boolean told;

  @Override
  public Integer call() throws IOException {
    if (!rosterOptions.given()) {
      throw new InvalidInput("Give the table with the stills' rows with --roster.");
    }
    if (rosterOptions.part != null) {
      throw new InvalidInput("--part is for deliveries; a cue list is handed over whole.");
    }
    OwnFolder.required(folder);
    TimeBase base = new TimeBase(FrameRate.parse(rate), dropFrame);
    Move move = move();
    Dealing.By dealtBy = dealtBy();
    Bundle bundle = BundleReader.read(bundleFile);
    NamedTarget target = target(bundle);
    BundleRoster roster = one(BundleRoster.of(bundle, rosterOptions, names));
    MarkersRead read = markers(base);
    CueClip clip = clip(roster, target, base, read);
    CueList list =
        new CueList(roster.roster().name(), clip, readingSpeed, read.markers(), List.of());
    list = dealt(list, roster, target, move, dealtBy);
    list = apart(list, roster);
    handOver(list, roster, target);
    return told ? 1 : 0;
  }

  private void tell(String sentence) {
    System.err.println(sentence);
  }

  private Move move() {
    if (!FRAMES.matcher(fade).matches()) {
      throw new InvalidInput(
          Sentence.of("--fade is \"%s\"; give it in whole frames, such as 12.", fade));
    }
    int frames = Integer.parseInt(fade);
    return frames == 0 ? Move.CUT : new Move.Fade(frames);
  }

  private Dealing.By dealtBy() {
    return switch (by.toLowerCase(Locale.ROOT)) {
      case "order" -> Dealing.By.ORDER;
      case "words" -> Dealing.By.WORDS;
      default -> throw new InvalidInput(Sentence.of("--by is \"%s\"; give order or words.", by));
    };
  }

  private NamedTarget target(Bundle bundle) {
    List<NamedTarget> targets = targetOptions.of(bundle.targets(), true);
    if (targets.size() != 1) {
      throw new InvalidInput("A cue list shows the files of one target; name one with --target.");
    }
    NamedTarget target = targets.getFirst();
    switch (target.file().carried()) {
      case Carried.Straight _, Carried.Premultiplied _ -> {}
      case Carried.FillAndKey _, Carried.OverColour _ ->
          throw new InvalidInput(
              "The stills of a cue list keep their alpha in their file; deliver them straight or premultiplied.");
    }
    return target;
  }

  private static BundleRoster one(BundleRoster roster) {
    if (roster.overlays().size() > 1) {
      throw new InvalidInput(
          Sentence.of(
              "The rows fill several overlays, %s; name one with --overlay.",
              roster.overlays().values().stream()
                  .map(overlay -> "\"" + overlay.name() + "\"")
                  .toList()));
    }
    return roster;
  }

  private MarkersRead markers(TimeBase base) throws IOException {
    if (!Files.isRegularFile(markerFile)) {
      throw new InvalidInput(Sentence.of("There is no file of markers at %s.", markerFile));
    }
    long first = start == null ? 0 : base.picture(start);
    MarkersRead read =
        MarkerFile.read(
            markerFile.getFileName().toString(), Files.readAllBytes(markerFile), base, first);
    read.notes().forEach(this::tell);
    return read;
  }

  private CueClip clip(BundleRoster roster, NamedTarget target, TimeBase base, MarkersRead read) {
    Frame frame = target.of(roster.overlays().values().iterator().next()).frame();
    OptionalLong said = start == null ? read.start() : OptionalLong.of(base.picture(start));
    long first = said.orElse(0);
    long end = first + 1;
    for (Marker marker : read.markers()) {
      long lasts =
          length != null
              ? CueTime.length(length, base)
              : Math.max(marker.length(), base.nearest(LAST_SECONDS));
      end = Math.max(end, marker.at() + lasts);
    }
    return new CueClip(
        "",
        frame.width(),
        frame.videoHeight(),
        base,
        first,
        videoLength == null ? end - first : CueTime.length(videoLength, base));
  }

  private CueList dealt(
      CueList list, BundleRoster roster, NamedTarget target, Move move, Dealing.By dealtBy) {
    List<Dealing.Card> cards = new ArrayList<>();
    for (int place : rosterOptions.places(roster.rows().size())) {
      if (!roster.rows().get(place).leftOut()) {
        cards.add(new Dealing.Card(id(place, target), roster.label(place)));
      }
    }
    Lasting lasting =
        length == null
            ? new Lasting.UntilNext()
            : new Lasting.Fixed(CueTime.length(length, list.clip().base()));
    Dealing.Dealt dealt =
        new Dealing(dealtBy, lasting, 1, move, move, Fit.OWN)
            .deal(cards, list.markers(), list.clip(), 1);
    dealt.notes().forEach(this::tell);
    if (dealt.cues().isEmpty()) {
      throw new InvalidInput("No marker got a still; nothing was handed over.");
    }
    return list.withCues(dealt.cues());
  }

  private static StillId id(int place, NamedTarget target) {
    return new StillId(1, place + 1L, target.name());
  }

  private static int place(StillId id) {
    return (int) id.row() - 1;
  }

  /** A still that would run into the next one ends where that begins. */
  private CueList apart(CueList list, BundleRoster roster) {
    List<Cue> cues = new ArrayList<>(list.cues());
    for (int i = 0; i + 1 < cues.size(); i++) {
      Cue cue = cues.get(i);
      long next = cues.get(i + 1).from();
      if (next > cue.from() && next < cue.end()) {
        cues.set(i, cue.lasting(next - cue.from()));
        tell(
            Sentence.of(
                "\"%s\" ends at %s already, where \"%s\" begins.",
                roster.label(place(cue.still())),
                list.clip().base().timecode(next),
                roster.label(place(cues.get(i + 1).still()))));
      }
    }
    return list.withCues(cues);
  }

  private record Made(PlannedRow planned, Outcome outcome) {}

  private void handOver(CueList list, BundleRoster roster, NamedTarget target) {
    Path stills = folder.resolve("stills");
    Renderer renderer = BundleRenderer.of(roster.bundle());
    RowDelivery delivery =
        new RowDelivery(
            new Deliverer(renderer, DocumentJson::writeReadable),
            roster.rowChecks(renderer, roster.checks()));
    Set<Integer> wanted = new HashSet<>();
    list.cues().forEach(cue -> wanted.add(place(cue.still())));
    Map<StillId, HandOver.Still> files = new HashMap<>();
    DeliveryLines lines = new DeliveryLines(false);
    SideBySide.over(
        roster.plan(List.of(target), targetOptions.names()).stream()
            .filter(planned -> wanted.contains(planned.row()))
            .toList(),
        PlannedRow::goesAlone,
        planned ->
            new Made(
                planned,
                Outcome.of(
                    () ->
                        delivery.deliver(
                            planned,
                            roster.rows().get(planned.row()),
                            stills,
                            planned.freeName(name -> Files.exists(stills.resolve(name))),
                            Progress.NONE),
                    Map.of(
                        "overlay",
                        planned.design().overlay().name(),
                        "target",
                        target.name(),
                        "row",
                        planned.row() + 1,
                        "key",
                        roster.label(planned.row())))),
        made -> {
          lines.tell(made.outcome());
          made.outcome()
              .delivered()
              .forEach(
                  file ->
                      files.put(
                          id(made.planned().row(), target), still(made, file, roster, renderer)));
        });
    CueList there = withFilesOnly(list, files, roster);
    told |= lines.problems() > 0;
    Map<StillId, CueStill> known = new HashMap<>();
    files.forEach((id, still) -> known.put(id, still.known()));
    HandOver handOver = new HandOver(there, known, files);
    CueChecks.of(there, known::get).stream().map(CueFound::sentence).forEach(this::tell);
    List<String> others = HandOverFolder.write(handOver, folder, renderer);
    if (!others.isEmpty()) {
      tell(
          Sentence.of(
              "%d other files lie in %s, which no cue names, such as %s.",
              others.size(), stills, others.getFirst()));
    }
    Map<String, Object> line = new LinkedHashMap<>();
    line.put("folder", folder.toString());
    line.put("cues", there.cues().size());
    line.put("files", handOver.names().size());
    System.out.println(DocumentJson.write(line));
  }

  private HandOver.Still still(Made made, Delivered file, BundleRoster roster, Renderer renderer) {
    CueStill known =
        new CueStill(
            id(made.planned().row(), made.planned().target()),
            file.file().getFileName().toString(),
            roster.label(made.planned().row()),
            file.target().frame(),
            file.left(),
            file.top(),
            file.report().width(),
            file.report().height(),
            StillLines.of(
                RowDelivery.shown(made.planned(), roster.rows().get(made.planned().row())),
                renderer),
            CueStill.Standing.DELIVERED);
    return new HandOver.Still(
        known,
        file.file(),
        file.report().sha256(),
        AlphaReading.of(file.target().file().carried()));
  }

  /** Rows that could not be delivered are told of; their cues are left out, the rest goes on. */
  private CueList withFilesOnly(
      CueList list, Map<StillId, HandOver.Still> files, BundleRoster roster) {
    List<Cue> there = new ArrayList<>();
    for (Cue cue : list.cues()) {
      if (files.containsKey(cue.still())) {
        there.add(cue);
      } else {
        tell(
            Sentence.of(
                "The cue at %s is left out: \"%s\" could not be delivered.",
                list.clip().base().timecode(cue.from()), roster.label(place(cue.still()))));
      }
    }
    return list.withCues(there);
  }
}
