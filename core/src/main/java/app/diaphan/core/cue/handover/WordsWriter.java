package app.diaphan.core.cue.handover;

import app.diaphan.core.Sentence;
import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.StillId;
import java.util.function.Function;

/** Writes the names of stills at their times as subtitles: WebVTT and SubRip. */
final class WordsWriter {
  private WordsWriter() {}

  static String webVtt(CueList list, Function<StillId, HandedStill> stills) {
    StringBuilder text = new StringBuilder("WEBVTT\n");
    for (Cue cue : list.cues()) {
      text.append('\n').append(times(list, cue, ".")).append('\n');
      text.append(
              words(stills, cue).replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;"))
          .append('\n');
    }
    return text.toString();
  }

  static String subRip(CueList list, Function<StillId, HandedStill> stills) {
    StringBuilder text = new StringBuilder();
    int number = 1;
    for (Cue cue : list.cues()) {
      text.append(number++).append("\r\n");
      text.append(times(list, cue, ",")).append("\r\n");
      text.append(words(stills, cue)).append("\r\n\r\n");
    }
    return text.toString();
  }

  /** A line of its own must not look like a time. */
  private static String words(Function<StillId, HandedStill> stills, Cue cue) {
    String words = stills.apply(cue.still()).label().replaceAll("\\s+", " ").strip();
    return words.isEmpty() ? "-" : words.replace("-->", "→");
  }

  private static String times(CueList list, Cue cue, String point) {
    return time(list, cue.from(), point) + " --> " + time(list, cue.end(), point);
  }

  private static String time(CueList list, long picture, String point) {
    long thousandths = Math.round(1000 * list.clip().base().seconds(picture - list.clip().start()));
    return Sentence.of(
        "%02d:%02d:%02d%s%03d",
        thousandths / 3_600_000,
        thousandths / 60_000 % 60,
        thousandths / 1000 % 60,
        point,
        thousandths % 1000);
  }
}
