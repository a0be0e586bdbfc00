package app.diaphan.core.picture;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.batik.gvt.GraphicsNode;
import org.w3c.dom.Element;

/** The names that a file gives what the library for trees draws: the innermost one counts. */
final class SvgTreeNames {
  private final Map<GraphicsNode, Element> elements = new HashMap<>();

  /** What the library has made a node of. */
  void made(GraphicsNode node, Element element) {
    elements.put(node, element);
  }

  /** Gathers names while a tree is drawn. */
  final class Gathered {
    private final List<String> names = new ArrayList<>();
    private final FigureList figures;

    /**
     * @param figures what is drawn as one of these has a name of its own
     */
    Gathered(FigureList figures) {
      this.figures = figures;
    }

    void drawn(GraphicsNode node, FigureRecorder on, int figuresBefore) {
      Element element = elements.get(node);
      if (element == null || !on.writesTo(figures)) {
        return;
      }
      fill(figures.count());
      name(element)
          .ifPresent(
              name ->
                  names
                      .subList(figuresBefore, figures.count())
                      .replaceAll(known -> known.isEmpty() ? name : known));
    }

    private void fill(int count) {
      names.addAll(Collections.nCopies(Math.max(0, count - names.size()), ""));
    }

    /** One for each figure, empty for those without. */
    List<String> names() {
      fill(figures.count());
      return List.copyOf(names);
    }
  }

  private static Optional<String> name(Element element) {
    if (element.getParentNode() == null || !(element.getParentNode() instanceof Element)) {
      return Optional.empty(); // The file's own name is no part's.
    }
    return SvgReferences.children(element).stream()
        .filter(child -> "title".equals(child.getLocalName()))
        .findFirst()
        .flatMap(title -> SvgNames.tidy(title.getTextContent()))
        .or(() -> SvgNames.tidy(element.getAttribute("aria-label")))
        .or(() -> SvgNames.tidy(element.getAttribute("id")));
  }
}
