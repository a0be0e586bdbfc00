package app.diaphan.server.json.older;

import app.diaphan.core.overlay.slot.WordSlots;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Nothing was left open: braces in words were braces and named no columns. */
final class Upgrade6To7 implements Upgrade {
  @Override
  public int to() {
    return 7;
  }

  @Override
  public void bring(JsonNode document) {
    Parts.pieces(document, Upgrade6To7::bringSlots);
  }

  private static void bringSlots(ObjectNode piece) {
    if (piece.has("slots")) {
      return;
    }
    piece.putArray("slots");
    for (JsonNode run : piece.path("runs")) {
      if (run instanceof ObjectNode object && run.path("words").isString()) {
        object.put("words", WordSlots.literal(run.path("words").asString()));
      }
    }
  }
}
