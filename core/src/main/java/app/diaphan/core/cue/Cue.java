package app.diaphan.core.cue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.cue.move.Move;

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
    return new Cue(
        id,
        still,
        from,
        other,
        lane,
        coming.within(other / 2),
        going.within(other / 2),
        scroll,
        fit);
  }

  public Cue onLane(int other) {
    return new Cue(id, still, from, length, other, coming, going, scroll, fit);
  }

  public Cue scrolling(double other) {
    return new Cue(id, still, from, length, lane, coming, going, other, fit);
  }

  public Cue fitted(Fit other) {
    return new Cue(id, still, from, length, lane, coming, going, scroll, other);
  }
}
