package app.diaphan.core.cue.check;

import app.diaphan.core.cue.Cue;
import java.util.List;

/**
 * Something about a cue that its designer should know.
 *
 * @param cue id of the cue
 * @param prevents whether the list cannot be handed over like this
 * @param mends ways out, each a press
 */
public record CueFound(Kind kind, int cue, boolean prevents, String sentence, List<Mend> mends) {

  /** What was found. */
  public enum Kind {
    OVERLAP,
    NOT_THERE,
    OUTDATED,
    OUTSIDE_CLIP,
    TOO_SHORT,
    LINE_TOO_FAST,
    SCROLL_CUT,
    STANDS_CUT,
    MOVES_TOO_LONG,
    OTHER_SIZE
  }

  /**
   * @param words as they stand on the button
   * @param cue that takes the place of the one of its id
   */
  public record Mend(String words, Cue cue) {}

  public CueFound {
    mends = List.copyOf(mends);
  }
}
