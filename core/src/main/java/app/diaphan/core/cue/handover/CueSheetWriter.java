package app.diaphan.core.cue.handover;

import app.diaphan.core.Sentence;
import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.Fit;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.time.TimeBase;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Writes a cue list as a spreadsheet: CSV (RFC 4180), a row a cue. */
final class CueSheetWriter {
  private CueSheetWriter() {}

  static String write(CueList list, Function<StillId, HandedStill> stills) {
    // With a byte order mark, or spreadsheets take it for another encoding.
    StringBuilder text = new StringBuilder("\ufeff");
    TimeBase base = list.clip().base();
    try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
      printer.printRecord(
          "cue", "lane", "in", "out", "length", "frames", "name", "file", "coming", "going",
          "scroll", "size");
      int number = 1;
      for (Cue cue : list.cues()) {
        HandedStill still = stills.apply(cue.still());
        printer.printRecord(
            number++,
            cue.lane(),
            base.timecode(cue.from()),
            base.timecode(cue.end()),
            base.timecode(cue.length()),
            cue.length(),
            still.label(),
            still.path(),
            cue.coming().words(true),
            cue.going().words(false),
            cue.scrolls() ? Sentence.of("%s lines a second", cue.scroll()) : "",
            cue.fit() == Fit.FILL ? "scaled to the clip" : "its own");
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }
}
