package app.diaphan.core.cue.move;

import app.diaphan.core.Require;
import app.diaphan.core.Sentence;

/** How a still comes or goes. */
public sealed interface Move {
  /** At once. */
  record Cut() implements Move {}

  /** Growing solid, or clear, evenly. */
  record Fade(int frames) implements Move {
    public Fade {
      check(frames);
    }
  }

  /** From a side of the clip, slow at both ends. */
  record Slide(Side side, int frames) implements Move {
    public Slide {
      Require.present(side, "The side that a still slides from");
      check(frames);
    }
  }

  /** From six tenths of its size, growing solid meanwhile, slow at both ends. */
  record Grow(int frames) implements Move {
    public Grow {
      check(frames);
    }
  }

  Move CUT = new Cut();

  /** The longest move: a minute of the fastest rate. */
  int MOST_FRAMES = 3600;

  private static void check(int frames) {
    Require.between(1, MOST_FRAMES, frames, "The length of a move in frames");
  }

  /** How many pictures show it on its way. */
  default int length() {
    return switch (this) {
      case Cut() -> 0;
      case Fade(int frames) -> frames;
      case Slide(Side _, int frames) -> frames;
      case Grow(int frames) -> frames;
    };
  }

  /** The same move in so many pictures; a cut has none. */
  default Move lasting(int frames) {
    return switch (this) {
      case Cut cut -> cut;
      case Fade _ -> new Fade(frames);
      case Slide(Side side, int _) -> new Slide(side, frames);
      case Grow _ -> new Grow(frames);
    };
  }

  /** The same move if it has room, or a shorter one; a cut where there is no room for one. */
  default Move within(long room) {
    return length() <= room ? this : room < 1 ? CUT : lasting((int) room);
  }

  /** "a cut", "a fade of 12", "a slide from the left of 12", "growing in 12". */
  default String words(boolean coming) {
    return switch (this) {
      case Cut() -> "a cut";
      case Fade(int frames) -> "a fade of " + frames;
      case Slide(Side side, int frames) ->
          Sentence.of("a slide %s %s of %d", coming ? "from" : "to", side.words(), frames);
      case Grow(int frames) -> (coming ? "growing in " : "shrinking in ") + frames;
    };
  }
}
