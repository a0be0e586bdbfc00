package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import com.github.weisj.jsvg.parser.DomElement;
import com.github.weisj.jsvg.parser.css.CssParser;
import com.github.weisj.jsvg.parser.css.StyleProperty;
import com.github.weisj.jsvg.parser.css.StyleSheet;
import com.github.weisj.jsvg.parser.css.impl.SimpleCssParser;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.htmlunit.cssparser.dom.AbstractCSSRuleImpl;
import org.htmlunit.cssparser.dom.CSSStyleRuleImpl;
import org.htmlunit.cssparser.dom.Property;
import org.htmlunit.cssparser.parser.CSSErrorHandler;
import org.htmlunit.cssparser.parser.CSSOMParser;
import org.htmlunit.cssparser.parser.CSSParseException;
import org.htmlunit.cssparser.parser.InputSource;
import org.htmlunit.cssparser.parser.javacc.CSS3Parser;
import org.htmlunit.cssparser.parser.selector.Selector;
import org.htmlunit.cssparser.parser.selector.SelectorSpecificity;

/**
 * The style sheets that are written into an SVG file, by the rules of the cascade: what is
 * important last, then by how specific a selector is, then by order (W3C CSS 2.1, section 6.4).
 * Sheets outside the file are not fetched.
 */
final class SvgStyles implements CssParser {
  private static final int MOST_RULES = 20_000;
  private static final int LONGEST_SHEET = 1 << 20;
  private static final double MOST_SECONDS = 20;

  /** What one selector says of the elements that it matches. */
  private record Rule(
      Selector selector, SelectorSpecificity specificity, int order, List<Property> properties) {}

  /** Of all sheets of the file: the library asks each by itself, but they are one cascade. */
  private final List<Rule> rules = new ArrayList<>();

  private final CssParser ofAttributes = new SimpleCssParser();
  private final SvgSelector selector = new SvgSelector(Patience.of(MOST_SECONDS));
  private int sheets;

  @Override
  public StyleSheet parse(List<char[]> parts) {
    if (parts.size() > 1) {
      return ofAttributes.parse(parts); // An element's own style, as a rule made up for it.
    }
    String sheet = parts.isEmpty() ? "" : new String(parts.getFirst()); // A blank one has no parts.
    if (sheet.length() > LONGEST_SHEET) {
      throw new InvalidInput(
          "The SVG file has a style sheet of more than a million letters; save it with plain attributes.");
    }
    read(sheet, rules);
    // In their order if they are equally specific; the library takes what it is told first.
    rules.sort(Comparator.comparing(Rule::specificity).thenComparing(Rule::order).reversed());
    int number = ++sheets;
    return (element, consumer) -> {
      if (number == sheets) {
        apply(element, consumer);
      }
    };
  }

  private static void read(String sheet, List<Rule> rules) {
    CSSOMParser parser = new CSSOMParser(new CSS3Parser());
    parser.setErrorHandler(new Forgiving());
    try (InputSource source = new InputSource(new StringReader(sheet))) {
      for (AbstractCSSRuleImpl rule :
          parser.parseStyleSheet(source, null).getCssRules().getRules()) {
        if (rule instanceof CSSStyleRuleImpl style && rules.size() < MOST_RULES) {
          for (Selector selector : style.getSelectors()) {
            rules.add(
                new Rule(
                    selector,
                    new SelectorSpecificity(selector),
                    rules.size(),
                    style.getStyle().getProperties()));
          }
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void apply(DomElement element, StyleSheet.RuleConsumer consumer) {
    List<Rule> matching =
        rules.stream().filter(rule -> selector.matches(rule.selector(), element)).toList();
    for (boolean important : new boolean[] {true, false}) {
      for (Rule rule : matching) {
        for (Property property : rule.properties().reversed()) {
          if (property.isImportant() == important && property.getValue() != null) {
            String value = property.getValue().getCssText();
            consumer.applyRule(
                new StyleProperty(
                    property.getName(),
                    property.getName().equals("font-family") ? SvgFamilies.known(value) : value));
          }
        }
      }
    }
  }

  /** What cannot be read of a sheet is left out, as in every browser. */
  private static final class Forgiving implements CSSErrorHandler {
    @Override
    public void warning(CSSParseException e) {}

    @Override
    public void error(CSSParseException e) {}

    @Override
    public void fatalError(CSSParseException e) {}
  }
}
