package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;

/** Pictures had one page. */
final class Upgrade4To5 implements Upgrade {
  @Override
  public void bring(JsonNode document) {
    Parts.pieces(
        document,
        piece -> {
          if (Parts.isKind(piece, "picture") && !piece.has("page")) {
            piece.put("page", 1);
          }
        });
  }
}
