package app.diaphan.core.type;

import java.awt.Font;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntFunction;

/** A family of fonts that differ in weight. Files are read when a weight is first used. */
public final class FontFamily {
  private final String name;
  private final FontKind kind;
  private final NavigableMap<Integer, String> weights;
  private final IntFunction<Font> loader;
  private final ConcurrentHashMap<Integer, Font> loaded = new ConcurrentHashMap<>();

  /**
   * @param weights names of the weights the family has, by number (400 → "Regular")
   * @param loader gives the font of one of these numbers, at any size
   */
  public FontFamily(
      String name, FontKind kind, NavigableMap<Integer, String> weights, IntFunction<Font> loader) {
    this.name = name;
    this.kind = kind;
    this.weights = new TreeMap<>(weights);
    this.loader = loader;
  }

  public String name() {
    return name;
  }

  public FontKind kind() {
    return kind;
  }

  public Set<Integer> weights() {
    return weights.keySet();
  }

  public String weightName(int weight) {
    return weights.get(nearest(weight));
  }

  /** The font of the nearest weight the family has; the heavier one of two as near. */
  public Font font(int weight) {
    return loaded.computeIfAbsent(nearest(weight), loader::apply);
  }

  private int nearest(int weight) {
    Integer above = weights.ceilingKey(weight);
    Integer below = weights.floorKey(weight);
    if (above == null || below == null) {
      return above == null ? below : above;
    }
    return above - weight <= weight - below ? above : below;
  }
}
