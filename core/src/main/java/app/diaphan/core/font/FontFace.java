package app.diaphan.core.font;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import java.util.List;
import java.util.Optional;

/**
 * One font of a file, as its file tells of it.
 *
 * @param index which of a collection, from 0
 * @param family what it is chosen by; slanted and narrow ones are families of their own
 * @param weights that it offers, at least one; a font that is not variable has just one
 * @param axes of a variable font; none for others
 */
public record FontFace(
    int index, String family, FontKind kind, List<FontWeight> weights, List<Axis> axes) {
  /** Characters. */
  public static final int LONGEST_FAMILY = 120;

  public FontFace {
    Require.between(0, 63, index, "The number of a font in its collection");
    Names.check(family, LONGEST_FAMILY, "The name of a font's family");
    Require.present(kind, "The kind of a font");
    Require.present(weights, "The weights of a font");
    Require.present(axes, "The axes of a font");
    if (weights.isEmpty() || axes.size() > 32) {
      throw new InvalidInput("A font has one weight at least, and 32 axes at most.");
    }
    weights = List.copyOf(weights);
    axes = List.copyOf(axes);
  }

  Optional<Axis> weightAxis() {
    return axes.stream().filter(Axis::ofWeight).findFirst();
  }

  /** How far a weight is from what the font has; 0 if it has it. */
  public int distance(int weight) {
    return weightAxis()
        .map(axis -> (int) Math.ceil(Math.abs(axis.nearest(weight) - weight)))
        .orElseGet(() -> Math.abs(weights.getFirst().weight() - weight));
  }
}
