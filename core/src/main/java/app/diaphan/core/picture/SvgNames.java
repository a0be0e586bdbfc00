package app.diaphan.core.picture;

import com.github.weisj.jsvg.parser.DomElement;
import com.github.weisj.jsvg.parser.TextContent;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.ToIntFunction;

/**
 * The names that an SVG file gives what it draws: an element's title, label or id, or those of the
 * group around it. The library forgets which element a figure came from; but it draws in the file's
 * order, so figures are counted with all hidden from one element on, and from the next.
 */
final class SvgNames {
  private static final int MOST_NAMED = 200;
  private static final double MOST_SECONDS = 3;
  private static final int LONGEST = 80;

  /** What is in these is not drawn where it stands, and need not be named. */
  private static final Set<String> APART =
      Set.of(
          "defs",
          "clipPath",
          "mask",
          "symbol",
          "pattern",
          "marker",
          "filter",
          "linearGradient",
          "radialGradient",
          "style",
          "title",
          "desc",
          "metadata");

  /**
   * An element that has a name.
   *
   * @param first its place among all elements, in the file's order
   * @param after the place after all that is in it
   */
  private record Named(String name, int first, int after) {}

  private final List<Named> named = new ArrayList<>();
  private final Map<Integer, Integer> counts = new HashMap<>();
  private final ToIntFunction<Consumer<DomElement>> figures;
  private final Patience patience = Patience.of(MOST_SECONDS);

  private SvgNames(ToIntFunction<Consumer<DomElement>> figures) {
    this.figures = figures;
  }

  /**
   * @param figures how many figures the file draws after something was done to its elements
   * @return a name for each figure, empty for those without one; of no figures if they cannot be
   *     told apart
   */
  static List<String> of(ToIntFunction<Consumer<DomElement>> figures) {
    return new SvgNames(figures).names();
  }

  private List<String> names() {
    int all = figures.applyAsInt(root -> find(root, 0, true));
    List<String> names = new ArrayList<>(Collections.nCopies(all, ""));
    if (named.size() > MOST_NAMED) {
      return List.of();
    }
    // Groups come before what is in them, which has the last word.
    for (Named one : named) {
      if (patience.over()) {
        return List.of();
      }
      int from = before(one.first());
      int to = before(one.after());
      if (from > to || to > all) {
        return List.of(); // Something is drawn out of the file's order.
      }
      Collections.fill(names.subList(from, to), one.name());
    }
    return List.copyOf(names);
  }

  /**
   * @return the place after the element and all that is in it
   */
  private int find(DomElement element, int place, boolean root) {
    int after = place + 1;
    if (APART.contains(element.tagName())) {
      return after;
    }
    int at = named.size();
    for (DomElement child : element.children()) {
      after = find(child, after, false);
    }
    if (!root) {
      int end = after;
      name(element).ifPresent(name -> named.add(at, new Named(name, place, end)));
    }
    return after;
  }

  /** How many figures are drawn with all hidden from an element on. */
  private int before(int place) {
    return counts.computeIfAbsent(place, from -> figures.applyAsInt(root -> hide(root, 0, from)));
  }

  private static int hide(DomElement element, int place, int from) {
    int after = place + 1;
    if (APART.contains(element.tagName())) {
      return after;
    }
    if (place >= from) {
      element.setAttribute("style", "display:none");
    }
    for (DomElement child : element.children()) {
      after = hide(child, after, from);
    }
    return after;
  }

  private static Optional<String> name(DomElement element) {
    return element.children().stream()
        .filter(child -> child.tagName().equals("title"))
        .findFirst()
        .flatMap(title -> tidy(words(title)))
        .or(() -> tidy(element.attribute("aria-label", "")))
        .or(() -> tidy(element.attribute("id", "")));
  }

  private static String words(DomElement title) {
    StringBuilder words = new StringBuilder();
    for (TextContent.Segment segment : title.textContent().contentAfterChildIndex(-1)) {
      words.append(segment.text());
    }
    return words.toString();
  }

  /** As a piece can be called; none if nothing is left of it. */
  static Optional<String> tidy(String name) {
    String seen =
        name.codePoints()
            .map(point -> Character.isISOControl(point) ? ' ' : point)
            .filter(point -> Character.getType(point) != Character.FORMAT)
            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
            .toString()
            .strip();
    String cut =
        seen.codePointCount(0, seen.length()) <= LONGEST
            ? seen
            : seen.substring(0, seen.offsetByCodePoints(0, LONGEST));
    return Optional.of(cut).filter(one -> !one.isEmpty());
  }
}
