package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Opacities and finishes stood beside the other properties of a piece instead of in its look,
 * groups had no finishes, outlines only round corners, and packages no finish sets.
 */
final class Upgrade2To3 implements Upgrade {
  @Override
  public int to() {
    return 3;
  }

  @Override
  public void bring(JsonNode document) {
    Parts.pieces(document, Upgrade2To3::bringLook);
    Parts.listOfHouses(document, "finishSets");
  }

  private static void bringLook(ObjectNode piece) {
    if (piece.has("look") || !piece.has("overallOpacity")) {
      return;
    }
    ObjectNode look = piece.objectNode();
    boolean group = piece.path("kind").asString("").equals("group");
    if (group) {
      look.put("faceOpacity", 1);
    } else {
      look.set("faceOpacity", piece.remove("faceOpacity"));
    }
    look.set("overallOpacity", piece.remove("overallOpacity"));
    if (group) {
      look.putArray("finishes");
      piece.put("finishing", "AS_ONE");
    } else {
      look.set("finishes", piece.remove("finishes"));
    }
    look.put("follows", "").put("punch", "NONE");
    for (JsonNode finish : look.path("finishes")) {
      if (finish instanceof ObjectNode outline
          && outline.path("kind").asString("").equals("outline")) {
        outline.put("corners", "ROUND");
      }
    }
    piece.set("look", look);
  }
}
