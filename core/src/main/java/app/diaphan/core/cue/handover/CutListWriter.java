package app.diaphan.core.cue.handover;

import app.diaphan.core.Sentence;
import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.Fit;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.cue.time.TimeBase;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * Writes one lane of a cue list as an edit list that CMX 3600 editors read. Fades are dissolves
 * from and to black, which on a lane that is keyed over the picture is nothing; moves that edit
 * lists have no word for are told in comments.
 */
final class CutListWriter {
  /** Numbers of events have three digits. */
  static final int MOST_EVENTS = 999;

  private static final String NOTHING = "BL";
  private static final String STILL = "AX";

  private final CueList list;
  private final TimeBase base;
  private final Function<StillId, HandedStill> stills;
  private final StringBuilder text = new StringBuilder();
  private int event = 1;

  private CutListWriter(CueList list, Function<StillId, HandedStill> stills, String title) {
    this.list = list;
    this.stills = stills;
    base = list.clip().base();
    line("TITLE: " + title.replaceAll("\\s+", " "));
    line("FCM: " + (base.dropFrame() ? "DROP FRAME" : "NON-DROP FRAME"));
    line("");
  }

  /**
   * @return as many lists as the lane needs, each with its own events from 001
   */
  static List<String> write(CueList list, int lane, Function<StillId, HandedStill> stills) {
    List<String> written = new ArrayList<>();
    CutListWriter writer = null;
    for (Cue cue : list.onLane(lane)) {
      if (writer == null || writer.event + 1 > MOST_EVENTS) {
        if (writer != null) {
          written.add(writer.text.toString());
        }
        writer = new CutListWriter(list, stills, list.name());
      }
      writer.cue(cue);
    }
    if (writer != null) {
      written.add(writer.text.toString());
    }
    return written;
  }

  private void cue(Cue cue) {
    HandedStill still = stills.apply(cue.still());
    int going = cue.going() instanceof Move.Fade(int frames) ? frames : 0;
    long solid = cue.length() - going;
    if (cue.coming() instanceof Move.Fade(int frames)) {
      event(NOTHING, 0, 0, 0, cue.from(), cue.from());
      event(STILL, frames, 0, solid, cue.from(), cue.from() + solid);
      line("* TO CLIP NAME: " + still.path());
    } else {
      event(STILL, 0, 0, solid, cue.from(), cue.from() + solid);
      line("* FROM CLIP NAME: " + still.path());
    }
    comments(cue, still);
    event++;
    if (going > 0) {
      event(STILL, 0, solid, solid, cue.end() - going, cue.end() - going);
      event(NOTHING, going, 0, going, cue.end() - going, cue.end());
      line("* FROM CLIP NAME: " + still.path());
      event++;
    }
  }

  private void comments(Cue cue, HandedStill still) {
    line("* LABEL: " + still.label().replaceAll("\\s+", " "));
    if (told(cue.coming())) {
      line("* COMING BY: " + cue.coming().words(true));
    }
    if (told(cue.going())) {
      line("* GOING BY: " + cue.going().words(false));
    }
    if (cue.scrolls()) {
      line(Sentence.of("* SCROLLING: upward, %s lines a second", cue.scroll()));
    }
    if (cue.fit() == Fit.FILL) {
      line("* SIZE: scaled to the clip");
    }
  }

  /** Whether an edit list has no word of its own for it. */
  static boolean told(Move move) {
    return switch (move) {
      case Move.Cut _, Move.Fade _ -> false;
      case Move.Slide _, Move.Grow _ -> true;
    };
  }

  private void event(
      String reel, int dissolve, long sourceIn, long sourceOut, long recordIn, long recordOut) {
    line(
        Sentence.of(
            "%03d  %-8s V     %-4s %3s %s %s %s %s",
            event,
            reel,
            dissolve > 0 ? "D" : "C",
            dissolve > 0 ? Sentence.of("%03d", dissolve) : "",
            base.timecode(sourceIn),
            base.timecode(sourceOut),
            base.timecode(recordIn),
            base.timecode(recordOut)));
  }

  private void line(String line) {
    text.append(line).append("\r\n");
  }
}
