package app.diaphan.core.cue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.cue.time.TimeBase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.LongUnaryOperator;

/**
 * Every still of a video at its time.
 *
 * @param markers the moments that were read from a file, kept with the list
 * @param readingSpeed characters, spaces too, that a viewer reads in a second
 */
public record CueList(
    String name, CueClip clip, double readingSpeed, List<Marker> markers, List<Cue> cues) {
  public static final int MOST = Marker.MOST;

  /** Of the speeds that subtitlers work by, one of the slower ones: a still is not expected. */
  public static final double USUAL_SPEED = 15;

  public CueList {
    Names.check(name, 120, "The name of a cue list");
    Require.present(clip, "The clip of a cue list");
    Require.between(1, 100, readingSpeed, "The reading speed in characters a second");
    Require.present(markers, "The markers of a cue list");
    Require.present(cues, "The cues of a cue list");
    markers = sorted(markers, Comparator.comparingLong(Marker::at), "markers");
    cues =
        sorted(
            cues,
            Comparator.comparingLong(Cue::from).thenComparing(Cue::lane).thenComparing(Cue::id),
            "cues");
    Set<Integer> ids = new HashSet<>();
    for (Cue cue : cues) {
      if (!ids.add(cue.id())) {
        throw new InvalidInput(Sentence.of("Two cues of the list are number %d.", cue.id()));
      }
    }
  }

  private static <T> List<T> sorted(List<T> things, Comparator<T> order, String what) {
    if (things.size() > MOST) {
      throw new InvalidInput(
          Sentence.of("A cue list has at most %d %s; these are %d.", MOST, what, things.size()));
    }
    List<T> sorted = new ArrayList<>(things);
    sorted.sort(order);
    return List.copyOf(sorted);
  }

  /** The lanes that have cues, the lowest first. */
  public List<Integer> lanes() {
    return cues.stream().map(Cue::lane).distinct().sorted().toList();
  }

  public List<Cue> onLane(int lane) {
    return cues.stream().filter(cue -> cue.lane() == lane).toList();
  }

  /** An id that no cue has. */
  public int nextId() {
    return cues.stream().mapToInt(Cue::id).max().orElse(0) + 1;
  }

  /**
   * The list for pictures that are numbered otherwise: everything stays where it is in time, as
   * near as there are pictures, and the clip begins at the same timecode.
   */
  public CueList numbered(TimeBase base) {
    CueClip numbered = clip.numbered(base);
    LongUnaryOperator moved =
        at -> Math.max(0, numbered.start() + base.from(clip.base().rate(), at - clip.start()));
    List<Marker> newMarkers = new ArrayList<>();
    for (Marker marker : markers) {
      long at = moved.applyAsLong(marker.at());
      newMarkers.add(new Marker(marker.words(), at, moved.applyAsLong(marker.end()) - at));
    }
    List<Cue> newCues = new ArrayList<>();
    for (Cue cue : cues) {
      long from = moved.applyAsLong(cue.from());
      long length = Math.max(1, moved.applyAsLong(cue.end()) - from);
      newCues.add(
          new Cue(
              cue.id(),
              cue.still(),
              from,
              length,
              cue.lane(),
              numbered(cue.coming(), base),
              numbered(cue.going(), base),
              cue.scroll(),
              cue.fit()));
    }
    return new CueList(name, numbered, readingSpeed, newMarkers, newCues);
  }

  private Move numbered(Move move, TimeBase base) {
    long frames = base.from(clip.base().rate(), move.length());
    return move.length() == 0 ? move : move.lasting((int) Math.clamp(frames, 1, Move.MOST_FRAMES));
  }

  public CueList withCues(List<Cue> other) {
    return new CueList(name, clip, readingSpeed, markers, other);
  }
}
