package app.diaphan.core.type;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.IntFunction;

/** A family of fonts that differ in weight. Files are read when a weight is first used. */
public final class FontFamily {
  private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);
  private static final float MEASURED_AT = 1000;

  private final String name;
  private final FontKind kind;
  private final NavigableMap<Integer, String> weights;
  private final IntFunction<byte[]> files;
  private final ConcurrentHashMap<Integer, Font> fonts = new ConcurrentHashMap<>();
  private final ConcurrentHashMap<Integer, Double> capHeights = new ConcurrentHashMap<>();
  private final ConcurrentHashMap<Integer, SmallCapitals> smallCapitals = new ConcurrentHashMap<>();

  /**
   * @param weights names of the weights the family has, by number (400 → "Regular")
   * @param files gives the TrueType file of one of these numbers
   */
  public FontFamily(
      String name,
      FontKind kind,
      NavigableMap<Integer, String> weights,
      IntFunction<byte[]> files) {
    this.name = name;
    this.kind = kind;
    this.weights = new TreeMap<>(weights);
    this.files = files;
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

  /** The TrueType file of one of the family's weights. */
  byte[] file(int weight) {
    return files.apply(weight);
  }

  /** The font of the nearest weight the family has; the heavier one of two as near. */
  public Font font(int weight) {
    return fonts.computeIfAbsent(nearest(weight), this::load);
  }

  /** Height of a flat capital as a share of the font size. */
  public double capHeight(int weight) {
    return capHeights.computeIfAbsent(
        nearest(weight),
        own ->
            font(own)
                    .deriveFont(MEASURED_AT)
                    .createGlyphVector(CONTEXT, "H")
                    .getOutline()
                    .getBounds2D()
                    .getHeight()
                / MEASURED_AT);
  }

  /** The small capitals that the font of the nearest weight has; none for some families. */
  SmallCapitals smallCapitals(int weight) {
    return smallCapitals.computeIfAbsent(
        nearest(weight), own -> SmallCapitals.of(font(own), files.apply(own)));
  }

  /** Whether the family's fonts have small capitals. */
  public boolean hasSmallCapitals() {
    return smallCapitals(weights.firstKey()).any();
  }

  private Font load(int weight) {
    try {
      return Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(files.apply(weight)));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (FontFormatException e) {
      throw new IllegalStateException("A font of " + name + " cannot be read.", e);
    }
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
