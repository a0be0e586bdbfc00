package app.diaphan.core.cue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.cue.move.Move;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A still at a time.
 *
 * @param id by which the cue is known in its list
 * @param from the first picture that shows it, counted from 00:00:00:00
 * @param length pictures that show it, at least 1
 * @param lane from 1; a higher one lies over a lower one
 * @param scroll lines of the clip that it moves upward in a second, in from below and out at the
 *     top; 0 if it stays where it is
 */
@RecordBuilder
public record Cue(
    int id,
    StillId still,
    long from,
    long length,
    int lane,
    Move coming,
    Move going,
    double scroll,
    Fit fit) {
  public static final int MOST_LANES = 20;

  /** The fastest scroll, in lines a second. */
  public static final double MOST_SCROLL = 20_000;

  public Cue {
    Require.present(still, "The still of a cue");
    Require.present(coming, "How a cue comes");
    Require.present(going, "How a cue goes");
    Require.present(fit, "How a cue's still is put on the clip");
    if (from < 0) {
      throw new InvalidInput("A cue begins before 00:00:00:00; give it a later time.");
    }
    if (length < 1) {
      throw new InvalidInput("A cue lasts one picture at least.");
    }
    Require.between(1, MOST_LANES, lane, "The lane of a cue");
    Require.between(0, MOST_SCROLL, scroll, "The speed of a scroll");
  }

  /** The first picture that does not show it any more. */
  public long end() {
    return from + length;
  }

  public boolean scrolls() {
    return scroll > 0;
  }

  /** With moves that have room in the new length. */
  public Cue lasting(long other) {
    return CueBuilder.builder(this)
        .length(other)
        .coming(coming.within(other / 2))
        .going(going.within(other / 2))
        .build();
  }

  public Cue onLane(int other) {
    return CueBuilder.builder(this).lane(other).build();
  }

  public Cue scrolling(double other) {
    return CueBuilder.builder(this).scroll(other).build();
  }

  public Cue fitted(Fit other) {
    return CueBuilder.builder(this).fit(other).build();
  }
}
