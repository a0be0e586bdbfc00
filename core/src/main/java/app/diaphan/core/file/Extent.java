package app.diaphan.core.file;

import app.diaphan.core.Require;
import app.diaphan.core.raster.Bounds;

/** Whether a file holds the whole frame or only the part that is drawn on. */
public sealed interface Extent {
  /** All of the frame. */
  record WholeFrame() implements Extent {}

  /**
   * The smallest rectangle around what is drawn.
   *
   * @param margin pixels left free around it, as far as the frame reaches
   * @param evenSides whether width and height are made even, as many video encoders want them
   */
  record TrimmedExtent(int margin, boolean evenSides) implements Extent {
    public static final int WIDEST_MARGIN = 1000;

    public TrimmedExtent {
      Require.between(0, WIDEST_MARGIN, margin, "The margin of a trimmed file");
    }

    /** What the file holds of a frame on which this much is drawn. */
    public Bounds around(Bounds drawn, Bounds frame) {
      Bounds free = drawn.grown(margin, margin).within(frame);
      return evenSides
          ? new Bounds(
              evenStart(free.left(), free.right(), frame.right()),
              evenStart(free.top(), free.bottom(), frame.bottom()),
              evenEnd(free.left(), free.right(), frame.right()),
              evenEnd(free.top(), free.bottom(), frame.bottom()))
          : free;
    }

    /** One pixel is added behind; before, if the frame ends there. */
    private static int evenEnd(int from, int to, int most) {
      return (to - from) % 2 == 0 ? to : Math.min(most, to + 1);
    }

    private static int evenStart(int from, int to, int most) {
      return (to - from) % 2 == 1 && to == most ? Math.max(0, from - 1) : from;
    }
  }

  Extent WHOLE_FRAME = new WholeFrame();
  Extent TRIMMED = new TrimmedExtent(0, false);
}
