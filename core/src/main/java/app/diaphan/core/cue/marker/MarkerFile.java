package app.diaphan.core.cue.marker;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.roster.table.DecodedText;
import app.diaphan.core.roster.table.Table;
import app.diaphan.core.roster.table.TableReader;
import java.util.Locale;
import java.util.Optional;

/**
 * The door through which markers come in: OpenTimelineIO, CMX 3600 edit lists, WebVTT, SubRip and
 * spreadsheets. What a file is, is found out from what it holds.
 */
public final class MarkerFile {
  private static final int MOST_BYTES = 64 << 20;

  private MarkerFile() {}

  /**
   * @param name of the file
   * @param base how the pictures of the cue list are numbered
   * @param start the number of the clip's first picture, from which files that know no timecode
   *     count
   * @throws InvalidInput if nothing can be read from it, or a time in it is none
   */
  public static MarkersRead read(String name, byte[] file, TimeBase base, long start) {
    if (file.length > MOST_BYTES) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" has %d MB; a file of markers has at most %d.",
              name, file.length >> 20, MOST_BYTES >> 20));
    }
    MarkersRead read = byKind(name, file, base, start);
    if (read.markers().isEmpty()) {
      throw new InvalidInput(
          Sentence.of(
              "There are no markers in \"%s\", which was read as %s.", name, read.format()));
    }
    if (read.markers().size() > Marker.MOST) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" has %d markers; a cue list takes at most %d.",
              name, read.markers().size(), Marker.MOST));
    }
    return read;
  }

  private static MarkersRead byKind(String name, byte[] file, TimeBase base, long start) {
    if (file.length > 2 && file[0] == 'P' && file[1] == 'K') {
      return sheet(name, file, base, start);
    }
    String text = DecodedText.of(name, file, Optional.empty()).text();
    String begin = text.stripLeading();
    if (begin.startsWith("{") || lower(name).endsWith(".otio")) {
      return OtioTimeLine.read(name, text, base, start).asMarkers();
    }
    if (TimedWords.isWebVtt(text)) {
      return TimedWords.readWebVtt(name, text, base, start);
    }
    if (TimedWords.isSubRip(text)) {
      return TimedWords.readSubRip(name, text, base, start);
    }
    if (CutList.is(text)) {
      return CutListMarkers.read(CutList.read(name, text, base));
    }
    return sheet(name, file, base, start);
  }

  private static MarkersRead sheet(String name, byte[] file, TimeBase base, long start) {
    Table table = TableReader.read(name, file, TableReader.Choices.NONE);
    return MarkerSheet.read(name, table, base, start);
  }

  private static String lower(String name) {
    return name.toLowerCase(Locale.ROOT);
  }
}
