package app.diaphan.core.cue.marker;

import app.diaphan.core.Sentence;
import app.diaphan.core.cue.time.TimeBase;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;

/** Markers of an edit list: its named moments, or its events where it has none. */
final class CutListMarkers {
  private CutListMarkers() {}

  static MarkersRead read(CutList list) {
    List<String> notes = new ArrayList<>(list.notes());
    List<Marker> named =
        list.locations().stream()
            .map(location -> new Marker(location.words(), location.at(), 0))
            .toList();
    List<Marker> events =
        list.spans().stream()
            .map(span -> new Marker(span.clip(), span.from(), span.end() - span.from()))
            .toList();
    List<Marker> taken = named.isEmpty() ? events : named;
    if (!named.isEmpty() && !events.isEmpty()) {
      notes.add(
          Sentence.of(
              "\"%s\" has named moments (LOC): they were taken, its events (%d) were not.",
              list.name(), events.size()));
    } else if (named.isEmpty() && !events.isEmpty()) {
      notes.add(
          Sentence.of(
              "\"%s\" has no named moments (LOC): its events (%d) were taken as markers.",
              list.name(), events.size()));
    }
    return new MarkersRead(
        "an edit list (CMX 3600)",
        taken,
        list.told().map(drop -> new TimeBase(list.base().rate(), drop)),
        OptionalLong.empty(),
        notes);
  }
}
