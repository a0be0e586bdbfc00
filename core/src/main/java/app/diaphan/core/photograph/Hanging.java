package app.diaphan.core.photograph;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.raster.Bounds;

/**
 * How a mark hangs from photographs.
 *
 * @param pin the point of the photograph that the mark's same point hangs from
 * @param size of the mark's longer side
 * @param margin kept free between the pin and the mark
 * @param opacity 0–1
 */
public record Hanging(PinPoint pin, Measure size, Measure margin, double opacity) {
  public Hanging {
    Require.present(pin, "The point that the mark hangs from");
    Require.present(size, "The size of the mark");
    Require.present(margin, "The margin of the mark");
    Require.between(0, 1, opacity, "The opacity of the mark");
  }

  /** How long the mark's longer side is on a photograph of this size, at least a pixel. */
  public double longerSide(int width, int height) {
    return Math.max(1, size.on(width, height));
  }

  /**
   * Where a mark of so many pixels lies on a photograph, both upright.
   *
   * @throws InvalidInput if the photograph has no room for it
   */
  public Bounds place(int width, int height, int markWidth, int markHeight) {
    int free = (int) Math.rint(margin.on(width, height));
    int left = free + (int) Math.rint(pin.across() * (width - 2 * free - markWidth));
    int top = free + (int) Math.rint(pin.down() * (height - 2 * free - markHeight));
    Bounds place = new Bounds(left, top, left + markWidth, top + markHeight);
    if (left < 0 || top < 0 || place.right() > width || place.bottom() > height) {
      throw new InvalidInput(
          Sentence.of(
              "The photograph has %d × %d pixels, and the mark has %d × %d; make the mark smaller, or leave the photograph out.",
              width, height, markWidth, markHeight));
    }
    return place;
  }
}
