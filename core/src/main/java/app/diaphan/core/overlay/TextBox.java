package app.diaphan.core.overlay;

import app.diaphan.core.Require;
import app.diaphan.core.frame.DisplayUnits;

/** Whether words take the room they need or have to do with a given one. */
public sealed interface TextBox {
  /** As large as the words. */
  record Free() implements TextBox {}

  /**
   * A given room.
   *
   * @param width in display units
   * @param height in the same units
   * @param upright where the lines lie in spare height
   * @param fit what is done to words that are too long
   */
  record Given(double width, double height, Upright upright, Fit fit) implements TextBox {
    public Given {
      Require.between(1, DisplayUnits.MOST, width, "The width of the text's box");
      Require.between(1, DisplayUnits.MOST, height, "The height of the text's box");
      Require.present(upright, "Where the lines lie in the box");
      Require.present(fit, "The fit of the text");
    }

    public Given withSize(double otherWidth, double otherHeight) {
      return new Given(otherWidth, otherHeight, upright, fit);
    }
  }

  /** Where lines lie in spare height. */
  enum Upright {
    TOP(0),
    MIDDLE(0.5),
    BOTTOM(1);

    private final double share;

    Upright(double share) {
      this.share = share;
    }

    /** Share of the spare height that lies above the lines, 0–1. */
    public double share() {
      return share;
    }
  }

  /** What is done to words that do not fit their box. */
  sealed interface Fit {
    /** Nothing; they stick out. */
    record AsSet() implements Fit {}

    /**
     * Set smaller.
     *
     * @param floor the smallest share of the size, 0–1
     */
    record Shrink(double floor) implements Fit {
      public Shrink {
        Require.between(0.05, 1, floor, "The smallest share of the size");
      }
    }

    /**
     * Made narrower.
     *
     * @param floor the smallest share of the width, 0–1
     */
    record Condense(double floor) implements Fit {
      public Condense {
        Require.between(0.2, 1, floor, "The smallest share of the width");
      }
    }

    /**
     * Broken into lines.
     *
     * @param lines the most there may be; {@value #NO_LIMIT} for as many as there is room for
     */
    record Wrap(int lines) implements Fit {
      public static final int NO_LIMIT = 0;

      public Wrap {
        Require.between(NO_LIMIT, 100, lines, "The most lines");
      }

      /** Whether so many lines are more than there may be. */
      public boolean allows(int found) {
        return lines == NO_LIMIT || found <= lines;
      }
    }

    /** Not delivered. */
    record Refuse() implements Fit {}
  }
}
