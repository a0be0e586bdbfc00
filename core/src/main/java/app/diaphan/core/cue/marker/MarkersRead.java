package app.diaphan.core.cue.marker;

import app.diaphan.core.cue.time.TimeBase;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * Markers as they were read from a file.
 *
 * @param format how the file's kind is called
 * @param told how the file says that its pictures are numbered, if it does
 * @param start the number of the first picture of the file's time line, if it says one
 * @param notes sentences on what was not taken as it stands, or not at all
 */
public record MarkersRead(
    String format,
    List<Marker> markers,
    Optional<TimeBase> told,
    OptionalLong start,
    List<String> notes) {
  public MarkersRead {
    markers = List.copyOf(markers);
    notes = List.copyOf(notes);
  }
}
