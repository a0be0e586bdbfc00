package app.diaphan.core.cue.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueClip;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.CueStill;
import app.diaphan.core.cue.Fit;
import app.diaphan.core.cue.Placed;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.check.CueFound.Kind;
import app.diaphan.core.cue.check.CueFound.Mend;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** What is wrong with a cue list, and how it can be mended. */
public final class CueChecks {
  /** A mend of a scroll leaves this much of the needed time over. */
  private static final double ROOM = 1.02;

  private final CueList list;
  private final CueClip clip;
  private final Function<StillId, CueStill> stills;
  private final List<CueFound> found = new ArrayList<>();

  private CueChecks(CueList list, Function<StillId, CueStill> stills) {
    this.list = list;
    this.stills = stills;
    clip = list.clip();
  }

  /**
   * @param stills what is known of each still of the list
   * @return in the order of the cues, what prevents a hand-over first
   */
  public static List<CueFound> of(CueList list, Function<StillId, CueStill> stills) {
    CueChecks checks = new CueChecks(list, stills);
    list.lanes().forEach(checks::overlaps);
    list.cues().forEach(checks::one);
    Map<Integer, Integer> places = new HashMap<>();
    list.cues().forEach(cue -> places.put(cue.id(), places.size()));
    checks.found.sort(
        Comparator.comparing((CueFound one) -> !one.prevents())
            .thenComparing(one -> places.get(one.cue()))
            .thenComparing(CueFound::kind));
    return List.copyOf(checks.found);
  }

  private void one(Cue cue) {
    CueStill still = stills.apply(cue.still());
    standing(cue, still);
    outside(cue);
    moves(cue);
    if (still.there()) {
      size(cue, still);
      if (cue.scrolls()) {
        scroll(cue, still);
      } else {
        reading(cue, still);
        if (still.frame().scrolled()) {
          standsCut(cue, still);
        }
      }
    }
  }

  private void add(Kind kind, Cue cue, boolean prevents, String sentence, List<Mend> mends) {
    found.add(new CueFound(kind, cue.id(), prevents, sentence, mends));
  }

  private String label(Cue cue) {
    return stills.apply(cue.still()).label();
  }

  private String seconds(double seconds) {
    return Sentence.of("%.1f s", seconds);
  }

  private String length(long pictures) {
    return seconds(clip.base().seconds(pictures));
  }

  private void overlaps(int lane) {
    Cue longest = null;
    for (Cue cue : list.onLane(lane)) {
      if (longest != null && cue.from() < longest.end()) {
        overlap(longest, cue);
      }
      if (longest == null || cue.end() > longest.end()) {
        longest = cue;
      }
    }
  }

  private void overlap(Cue first, Cue second) {
    List<Mend> mends = new ArrayList<>();
    if (second.from() > first.from()) {
      mends.add(
          new Mend(
              Sentence.of(
                  "End \"%s\" at %s", label(first), clip.base().timecode(shown(second.from()))),
              first.lasting(second.from() - first.from())));
    }
    int free = freeLane(second);
    if (free > 0) {
      mends.add(
          new Mend(Sentence.of("Put \"%s\" on lane %d", label(second), free), second.onLane(free)));
    }
    add(
        Kind.OVERLAP,
        second,
        true,
        Sentence.of(
            "\"%s\" begins at %s, while \"%s\" is on lane %d until %s.",
            label(second),
            clip.base().timecode(shown(second.from())),
            label(first),
            first.lane(),
            clip.base().timecode(shown(first.end()))),
        mends);
  }

  /** Times behind the day's end are told as its end. */
  private long shown(long picture) {
    return Math.min(picture, clip.base().day());
  }

  private int freeLane(Cue cue) {
    for (int lane = 1; lane <= Cue.MOST_LANES; lane++) {
      if (list.onLane(lane).stream()
          .noneMatch(other -> other.from() < cue.end() && cue.from() < other.end())) {
        return lane;
      }
    }
    return 0;
  }

  private void standing(Cue cue, CueStill still) {
    switch (still.standing()) {
      case DELIVERED -> {}
      case OUTDATED ->
          add(
              Kind.OUTDATED,
              cue,
              false,
              Sentence.of(
                  "\"%s\" was changed since %s was delivered; deliver it again.",
                  still.label(), still.file()),
              List.of());
      case NOT_DELIVERED ->
          add(
              Kind.NOT_THERE,
              cue,
              true,
              Sentence.of("\"%s\" was not delivered yet; deliver it.", still.label()),
              List.of());
      case NOT_THERE ->
          add(
              Kind.NOT_THERE,
              cue,
              true,
              Sentence.of("%s is not there as it was delivered; deliver it again.", still.file()),
              List.of());
      case GONE ->
          add(
              Kind.NOT_THERE,
              cue,
              true,
              Sentence.of(
                  "What this cue at %s shows is no more in the package; choose another still.",
                  clip.base().timecode(shown(cue.from()))),
              List.of());
    }
  }

  private void outside(Cue cue) {
    if (cue.from() < clip.start() || cue.from() >= clip.end()) {
      add(
          Kind.OUTSIDE_CLIP,
          cue,
          cue.from() < clip.start() || cue.end() > clip.base().day(),
          Sentence.of(
              "\"%s\" begins outside the clip, which goes from %s to %s.",
              label(cue), clip.base().timecode(clip.start()), clip.base().timecode(clip.end())),
          List.of());
    } else if (cue.end() > clip.end()) {
      add(
          Kind.OUTSIDE_CLIP,
          cue,
          cue.end() > clip.base().day(),
          Sentence.of(
              "\"%s\" lasts %s longer than the clip, which ends at %s.",
              label(cue), length(cue.end() - clip.end()), clip.base().timecode(clip.end())),
          List.of(new Mend("End it with the clip", cue.lasting(clip.end() - cue.from()))));
    }
  }

  private void moves(Cue cue) {
    int moves = cue.coming().length() + cue.going().length();
    if (moves > cue.length()) {
      add(
          Kind.MOVES_TOO_LONG,
          cue,
          true,
          Sentence.of(
              "\"%s\" comes and goes in %d frames, but lasts %d.", label(cue), moves, cue.length()),
          List.of(
              new Mend("Shorten how it comes and goes", cue.lasting(cue.length())),
              new Mend(Sentence.of("Let it last %d frames", 2L * moves), cue.lasting(2L * moves))));
    }
  }

  private void reading(Cue cue, CueStill still) {
    int characters = still.characters();
    double needed = characters / list.readingSpeed();
    long moves = cue.coming().length() + cue.going().length();
    double atRest = clip.base().seconds(Math.max(0, cue.length() - moves));
    if (characters > 0 && atRest < needed) {
      long longer = moves + clip.base().nearest(needed) + 1;
      add(
          Kind.TOO_SHORT,
          cue,
          false,
          Sentence.of(
              "\"%s\" is at rest for %s; its %d characters take %s to read.",
              still.label(), seconds(atRest), characters, seconds(needed)),
          List.of(new Mend("Let it last " + length(longer), cue.lasting(longer))));
    }
  }

  private void scroll(Cue cue, CueStill still) {
    double scale = Placed.scale(still.frame(), cue.fit(), clip);
    double slowest = cue.scroll();
    CueStill.Line worst = null;
    for (CueStill.Line line : still.lines()) {
      double way = clip.height() - line.height() * scale;
      double needed = CueStill.charactersOf(line.words()) / list.readingSpeed();
      if (needed > 0 && way / slowest < needed) {
        slowest = Math.max(0.1, way / needed / ROOM);
        worst = line;
      }
    }
    if (worst != null) {
      Cue slower = cue.scrolling(Math.floor(10 * slowest) / 10);
      long whole = pass(slower, still);
      add(
          Kind.LINE_TOO_FAST,
          cue,
          false,
          Sentence.of(
              "At %s lines a second the line \"%s\" is on screen for %s; its %d characters take %s to read.",
              number(cue.scroll()),
              worst.words().strip(),
              seconds((clip.height() - worst.height() * scale) / cue.scroll()),
              CueStill.charactersOf(worst.words()),
              seconds(CueStill.charactersOf(worst.words()) / list.readingSpeed())),
          List.of(
              new Mend(
                  Sentence.of(
                      "Scroll at %s lines a second, %s", number(slower.scroll()), length(whole)),
                  slower.lasting(whole))));
    }
    long whole = pass(cue, still);
    if (cue.length() < whole) {
      add(
          Kind.SCROLL_CUT,
          cue,
          false,
          Sentence.of(
              "\"%s\" is cut off before it has scrolled out: that takes %s, it lasts %s.",
              still.label(), length(whole), length(cue.length())),
          List.of(new Mend("Let it last " + length(whole), cue.lasting(whole))));
    }
  }

  /** How many pictures a scroll takes from below the clip to above it. */
  private long pass(Cue cue, CueStill still) {
    double way = clip.height() + Placed.resting(still, cue.fit(), clip).height();
    return (long) Math.ceil(way / cue.scroll() * clip.base().rate().value() - 1e-6);
  }

  private static String number(double value) {
    return value == Math.rint(value)
        ? Long.toString(Math.round(value))
        : Sentence.of("%.1f", value);
  }

  private void standsCut(Cue cue, CueStill still) {
    double speed =
        Math.max(
            1, Math.round((clip.height() + still.height()) / clip.base().seconds(cue.length())));
    add(
        Kind.STANDS_CUT,
        cue,
        false,
        Sentence.of(
            "\"%s\" is a card of %d lines: it is seen whole only while it scrolls.",
            still.label(), still.frame().height()),
        List.of(
            new Mend(
                Sentence.of("Scroll at %s lines a second", number(speed)), cue.scrolling(speed))));
  }

  private void size(Cue cue, CueStill still) {
    int width = still.frame().width();
    int height = still.frame().videoHeight();
    if (width == clip.width() && height == clip.height()) {
      return;
    }
    String size = width + " × " + height;
    String clipSize = clip.width() + " × " + clip.height();
    double scale = Placed.scale(still.frame(), cue.fit(), clip);
    if (cue.fit() == Fit.FILL) {
      if (scale > 1) {
        add(
            Kind.OTHER_SIZE,
            cue,
            false,
            Sentence.of(
                "\"%s\" is made for %s and enlarged to %.0f %%: it is soft. Deliver it for %s.",
                still.label(), size, 100 * scale, clipSize),
            List.of());
      }
      return;
    }
    boolean smaller = width < clip.width() || height < clip.height();
    add(
        Kind.OTHER_SIZE,
        cue,
        false,
        Sentence.of(
            smaller
                ? "\"%s\" is made for %s, which is smaller than the clip of %s."
                : "\"%s\" is made for %s and cut off by the clip of %s.",
            still.label(),
            size,
            clipSize),
        List.of(new Mend("Bring it to the clip's size", cue.fitted(Fit.FILL))));
  }
}
