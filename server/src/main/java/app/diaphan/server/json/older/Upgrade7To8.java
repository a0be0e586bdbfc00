package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;

/** Plates "hugged" what they back. */
final class Upgrade7To8 implements Upgrade {
  @Override
  public int to() {
    return 8;
  }

  @Override
  public void bring(JsonNode document) {
    Parts.pieces(
        document,
        piece -> {
          if (piece.has("hug")) {
            piece.set("backing", piece.remove("hug"));
          }
        });
  }
}
