package app.diaphan.core.cue;

import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.move.Move;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * How stills are dealt to markers.
 *
 * @param by which still a marker gets
 * @param lasting until when a still is seen
 * @param lane that they are laid on
 */
public record Dealing(By by, Lasting lasting, int lane, Move coming, Move going, Fit fit) {

  /** Which still a marker gets. */
  public enum By {
    /** The first still the first marker, and so on. */
    ORDER,
    /** The still whose label is in the marker's words. */
    WORDS
  }

  /** Until when a still is seen. */
  public sealed interface Lasting {
    /** To the next marker, the last one to the end of the clip. */
    record UntilNext() implements Lasting {}

    /** All as long. */
    record Fixed(long pictures) implements Lasting {
      public Fixed {
        Require.between(1, 10_000_000, pictures, "The length of a cue in pictures");
      }
    }

    /**
     * As long as its marker.
     *
     * @param otherwise pictures where a marker is a moment alone
     */
    record OfMarker(long otherwise) implements Lasting {
      public OfMarker {
        Require.between(1, 10_000_000, otherwise, "The length of a cue in pictures");
      }
    }
  }

  public Dealing {
    Require.present(by, "By what stills are dealt");
    Require.present(lasting, "How long stills last");
    Require.between(1, Cue.MOST_LANES, lane, "The lane");
    Require.present(coming, "How stills come");
    Require.present(going, "How stills go");
    Require.present(fit, "How stills are put on the clip");
  }

  /**
   * A still to deal.
   *
   * @param label by which people, and the words of markers, name it
   */
  public record Card(StillId still, String label) {}

  /**
   * @param cues the cues that come of it alone
   * @param notes sentences on what was not dealt
   */
  public record Dealt(List<Cue> cues, List<String> notes) {}

  /**
   * @param firstId of the cues that come of it
   */
  public Dealt deal(List<Card> cards, List<Marker> markers, CueClip clip, int firstId) {
    List<Marker> inOrder = new ArrayList<>(markers);
    inOrder.sort(Comparator.comparingLong(Marker::at));
    List<String> notes = new ArrayList<>();
    List<Cue> cues = new ArrayList<>();
    List<Optional<Card>> chosen =
        switch (by) {
          case ORDER -> byOrder(cards, inOrder, notes);
          case WORDS -> byWords(cards, inOrder, notes);
        };
    int after = 0;
    for (int i = 0; i < chosen.size(); i++) {
      Marker marker = inOrder.get(i);
      if (chosen.get(i).isEmpty()) {
        continue;
      }
      OptionalLong next =
          inOrder.stream().mapToLong(Marker::at).filter(at -> at > marker.at()).findFirst();
      long end =
          switch (lasting) {
            case Lasting.UntilNext() ->
                next.orElse(clip.end() > marker.at() ? clip.end() : marker.at() + 1);
            case Lasting.Fixed(long pictures) -> marker.at() + pictures;
            case Lasting.OfMarker(long otherwise) ->
                marker.length() > 0 ? marker.end() : marker.at() + otherwise;
          };
      if (marker.at() >= clip.end() || marker.at() < clip.start()) {
        after++;
      }
      long length = end - marker.at();
      cues.add(
          new Cue(
              firstId + cues.size(),
              chosen.get(i).get().still(),
              marker.at(),
              length,
              lane,
              coming.within(length / 2),
              going.within(length / 2),
              0,
              fit));
    }
    if (after > 0) {
      notes.add(
          Sentence.of(
              after == 1
                  ? "%d marker lies outside the clip, which goes from %s to %s."
                  : "%d markers lie outside the clip, which goes from %s to %s.",
              after,
              clip.base().timecode(clip.start()),
              clip.base().timecode(clip.end())));
    }
    return new Dealt(List.copyOf(cues), List.copyOf(notes));
  }

  private static List<Optional<Card>> byOrder(
      List<Card> cards, List<Marker> markers, List<String> notes) {
    int both = Math.min(cards.size(), markers.size());
    if (markers.size() > both) {
      notes.add(
          Sentence.of(
              "There are %d markers for %d %s; the last %d stay without, from \"%s\" on.",
              markers.size(),
              cards.size(),
              cards.size() == 1 ? "still" : "stills",
              markers.size() - both,
              shown(markers.get(both))));
    }
    if (cards.size() > both) {
      notes.add(
          Sentence.of(
              "There are %d stills for %d %s; the last %d stay without, from \"%s\" on.",
              cards.size(),
              markers.size(),
              markers.size() == 1 ? "marker" : "markers",
              cards.size() - both,
              cards.get(both).label()));
    }
    return cards.subList(0, both).stream().map(Optional::of).toList();
  }

  private static List<Optional<Card>> byWords(
      List<Card> cards, List<Marker> markers, List<String> notes) {
    Map<String, Card> byLabel = new HashMap<>();
    cards.forEach(card -> byLabel.putIfAbsent(plain(card.label()), card));
    List<Optional<Card>> chosen = new ArrayList<>();
    List<Marker> without = new ArrayList<>();
    for (Marker marker : markers) {
      String words = plain(marker.words());
      Optional<Card> whole = Optional.ofNullable(byLabel.get(words));
      Optional<Card> card =
          whole.or(
              () ->
                  byLabel.entrySet().stream()
                      .filter(entry -> !entry.getKey().isEmpty())
                      .filter(entry -> (" " + words + " ").contains(" " + entry.getKey() + " "))
                      .max(Comparator.comparingInt(entry -> entry.getKey().length()))
                      .map(Map.Entry::getValue));
      chosen.add(card);
      if (card.isEmpty()) {
        without.add(marker);
      }
    }
    if (!without.isEmpty()) {
      notes.add(
          Sentence.of(
              without.size() == 1
                  ? "%d marker names no still: \"%s\"."
                  : "%d markers name no still, the first one \"%s\".",
              without.size(),
              shown(without.getFirst())));
    }
    List<Card> unused = cards.stream().filter(card -> !chosen.contains(Optional.of(card))).toList();
    if (!unused.isEmpty()) {
      notes.add(
          Sentence.of(
              unused.size() == 1
                  ? "%d still is named by no marker: \"%s\"."
                  : "%d stills are named by no marker, the first one \"%s\".",
              unused.size(),
              unused.getFirst().label()));
    }
    return chosen;
  }

  /** Words without case, accents and signs, as names are compared. */
  private static String plain(String words) {
    return Normalizer.normalize(words, Normalizer.Form.NFKD)
        .replaceAll("\\p{M}+", "")
        .replaceAll("[^\\p{L}\\p{N}]+", " ")
        .strip()
        .toLowerCase(Locale.ROOT);
  }

  private static String shown(Marker marker) {
    return marker.words().isBlank() ? "without words" : marker.words();
  }
}
