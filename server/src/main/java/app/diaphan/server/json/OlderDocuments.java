package app.diaphan.server.json;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings documents of the first version to the present one, which says more: texts have runs, boxes
 * and settings, places say what they hang from, plates can hug, pictures can be cropped. Everything
 * is given the value that draws as before.
 */
final class OlderDocuments {
  private OlderDocuments() {}

  /** Changes a document in place if its frame tells that it is of the first version. */
  static void bringUpToDate(JsonNode document) {
    if (document.get("frame") instanceof ObjectNode frame
        && frame.has("pixelAspect")
        && !frame.has("ownMargin")) {
      ObjectNode margin = frame.putObject("ownMargin").put("unit", "PERCENT");
      for (String side : new String[] {"left", "top", "right", "bottom"}) {
        margin.put(side, 0);
      }
      if (document.get("stack") instanceof ArrayNode stack) {
        for (JsonNode piece : stack) {
          if (piece instanceof ObjectNode object) {
            bringPiece(object);
          }
        }
      }
    }
  }

  private static void bringPiece(ObjectNode piece) {
    piece.put("locked", false);
    if (piece.get("place") instanceof ObjectNode place && place.has("area")) {
      place.putObject("hook").put("kind", "frame").set("area", place.remove("area"));
      place.set("own", place.path("point"));
      place.put("mirrored", false);
    }
    if (piece.get("paint") instanceof ObjectNode paint
        && paint.path("kind").asString("").equals("linear")) {
      paint.put("start", 0);
      paint.put("end", 1);
    }
    switch (piece.path("kind").asString("")) {
      case "text" -> bringText(piece);
      case "plate" -> {
        ObjectNode hug = piece.putObject("hug");
        hug.putArray("pieces");
        for (String side : new String[] {"left", "top", "right", "bottom"}) {
          hug.put(side, 0);
        }
        if (piece.get("shape") instanceof ObjectNode shape && shape.has("radius")) {
          JsonNode radius = shape.remove("radius");
          for (String corner : new String[] {"topLeft", "topRight", "bottomRight", "bottomLeft"}) {
            shape.set(corner, radius);
          }
        }
      }
      case "picture" -> {
        ObjectNode crop = piece.putObject("crop");
        for (String side : new String[] {"left", "top", "right", "bottom"}) {
          crop.put(side, 0);
        }
        piece.put("fit", "STRETCH");
      }
      default -> {}
    }
  }

  private static void bringText(ObjectNode piece) {
    if (piece.get("style") instanceof ObjectNode style) {
      piece.remove("style");
      ObjectNode run = piece.putArray("runs").addObject();
      run.set("words", piece.remove("words"));
      for (String property : new String[] {"family", "weight", "size", "tracking"}) {
        run.set(property, style.path(property));
      }
      run.putObject("ink").put("kind", "shared");
      ObjectNode setting = piece.putObject("setting").put("sizedBy", "FONT_SIZE");
      setting.set("leading", style.path("leading"));
      setting.put("wordSpacing", 0).put("capitals", "AS_TYPED");
      setting.set("alignment", style.path("alignment"));
      setting.put("hanging", false);
      piece.putObject("box").put("kind", "free");
    }
  }
}
