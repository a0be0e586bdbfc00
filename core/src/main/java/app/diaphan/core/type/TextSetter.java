package app.diaphan.core.type;

import app.diaphan.core.overlay.TextStyle;
import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.LineMetrics;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.text.AttributedString;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Sets words into outlines. Lines are laid out by the JDK (kerning, ligatures, joining scripts,
 * mixed directions) at one large size and scaled from there, so that a text has the same shape at
 * every frame size. A character that the chosen font lacks is taken from the first font on the
 * shelf that has it; one that none has is drawn as the font's empty box and reported.
 */
public final class TextSetter {
  /** The size at which everything is laid out; hinting and rounding are far below a pixel there. */
  private static final float LAYOUT_SIZE = 1000;

  private static final int REMEMBERED = 256;
  private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);

  private final FontShelf shelf;
  private final Map<Request, SetText> remembered =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Request, SetText> eldest) {
          return size() > REMEMBERED;
        }
      };

  private record Request(String words, TextStyle style) {}

  private record Line(Path2D outline, double width) {}

  public TextSetter(FontShelf shelf) {
    this.shelf = shelf;
  }

  /** Sets the words in the style, at the style's size in display units. */
  public SetText set(String words, TextStyle style) {
    Request request = new Request(words, style);
    synchronized (remembered) {
      SetText known = remembered.get(request);
      if (known != null) {
        return known;
      }
    }
    SetText made = layOut(words, style);
    synchronized (remembered) {
      remembered.put(request, made);
    }
    return made;
  }

  private SetText layOut(String words, TextStyle style) {
    FontFamily family = shelf.family(style.family());
    Font font = family.font(style.weight()).deriveFont(LAYOUT_SIZE);
    LineMetrics metrics = font.getLineMetrics("Hp", CONTEXT);
    Set<String> missing = new LinkedHashSet<>();
    List<Line> lines = new ArrayList<>();
    double widest = 0;
    for (String text : printable(words).split("\n", -1)) {
      Line line = line(text, font, style, missing);
      lines.add(line);
      widest = Math.max(widest, line.width());
    }
    double step = style.leading() * LAYOUT_SIZE;
    Path2D.Double outline = new Path2D.Double(Path2D.WIND_NON_ZERO);
    for (int i = 0; i < lines.size(); i++) {
      Line line = lines.get(i);
      double x = (widest - line.width()) * style.alignment().share();
      outline.append(
          line.outline()
              .getPathIterator(
                  AffineTransform.getTranslateInstance(x, metrics.getAscent() + i * step)),
          false);
    }
    double scale = style.size() / LAYOUT_SIZE;
    outline.transform(AffineTransform.getScaleInstance(scale, scale));
    double height = metrics.getAscent() + metrics.getDescent() + (lines.size() - 1) * step;
    return new SetText(
        outline, widest * scale, height * scale, metrics.getAscent() * scale, List.copyOf(missing));
  }

  private Line line(String text, Font font, TextStyle style, Set<String> missing) {
    if (text.isEmpty()) {
      return new Line(new Path2D.Double(), 0);
    }
    AttributedString attributed = new AttributedString(text);
    attributed.addAttribute(TextAttribute.KERNING, TextAttribute.KERNING_ON);
    int from = 0;
    while (from < text.length()) {
      Font chosen = fontFor(text, from, font, style, missing);
      int to = from + Character.charCount(text.codePointAt(from));
      while (to < text.length() && fontFor(text, to, font, style, missing).equals(chosen)) {
        to += Character.charCount(text.codePointAt(to));
      }
      attributed.addAttribute(TextAttribute.FONT, styled(chosen, style), from, to);
      from = to;
    }
    TextLayout layout = new TextLayout(attributed.getIterator(), CONTEXT);
    Path2D.Double outline = new Path2D.Double(Path2D.WIND_NON_ZERO);
    outline.append(layout.getOutline(null), false);
    double afterLast = style.tracking() / 1000 * LAYOUT_SIZE;
    return new Line(outline, Math.max(0, layout.getAdvance() - afterLast));
  }

  private static Font styled(Font font, TextStyle style) {
    return font.deriveFont(
        Map.of(
            TextAttribute.SIZE,
            LAYOUT_SIZE,
            TextAttribute.KERNING,
            TextAttribute.KERNING_ON,
            TextAttribute.LIGATURES,
            TextAttribute.LIGATURES_ON,
            TextAttribute.TRACKING,
            (float) (style.tracking() / 1000)));
  }

  private Font fontFor(String text, int at, Font font, TextStyle style, Set<String> missing) {
    int codePoint = text.codePointAt(at);
    if (font.canDisplay(codePoint) || invisible(codePoint)) {
      return font;
    }
    return shelf
        .fallback(codePoint, style.weight())
        .map(other -> other.deriveFont(LAYOUT_SIZE))
        .orElseGet(
            () -> {
              missing.add(Character.toString(codePoint));
              return font;
            });
  }

  private static boolean invisible(int codePoint) {
    return Character.getType(codePoint) == Character.FORMAT
        || Character.isWhitespace(codePoint)
        || (codePoint >= 0xFE00 && codePoint <= 0xFE0F);
  }

  /** Line ends as one kind, tabs as spaces, no other control characters. */
  private static String printable(String words) {
    StringBuilder text = new StringBuilder(words.length());
    words
        .replace("\r\n", "\n")
        .replace('\r', '\n')
        .replace('\t', ' ')
        .codePoints()
        .filter(c -> c == '\n' || !Character.isISOControl(c))
        .filter(c -> c < Character.MIN_SURROGATE || c > Character.MAX_SURROGATE)
        .forEach(text::appendCodePoint);
    return text.toString();
  }
}
