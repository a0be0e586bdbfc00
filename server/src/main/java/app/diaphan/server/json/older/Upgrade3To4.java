package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;

/** Pictures had no cut-out and no tint. */
final class Upgrade3To4 implements Upgrade {
  @Override
  public void bring(JsonNode document) {
    Parts.pieces(
        document,
        piece -> {
          if (Parts.isKind(piece, "picture") && !piece.has("cutOut")) {
            piece.putObject("cutOut").put("kind", "none");
            piece.putObject("tint").put("kind", "own");
          }
        });
  }
}
