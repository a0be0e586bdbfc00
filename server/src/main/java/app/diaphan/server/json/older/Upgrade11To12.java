package app.diaphan.server.json.older;

import app.diaphan.core.overlay.cutout.CutOut;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Grounds of cut-outs by brightness were white or black, and shadows were cut out as solid as all
 * else.
 */
final class Upgrade11To12 implements Upgrade {
  @Override
  public int to() {
    return 12;
  }

  @Override
  public void bring(JsonNode document) {
    Parts.pieces(
        document,
        "picture",
        picture -> {
          if (picture.get("cutOut") instanceof ObjectNode cutOut) {
            bringCutOut(cutOut);
          }
        });
  }

  private static void bringCutOut(ObjectNode cutOut) {
    if (cutOut.path("kind").asString("").equals("colour") && !cutOut.has("softParts")) {
      cutOut.put("softParts", CutOut.SoftParts.SOLID.name());
    }
    if (cutOut.path("ground").isString()) {
      boolean white = cutOut.remove("ground").asString("").equals("WHITE");
      cutOut.putObject("ground").put("kind", "colour").put("colour", white ? "#ffffff" : "#000000");
    }
  }
}
