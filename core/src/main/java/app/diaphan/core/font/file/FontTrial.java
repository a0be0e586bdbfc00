package app.diaphan.core.font.file;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.font.Axis;
import app.diaphan.core.font.AxisValue;
import app.diaphan.core.font.FontFace;
import app.diaphan.core.font.FontFile;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.font.TextLayout;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * Does to a font's file all that setting words may do to it: reads it, settles it at the ends of
 * its axes, draws its letters, lays out words with all its features. The platform's font code was
 * not made for hostile files and can end the process, so this is done in one of its own.
 */
public final class FontTrial {
  private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);
  private static final float SIZE = 1000;

  /** Of all faces together: as many as a font can have at most. */
  private static final int MOST_GLYPHS = 65_536;

  private static final int AT_ONCE = 256;

  private static final List<String> WORDS =
      List.of("Affiné, 0123456789 (Äßøł) — “fjord”", "سباق القوارب", "नौका दौड़", "регата", "ＡＢ競艇");

  private FontTrial() {}

  /**
   * @return what the file tells of its fonts
   * @throws InvalidInput if it holds no font that letters can be drawn with
   */
  public static FontFile tried(String name, byte[] bytes) {
    FontFile file = FontFiles.read(name, bytes);
    FontFiles.orRefused(
        name,
        () -> {
          int left = MOST_GLYPHS;
          for (FontFace face : file.faces()) {
            left -= drawn(plain(name, bytes, face, Axis::standard), left);
            if (!face.axes().isEmpty()) {
              drawn(plain(name, bytes, face, Axis::least), AT_ONCE);
              drawn(plain(name, bytes, face, Axis::most), AT_ONCE);
            }
          }
          return file;
        });
    return file;
  }

  private static byte[] plain(
      String name, byte[] bytes, FontFace face, ToDoubleFunction<Axis> where) {
    List<AxisValue> values = new ArrayList<>();
    double weight = face.weights().getFirst().weight();
    for (Axis axis : face.axes()) {
      if (axis.tag().equals(Axis.WEIGHT)) {
        weight = where.applyAsDouble(axis);
      } else {
        values.add(new AxisValue(axis.tag(), where.applyAsDouble(axis)));
      }
    }
    return FontFiles.settled(name, bytes, face.index(), weight, values);
  }

  /** How many glyphs were drawn. */
  private static int drawn(byte[] plain, int most) {
    Font font = loaded(plain);
    int count = Math.min(font.getNumGlyphs(), most);
    int letters = 0;
    for (int from = 0; from < count; from += AT_ONCE) {
      int[] glyphs = new int[Math.min(AT_ONCE, count - from)];
      for (int i = 0; i < glyphs.length; i++) {
        glyphs[i] = from + i;
      }
      letters +=
          font.createGlyphVector(CONTEXT, glyphs).getOutline().getBounds2D().isEmpty() ? 0 : 1;
    }
    if (letters == 0 && count > 0) {
      throw new UnsuitableFont("has no outlines of letters; give one that has");
    }
    Substitutions substitutions = Substitutions.of(plain);
    Set<String> features = substitutions.features().keySet();
    Font all = features.isEmpty() ? font : loaded(substitutions.with(features));
    for (String words : WORDS) {
      new TextLayout(words, font, CONTEXT).getOutline(null);
      new TextLayout(words, all, CONTEXT).getOutline(null);
    }
    return count;
  }

  private static Font loaded(byte[] file) {
    try {
      return Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(file)).deriveFont(SIZE);
    } catch (FontFormatException | IOException e) {
      throw new UnsuitableFont("is damaged");
    }
  }
}
