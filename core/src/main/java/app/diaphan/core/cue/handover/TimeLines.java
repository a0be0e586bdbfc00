package app.diaphan.core.cue.handover;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueClip;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.marker.CutList;
import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.marker.MarkerSheet;
import app.diaphan.core.cue.marker.MarkersRead;
import app.diaphan.core.cue.marker.OtioTimeLine;
import app.diaphan.core.cue.marker.TimedWords;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.deliver.DeliveryFailed;
import app.diaphan.core.roster.table.Heading;
import app.diaphan.core.roster.table.Table;
import app.diaphan.core.roster.table.TableReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Writes a cue list in each open form. Every file is read back, by the readers that markers come in
 * through and that share nothing with the writers, and compared with the list before it counts.
 */
public final class TimeLines {
  private final CueList list;
  private final CueClip clip;
  private final Function<StillId, HandedStill> stills;

  private TimeLines(CueList list, Function<StillId, HandedStill> stills) {
    this.list = list;
    this.stills = stills;
    clip = list.clip();
  }

  /**
   * @return the texts by the names of their files
   * @throws DeliveryFailed if one does not say what the list says
   */
  public static Map<String, String> of(CueList list, Function<StillId, HandedStill> stills) {
    return new TimeLines(list, stills).written();
  }

  private Map<String, String> written() {
    Map<String, String> files = new LinkedHashMap<>();
    String otio = OtioWriter.write(list, stills);
    files.put("cues.otio", read("cues.otio", otio, this::checkOtio));
    boolean first = true;
    for (int lane : list.lanes()) {
      List<String> parts = CutListWriter.write(list, lane, stills);
      List<CutList.Span> spans = new ArrayList<>();
      for (int i = 0; i < parts.size(); i++) {
        String name =
            "cues" + (first ? "" : "-lane-" + lane) + (i == 0 ? "" : "-part-" + (i + 1)) + ".edl";
        files.put(
            name,
            read(
                name,
                parts.get(i),
                (file, text) -> spans.addAll(CutList.read(file, text, clip.base()).spans())));
      }
      compare("cues.edl", spans, list.onLane(lane).stream().map(this::span).toList());
      first = false;
    }
    files.put("cues.csv", read("cues.csv", CueSheetWriter.write(list, stills), this::checkSheet));
    files.put(
        "cues.vtt",
        read(
            "cues.vtt",
            WordsWriter.webVtt(list, stills),
            (name, text) ->
                checkWords(name, TimedWords.readWebVtt(name, text, clip.base(), clip.start()))));
    files.put(
        "cues.srt",
        read(
            "cues.srt",
            WordsWriter.subRip(list, stills),
            (name, text) ->
                checkWords(name, TimedWords.readSubRip(name, text, clip.base(), clip.start()))));
    return files;
  }

  private interface Check {
    void of(String name, String text);
  }

  private String read(String name, String text, Check check) {
    try {
      check.of(name, text);
      return text;
    } catch (InvalidInput e) {
      throw new DeliveryFailed(
          Sentence.of("%s could not be read back: %s", name, e.getMessage()), e);
    }
  }

  private static <T> void compare(String name, List<T> read, List<T> meant) {
    if (read.equals(meant)) {
      return;
    }
    int at = 0;
    while (at < Math.min(read.size(), meant.size()) && read.get(at).equals(meant.get(at))) {
      at++;
    }
    throw new DeliveryFailed(
        Sentence.of(
            "%s does not say what the list says, from cue %d on: %s instead of %s. Nothing was handed over; please report this.",
            name,
            at + 1,
            at < read.size() ? read.get(at) : "nothing",
            at < meant.size() ? meant.get(at) : "nothing"));
  }

  private static int fade(Move move) {
    return move instanceof Move.Fade(int frames) ? frames : 0;
  }

  private void checkOtio(String name, String text) {
    OtioTimeLine read = OtioTimeLine.read(name, text, clip.base(), 0);
    List<OtioTimeLine.Clip> meant = new ArrayList<>();
    int track = 0;
    for (int lane : list.lanes()) {
      for (Cue cue : list.onLane(lane)) {
        HandedStill still = stills.apply(cue.still());
        meant.add(
            new OtioTimeLine.Clip(
                track,
                new Marker(still.label(), 0, 0).words(),
                still.path(),
                cue.from(),
                cue.length(),
                fade(cue.coming()),
                fade(cue.going())));
      }
      track++;
    }
    compare(name, read.clips().stream().map(OtioTimeLine.Clip::decoded).toList(), meant);
    compare(name, read.markers(), list.markers());
  }

  private CutList.Span span(Cue cue) {
    return new CutList.Span(
        stills.apply(cue.still()).path(),
        cue.from(),
        cue.end(),
        fade(cue.coming()),
        fade(cue.going()));
  }

  private void checkSheet(String name, String text) {
    Table table =
        TableReader.read(
            name,
            text.getBytes(StandardCharsets.UTF_8),
            new TableReader.Choices(Optional.empty(), Heading.FIRST_ROW, List.of()));
    List<Optional<Marker>> read =
        MarkerSheet.ofRows(table.columns(), table.rows(), clip.base(), clip.start());
    int file = table.columns().indexOf("file");
    List<List<Object>> said = new ArrayList<>();
    for (int i = 0; i < read.size(); i++) {
      Marker marker = read.get(i).orElse(new Marker("", 0, 0));
      said.add(List.of(marker.at(), marker.length(), table.rows().get(i).get(file)));
    }
    compare(
        name,
        said,
        list.cues().stream()
            .map(cue -> List.<Object>of(cue.from(), cue.length(), stills.apply(cue.still()).path()))
            .toList());
  }

  private void checkWords(String name, MarkersRead read) {
    compare(
        name,
        read.markers().stream().map(marker -> List.of(marker.at(), marker.length())).toList(),
        list.cues().stream().map(cue -> List.of(cue.from(), cue.length())).toList());
  }
}
