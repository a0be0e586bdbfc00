package app.diaphan.core.picture;

import app.diaphan.core.InvalidInput;
import com.github.weisj.jsvg.parser.DomElement;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.htmlunit.cssparser.parser.condition.Condition;
import org.htmlunit.cssparser.parser.condition.NotPseudoClassCondition;
import org.htmlunit.cssparser.parser.selector.ChildSelector;
import org.htmlunit.cssparser.parser.selector.DescendantSelector;
import org.htmlunit.cssparser.parser.selector.DirectAdjacentSelector;
import org.htmlunit.cssparser.parser.selector.ElementSelector;
import org.htmlunit.cssparser.parser.selector.GeneralAdjacentSelector;
import org.htmlunit.cssparser.parser.selector.PseudoElementSelector;
import org.htmlunit.cssparser.parser.selector.Selector;

/**
 * Whether a selector of a style sheet matches an element (W3C Selectors, level 3).
 *
 * @param patience a selector of many steps can be tried in more ways than there is time for
 */
record SvgSelector(Patience patience) {
  /**
   * @throws InvalidInput if it takes too long or was given up on
   */
  boolean matches(Selector selector, DomElement element) {
    if (patience.over()) {
      throw new InvalidInput(
          "The style sheet of the SVG file takes too long to follow; simplify it and save it again.");
    }
    return switch (selector) {
      case ElementSelector one -> matches(one, element);
      case ChildSelector child ->
          matches(child.getSimpleSelector(), element)
              && parent(element)
                  .filter(parent -> matches(child.getAncestorSelector(), parent))
                  .isPresent();
      case DescendantSelector inner ->
          matches(inner.getSimpleSelector(), element)
              && anyAbove(element, inner.getAncestorSelector());
      case DirectAdjacentSelector next ->
          matches(next.getSimpleSelector(), element)
              && before(element).reversed().stream()
                  .limit(1)
                  .anyMatch(sibling -> matches(next.getSelector(), sibling));
      case GeneralAdjacentSelector later ->
          matches(later.getSimpleSelector(), element)
              && before(element).stream()
                  .anyMatch(sibling -> matches(later.getSelector(), sibling));
      case PseudoElementSelector none -> false; // Nothing of a picture is one.
      default -> false;
    };
  }

  private boolean matches(ElementSelector selector, DomElement element) {
    String name = selector.getLocalName();
    return (name == null || name.equals("*") || name.equalsIgnoreCase(element.tagName()))
        && (selector.getConditions() == null
            || selector.getConditions().stream().allMatch(condition -> holds(condition, element)));
  }

  private boolean holds(Condition condition, DomElement element) {
    String value = condition.getValue();
    String found =
        condition.getLocalName() == null ? null : element.attribute(condition.getLocalName());
    return switch (condition.getConditionType()) {
      case ID_CONDITION -> value.equals(element.id());
      case CLASS_CONDITION -> element.classNames().contains(value);
      case ATTRIBUTE_CONDITION -> found != null && (value == null || value.equals(found));
      case ONE_OF_ATTRIBUTE_CONDITION ->
          found != null && Arrays.asList(found.split("\\s+")).contains(value);
      case BEGIN_HYPHEN_ATTRIBUTE_CONDITION ->
          found != null && (found.equals(value) || found.startsWith(value + "-"));
      case PREFIX_ATTRIBUTE_CONDITION -> some(value) && found != null && found.startsWith(value);
      case SUFFIX_ATTRIBUTE_CONDITION -> some(value) && found != null && found.endsWith(value);
      case SUBSTRING_ATTRIBUTE_CONDITION -> some(value) && found != null && found.contains(value);
      case LANG_CONDITION ->
          Arrays.stream(value.split(",")).anyMatch(one -> inLanguage(element, one.strip()));
      case NOT_PSEUDO_CLASS_CONDITION ->
          condition instanceof NotPseudoClassCondition not
              && not.getSelectors().stream().noneMatch(one -> matches(one, element));
      case PSEUDO_CLASS_CONDITION -> isOf(element, value.toLowerCase(Locale.ROOT));
    };
  }

  private static boolean some(String value) {
    return value != null && !value.isEmpty();
  }

  private static boolean inLanguage(DomElement element, String language) {
    String own = element.attribute("xml:lang", element.attribute("lang", ""));
    if (own.isEmpty()) {
      return parent(element).filter(parent -> inLanguage(parent, language)).isPresent();
    }
    return own.equalsIgnoreCase(language)
        || own.toLowerCase(Locale.ROOT).startsWith(language.toLowerCase(Locale.ROOT) + "-");
  }

  private static boolean isOf(DomElement element, String pseudoClass) {
    List<? extends DomElement> siblings =
        parent(element)
            .<List<? extends DomElement>>map(DomElement::children)
            .orElse(List.of(element));
    List<? extends DomElement> like =
        siblings.stream().filter(one -> one.tagName().equals(element.tagName())).toList();
    return switch (pseudoClass) {
      case "root" -> parent(element).isEmpty();
      case "first-child" -> siblings.getFirst() == element;
      case "last-child" -> siblings.getLast() == element;
      case "only-child" -> siblings.size() == 1;
      case "first-of-type" -> like.getFirst() == element;
      case "last-of-type" -> like.getLast() == element;
      case "only-of-type" -> like.size() == 1;
      case "empty" -> element.children().isEmpty();
      case "link" -> element.tagName().equals("a");
      default -> nth(pseudoClass, element, siblings, like);
    };
  }

  /** The classes that count, such as nth-child(2n+1). */
  private static boolean nth(
      String pseudoClass,
      DomElement element,
      List<? extends DomElement> siblings,
      List<? extends DomElement> like) {
    int open = pseudoClass.indexOf('(');
    if (open < 0 || !pseudoClass.endsWith(")")) {
      return false; // Such as hover: nothing points at a still.
    }
    Every every = Every.of(pseudoClass.substring(open + 1, pseudoClass.length() - 1));
    return switch (pseudoClass.substring(0, open)) {
      case "nth-child" -> every.has(siblings.indexOf(element) + 1);
      case "nth-last-child" -> every.has(siblings.size() - siblings.indexOf(element));
      case "nth-of-type" -> every.has(like.indexOf(element) + 1);
      case "nth-last-of-type" -> every.has(like.size() - like.indexOf(element));
      default -> false;
    };
  }

  /** Every so manyth, from one on; a step of 0 is that one alone. */
  private record Every(int step, int from) {
    private static final Every NONE = new Every(0, 0);

    static Every of(String text) {
      String plain = text.replaceAll("\\s", "");
      switch (plain) {
        case "odd":
          return new Every(2, 1);
        case "even":
          return new Every(2, 0);
        default:
          break;
      }
      int n = plain.indexOf('n');
      try {
        if (n < 0) {
          return new Every(0, Integer.parseInt(plain));
        }
        String step = plain.substring(0, n);
        String from = plain.substring(n + 1);
        return new Every(
            step.isEmpty() || step.equals("+") ? 1 : step.equals("-") ? -1 : Integer.parseInt(step),
            from.isEmpty() ? 0 : Integer.parseInt(from));
      } catch (NumberFormatException e) {
        return NONE;
      }
    }

    boolean has(int place) {
      return step == 0 ? place == from : (place - from) % step == 0 && (place - from) / step >= 0;
    }
  }

  private boolean anyAbove(DomElement element, Selector selector) {
    Optional<DomElement> above = parent(element);
    while (above.isPresent()) {
      if (matches(selector, above.get())) {
        return true;
      }
      above = parent(above.get());
    }
    return false;
  }

  private static Optional<DomElement> parent(DomElement element) {
    return Optional.ofNullable(element.parent());
  }

  /** The siblings that stand before an element. */
  private static List<? extends DomElement> before(DomElement element) {
    return parent(element)
        .<List<? extends DomElement>>map(
            parent -> parent.children().subList(0, parent.children().indexOf(element)))
        .orElse(List.of());
  }
}
