package app.diaphan.core.type;

import app.diaphan.core.font.shelf.FontFamily;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.overlay.Letterforms;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextSetting;
import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.LineMetrics;
import java.awt.font.TextAttribute;
import java.text.AttributedString;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The words of a text with the font of every character, at layout size: the largest run's font is
 * {@value #LAYOUT_SIZE} units, where hinting and rounding are far below a pixel.
 */
final class StyledWords {
  static final float LAYOUT_SIZE = 1000;
  static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);

  private final FontShelf shelf;
  private final TextSetting setting;
  private final List<Styled> runs = new ArrayList<>();
  private final String words;
  private final double reference;
  private final Set<String> missing = new LinkedHashSet<>();
  private final Set<String> unknown = new LinkedHashSet<>();

  /**
   * A run where it lies.
   *
   * @param size of its font in layout units
   */
  private record Styled(Run run, FontFamily family, Font font, float size, int start, int end) {}

  /** Heights of the highest font in a stretch, in layout units. */
  record Heights(double ascent, double descent, double size) {}

  StyledWords(List<Run> given, TextSetting setting, FontShelf shelf) {
    this.shelf = shelf;
    this.setting = setting;
    double largest = 0;
    for (Run run : given) {
      largest = Math.max(largest, fontSize(run));
    }
    reference = largest;
    StringBuilder all = new StringBuilder();
    for (Run run : given) {
      int start = all.length();
      all.append(printable(run.words()));
      float size = (float) (LAYOUT_SIZE * fontSize(run) / largest);
      FontFamily family = family(run);
      Font font = family.font(run.style(setting)).deriveFont(size);
      runs.add(new Styled(run, family, font, size, start, all.length()));
    }
    words = all.toString();
  }

  /** As many characters as were given, so that places in the one are places in the other. */
  String words() {
    return words;
  }

  /** Display units for one layout unit. */
  double scale() {
    return reference / LAYOUT_SIZE;
  }

  Set<String> missing() {
    return missing;
  }

  Set<String> unknownFamilies() {
    return unknown;
  }

  /** Runs with a colour of their own, by where they start and end. */
  List<InkedRange> inked() {
    return runs.stream()
        .filter(styled -> styled.run().ink() instanceof Run.Ink.Own)
        .map(s -> new InkedRange(s.start(), s.end(), ((Run.Ink.Own) s.run().ink()).colour()))
        .toList();
  }

  record InkedRange(int start, int end, app.diaphan.core.colour.Colour colour) {}

  /** The heights of what stands from one place to another; of the run there if nothing does. */
  Heights heights(int start, int end) {
    double ascent = 0;
    double descent = 0;
    double size = 0;
    for (Styled styled : runs) {
      boolean here =
          start == end
              ? styled == runAt(start)
              : styled.start() < end && styled.end() > start && styled.start() < styled.end();
      if (here) {
        LineMetrics metrics = styled.font().getLineMetrics("Hp", CONTEXT);
        ascent = Math.max(ascent, metrics.getAscent());
        descent = Math.max(descent, metrics.getDescent());
        size = Math.max(size, styled.size());
      }
    }
    return new Heights(ascent, descent, size);
  }

  /** Space added after the character at a place, in layout units. */
  double trackingAt(int index) {
    Styled styled = runAt(index);
    return styled.run().tracking() / 1000 * styled.size();
  }

  /** The words from one place to another, which are at least one character. */
  AttributedString attributed(int start, int end) {
    String part = words.substring(start, end);
    AttributedString attributed = new AttributedString(shown(part));
    attributed.addAttribute(TextAttribute.KERNING, TextAttribute.KERNING_ON);
    int from = 0;
    while (from < part.length()) {
      Chosen chosen = chosen(part, from, start);
      int to = from + Character.charCount(part.codePointAt(from));
      while (to < part.length() && chosen(part, to, start).equals(chosen)) {
        to += Character.charCount(part.codePointAt(to));
      }
      attributed.addAttribute(TextAttribute.FONT, font(chosen), from, to);
      from = to;
    }
    return attributed;
  }

  private record Chosen(Font font, double tracking) {}

  private Chosen chosen(String part, int at, int start) {
    Styled styled = runAt(start + at);
    double tracking = styled.run().tracking();
    int codePoint = part.codePointAt(at);
    if (Character.isWhitespace(codePoint)) {
      tracking += setting.wordSpacing();
    }
    return new Chosen(fontFor(codePoint, styled), tracking);
  }

  private Font font(Chosen chosen) {
    Map<TextAttribute, Object> attributes = new HashMap<>();
    attributes.put(TextAttribute.KERNING, TextAttribute.KERNING_ON);
    if (setting.letterforms().ligatures() != Letterforms.Ligatures.NONE) {
      attributes.put(TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON);
    }
    attributes.put(TextAttribute.TRACKING, (float) (chosen.tracking() / 1000));
    return chosen.font().deriveFont(attributes);
  }

  private Styled runAt(int index) {
    for (Styled styled : runs) {
      if (index < styled.end() && index >= styled.start()) {
        return styled;
      }
    }
    return runs.getLast();
  }

  /** What the words are set in that does not ship, each family once. */
  Set<String> ownFonts() {
    Set<String> own = new LinkedHashSet<>();
    runs.stream()
        .map(styled -> styled.family().identity())
        .filter(identity -> !identity.isEmpty())
        .forEach(own::add);
    return own;
  }

  private double fontSize(Run run) {
    return switch (setting.sizedBy()) {
      case FONT_SIZE -> run.size();
      case CAP_HEIGHT -> run.size() / family(run).capHeight(run.style(setting));
    };
  }

  private FontFamily family(Run run) {
    return shelf
        .find(run.family())
        .orElseGet(
            () -> {
              unknown.add(run.family());
              return shelf.standIn();
            });
  }

  private Font fontFor(int codePoint, Styled styled) {
    int shown = shown(codePoint);
    if (styled.font().canDisplay(shown) || invisible(shown)) {
      return styled.font();
    }
    return shelf
        .fallback(shown, styled.run().weight())
        .map(other -> other.deriveFont(styled.size()))
        .orElseGet(
            () -> {
              missing.add(Character.toString(shown));
              return styled.font();
            });
  }

  private String shown(String part) {
    StringBuilder text = new StringBuilder(part.length());
    part.codePoints().map(this::shown).forEach(text::appendCodePoint);
    return text.toString();
  }

  /** One character for one, so that places stay what they were. */
  private int shown(int codePoint) {
    if (setting.capitals() != TextSetting.Capitals.ALL) {
      return codePoint;
    }
    int capital = Character.toUpperCase(codePoint);
    return Character.charCount(capital) == Character.charCount(codePoint) ? capital : codePoint;
  }

  private static boolean invisible(int codePoint) {
    return Character.getType(codePoint) == Character.FORMAT
        || Character.isWhitespace(codePoint)
        || (codePoint >= 0xFE00 && codePoint <= 0xFE0F);
  }

  /** Tabs as spaces, and what cannot be shown as nothing of no width. */
  private static String printable(String words) {
    StringBuilder text = new StringBuilder(words.replace('\t', ' '));
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      boolean paired =
          Character.isHighSurrogate(c)
              ? i + 1 < text.length() && Character.isLowSurrogate(text.charAt(i + 1))
              : Character.isLowSurrogate(c)
                  && i > 0
                  && Character.isHighSurrogate(text.charAt(i - 1));
      if (c == '\r' && (i + 1 >= text.length() || text.charAt(i + 1) != '\n')) {
        text.setCharAt(i, '\n');
      } else if ((Character.isISOControl(c) && c != '\n')
          || (Character.isSurrogate(c) && !paired)) {
        text.setCharAt(i, '\u200b');
      }
    }
    return text.toString();
  }
}
