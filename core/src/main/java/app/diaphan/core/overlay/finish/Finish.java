package app.diaphan.core.overlay.finish;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.paint.Paint;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * What is done to a piece's edge and surface, live, for as long as the piece lives. Lengths are
 * display units of what holds the piece.
 */
public sealed interface Finish permits Shadow, Halo, Outline, Inset, Rim, Relief, Soften {
  /** The longest reach, width or distance of any finish, in display units. */
  double MOST_REACH = 2000;

  /** Switched off, a finish keeps its values and draws nothing. */
  boolean on();

  /** The same finish with all its lengths so many times as long, as far as they may be. */
  Finish scaled(double by);

  /** Its paints; none for a finish that takes colours only. */
  default List<Paint> paints() {
    return this instanceof Outline outline ? List.of(outline.paint()) : List.of();
  }

  /** The same with other colours for all that it has, those of its paints too. */
  Finish recoloured(UnaryOperator<Colour> other);

  /**
   * The same with another colour for the one that leads, which is the only one but for a relief,
   * whose light leads, and an outline, which has a paint.
   */
  default Finish led(UnaryOperator<Colour> other) {
    return recoloured(other);
  }

  /** The same with other paints for those that it has. */
  default Finish repainted(UnaryOperator<Paint> other) {
    return this instanceof Outline outline ? outline.withPaint(other.apply(outline.paint())) : this;
  }

  /** Kept to a thousandth, so that going there and back does not pile up digits. */
  static double length(double units, double by) {
    return Math.min(MOST_REACH, Math.rint(units * by * 1000) / 1000);
  }
}
