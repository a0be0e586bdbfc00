package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;

/** Pictures had one page. */
final class Upgrade4To5 implements Upgrade {
  @Override
  public int to() {
    return 5;
  }

  @Override
  public void bring(JsonNode document) {
    Parts.pieces(
        document,
        "picture",
        picture -> {
          if (!picture.has("page")) {
            picture.put("page", 1);
          }
        });
  }
}
