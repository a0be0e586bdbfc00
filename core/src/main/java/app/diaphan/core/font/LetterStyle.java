package app.diaphan.core.font;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * What of a family words are set in.
 *
 * @param weight 1–1000
 * @param axes values of a variable font's other axes
 * @param features OpenType features that are on throughout, by their tags
 */
public record LetterStyle(int weight, List<AxisValue> axes, Set<String> features) {
  public LetterStyle {
    axes = List.copyOf(axes);
    features = Collections.unmodifiableSet(new TreeSet<>(features));
  }

  public static LetterStyle of(int weight) {
    return new LetterStyle(weight, List.of(), Set.of());
  }

  public LetterStyle withoutFeatures() {
    return new LetterStyle(weight, axes, Set.of());
  }

  public boolean plain() {
    return axes.isEmpty() && features.isEmpty();
  }
}
