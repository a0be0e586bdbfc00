package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Texts had no runs, boxes and settings, places did not say what they hang from, plates could not
 * back others, pictures not be cropped, and frames had no margin of their own.
 */
final class Upgrade1To2 implements Upgrade {
  @Override
  public int to() {
    return 2;
  }

  @Override
  public void bring(JsonNode document) {
    if (!Parts.hasFrame(document)
        || document.path("frame").has("ownMargin")
        || !(document.get("frame") instanceof ObjectNode frame)) {
      return;
    }
    ObjectNode margin = frame.putObject("ownMargin").put("unit", "PERCENT");
    for (String side : Parts.SIDES) {
      margin.put(side, 0);
    }
    Parts.pieces(document, Upgrade1To2::bringPiece);
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
        ObjectNode backing = piece.putObject("backing");
        backing.putArray("pieces");
        for (String side : Parts.SIDES) {
          backing.put(side, 0);
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
        for (String side : Parts.SIDES) {
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
