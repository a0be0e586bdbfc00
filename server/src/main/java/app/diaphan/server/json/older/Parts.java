package app.diaphan.server.json.older;

import java.util.List;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Finds the parts of documents that a step is about. */
final class Parts {
  static final List<String> SIDES = List.of("left", "top", "right", "bottom");

  private Parts() {}

  /** An overlay, unless it has this property already. */
  static void overlayWithout(JsonNode document, String property, Consumer<ObjectNode> step) {
    if (document instanceof ObjectNode overlay
        && overlay.has("stack")
        && hasFrame(overlay)
        && !overlay.has(property)) {
      step.accept(overlay);
    }
  }

  /** Overlays and what is like them, such as stacks of copies. */
  static boolean hasFrame(JsonNode document) {
    return document.path("frame").has("pixelAspect");
  }

  /** Every piece of an overlay, those in groups after their group. */
  static void pieces(JsonNode document, Consumer<ObjectNode> step) {
    if (hasFrame(document)) {
      within(document.path("stack"), step);
    }
  }

  /** Every piece of a kind, such as "picture". */
  static void pieces(JsonNode document, String kind, Consumer<ObjectNode> step) {
    pieces(
        document,
        piece -> {
          if (isKind(piece, kind)) {
            step.accept(piece);
          }
        });
  }

  private static void within(JsonNode stack, Consumer<ObjectNode> step) {
    for (JsonNode piece : stack) {
      if (stack.isArray() && piece instanceof ObjectNode object) {
        step.accept(object);
        within(object.path("stack"), step);
      }
    }
  }

  static boolean isKind(JsonNode node, String kind) {
    return node.path("kind").asString("").equals(kind);
  }

  /** A house by itself, of a package, or before and after a change that can be taken back. */
  static void houses(JsonNode document, Consumer<ObjectNode> step) {
    for (JsonNode node :
        List.of(
            document, document.path("house"), document.path("before"), document.path("after"))) {
      if (node instanceof ObjectNode house && house.has("ownMargin") && house.has("colours")) {
        step.accept(house);
      }
    }
  }

  /** Houses that do not have this list yet have none of what it lists. */
  static void listOfHouses(JsonNode document, String list) {
    houses(
        document,
        house -> {
          if (!house.has(list)) {
            house.putArray(list);
          }
        });
  }

  /** Every object, wherever it stands. */
  static void objects(JsonNode node, Consumer<ObjectNode> step) {
    if (node instanceof ObjectNode object) {
      step.accept(object);
    }
    node.forEach(each -> objects(each, step));
  }
}
