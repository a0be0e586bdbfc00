package app.diaphan.core.font.shelf;

import app.diaphan.core.font.Axis;
import app.diaphan.core.font.AxisValue;
import app.diaphan.core.font.FontKind;
import app.diaphan.core.font.FontWeight;
import app.diaphan.core.font.LetterStyle;
import app.diaphan.core.font.file.Substitutions;
import java.awt.Font;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A family of fonts that differ in weight, and in what else a variable font can be told to be.
 * Files are read when a style is first used.
 */
public final class FontFamily {
  private final String name;
  private final FontKind kind;
  private final String identity;
  private final NavigableMap<Integer, String> weights;
  private final Optional<Axis> weightAxis;
  private final List<Axis> axes;
  private final FontSource source;

  /** Those that ship are few and kept as they are; others come and go. */
  private final ConcurrentHashMap<Integer, LoadedFonts.Loaded> shipped = new ConcurrentHashMap<>();

  private final ConcurrentHashMap<Integer, Map<String, String>> features =
      new ConcurrentHashMap<>();

  /**
   * @param identity empty for a family that ships; otherwise a digest of the files it comes from
   * @param weights those that are offered, at least one
   * @param axes of a variable font, that of the weight among them
   */
  public FontFamily(
      String name,
      FontKind kind,
      String identity,
      List<FontWeight> weights,
      List<Axis> axes,
      FontSource source) {
    this.name = name;
    this.kind = kind;
    this.identity = identity;
    this.weights = new TreeMap<>();
    weights.forEach(weight -> this.weights.put(weight.weight(), weight.name()));
    weightAxis = axes.stream().filter(Axis::ofWeight).findFirst();
    this.axes = axes.stream().filter(axis -> !axis.ofWeight()).toList();
    this.source = source;
  }

  public String name() {
    return name;
  }

  public FontKind kind() {
    return kind;
  }

  /** Empty for a family that ships; otherwise a digest of the files it comes from. */
  public String identity() {
    return identity;
  }

  /** The weights that are offered; one whose weight is an axis has those between them too. */
  public List<FontWeight> weights() {
    return weights.entrySet().stream()
        .map(entry -> new FontWeight(entry.getKey(), entry.getValue()))
        .toList();
  }

  /** How far its weight can be chosen steplessly; nothing if it has some weights only. */
  public Optional<Axis> weightAxis() {
    return weightAxis;
  }

  /** What can be chosen besides the weight. */
  public List<Axis> axes() {
    return axes;
  }

  /** The file of one of the family's weights. */
  byte[] file(int weight) {
    return source.file(nearest(weight), List.of());
  }

  /** The font of the nearest weight the family has; the heavier one of two as near. */
  public Font font(int weight) {
    return font(LetterStyle.of(weight));
  }

  /** The font of the nearest style that the family has; features it lacks change nothing. */
  public Font font(LetterStyle wanted) {
    return loaded(wanted).font();
  }

  /** Height of a flat capital as a share of the font size. */
  public double capHeight(LetterStyle wanted) {
    return loaded(wanted).capHeight();
  }

  private LoadedFonts.Loaded loaded(LetterStyle wanted) {
    LetterStyle style = nearest(wanted);
    return identity.isEmpty() && style.plain()
        ? shipped.computeIfAbsent(
            style.weight(), weight -> LoadedFonts.font(known(), style, source))
        : LoadedFonts.font(known(), style, source);
  }

  /** OpenType features by their tags, each with what the font calls it, mostly nothing. */
  public Map<String, String> features() {
    return features(weights.firstKey());
  }

  private Map<String, String> features(int weight) {
    // Without settling a variable font, which takes a while: it has the same features everywhere.
    return features.computeIfAbsent(
        weight, own -> Map.copyOf(Substitutions.of(source.raw(own)).features()));
  }

  private String known() {
    return name + "\n" + identity;
  }

  /** Everything within what the family has, so that what looks alike is one style. */
  private LetterStyle nearest(LetterStyle wanted) {
    int weight = nearest(wanted.weight());
    Set<String> has = new TreeSet<>(wanted.features());
    if (!has.isEmpty()) {
      has.retainAll(features(weight).keySet());
    }
    return new LetterStyle(weight, settled(wanted.axes()), has);
  }

  /** Values of all axes, so that one that is not asked for is as the font has it. */
  private List<AxisValue> settled(List<AxisValue> wanted) {
    List<AxisValue> values = new ArrayList<>();
    for (Axis axis : axes) {
      double value =
          wanted.stream()
              .filter(one -> one.tag().equals(axis.tag()))
              .findFirst()
              .map(AxisValue::value)
              .orElse(axis.standard());
      values.add(new AxisValue(axis.tag(), axis.nearest(value)));
    }
    return values;
  }

  private int nearest(int weight) {
    if (weightAxis.isPresent()) {
      return (int) Math.round(weightAxis.get().nearest(weight));
    }
    Integer above = weights.ceilingKey(weight);
    Integer below = weights.floorKey(weight);
    if (above == null || below == null) {
      return above == null ? below : above;
    }
    return above - weight <= weight - below ? above : below;
  }
}
