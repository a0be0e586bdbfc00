package app.diaphan.core.font.file;

import app.diaphan.core.font.Axis;
import app.diaphan.core.font.FontWeight;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The axes of a font and what it names on them (OpenType, table "fvar"). */
final class Variations {
  private static final int HIDDEN = 1;
  private static final int MOST_AXES = 32;
  private static final int HUNDRED = 100;
  private static final double SAME = 0.01;

  private final List<Axis> axes = new ArrayList<>();
  private final List<Boolean> hidden = new ArrayList<>();
  private final Map<Integer, String> namedWeights = new TreeMap<>();

  Variations(Sfnt font, NameTable names) {
    font.table("fvar").ifPresent(in -> read(in, names));
  }

  private void read(ByteBuffer in, NameTable names) {
    in.getInt();
    int from = Short.toUnsignedInt(in.getShort());
    in.getShort();
    int count = Short.toUnsignedInt(in.getShort());
    int axisSize = Short.toUnsignedInt(in.getShort());
    int instances = Short.toUnsignedInt(in.getShort());
    int instanceSize = Short.toUnsignedInt(in.getShort());
    if (count > MOST_AXES) {
      throw new IllegalArgumentException("It has " + count + " axes");
    }
    for (int i = 0; i < count; i++) {
      in.position(from + i * axisSize);
      String tag = Sfnt.tag(in.getInt());
      double least = fixed(in);
      double standard = fixed(in);
      double most = fixed(in);
      hidden.add((in.getShort() & HIDDEN) != 0);
      String name = names.of(Short.toUnsignedInt(in.getShort()));
      axes.add(new Axis(tag, name.isEmpty() ? tag : name, least, standard, most));
    }
    for (int i = 0; i < instances; i++) {
      in.position(from + count * axisSize + i * instanceSize);
      String name = names.of(Short.toUnsignedInt(in.getShort()));
      in.getShort();
      readInstance(in, name);
    }
  }

  /** One that is named only for its weight, all else being as the font has it. */
  private void readInstance(ByteBuffer in, String name) {
    int weight = 0;
    boolean standard = true;
    for (Axis axis : axes) {
      double value = fixed(in);
      if (axis.tag().equals(Axis.WEIGHT)) {
        weight = (int) Math.round(value);
      } else {
        standard &= Math.abs(value - axis.standard()) < SAME;
      }
    }
    if (weight > 0 && weight <= 1000 && standard) {
      namedWeights.putIfAbsent(weight, WeightWords.said(name, weight));
    }
  }

  private static double fixed(ByteBuffer in) {
    return in.getInt() / 65536.0;
  }

  /** Those that a font offers. */
  List<Axis> axes() {
    List<Axis> offered = new ArrayList<>();
    for (int i = 0; i < axes.size(); i++) {
      if (!hidden.get(i)) {
        offered.add(axes.get(i));
      }
    }
    return offered;
  }

  /** Those that it names, or each hundred; none if its weight cannot be chosen. */
  List<FontWeight> weights() {
    List<FontWeight> weights = new ArrayList<>();
    axes().stream()
        .filter(axis -> axis.tag().equals(Axis.WEIGHT))
        .findFirst()
        .ifPresent(
            axis -> {
              if (namedWeights.isEmpty()) {
                for (int w = HUNDRED; w <= 9 * HUNDRED; w += HUNDRED) {
                  if (w >= axis.least() && w <= axis.most()) {
                    namedWeights.put(w, WeightWords.of(w));
                  }
                }
              }
              if (namedWeights.isEmpty()) {
                int only = Math.clamp(Math.round(axis.standard()), 1, 1000);
                namedWeights.put(only, WeightWords.of(only));
              }
              namedWeights.forEach((weight, name) -> weights.add(new FontWeight(weight, name)));
            });
    return weights;
  }
}
