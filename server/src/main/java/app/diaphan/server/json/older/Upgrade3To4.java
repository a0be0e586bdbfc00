package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;

/** Pictures had no cut-out and no tint. */
final class Upgrade3To4 implements Upgrade {
  @Override
  public int to() {
    return 4;
  }

  @Override
  public void bring(JsonNode document) {
    Parts.pieces(
        document,
        "picture",
        picture -> {
          if (!picture.has("cutOut")) {
            picture.putObject("cutOut").put("kind", "none");
            picture.putObject("tint").put("kind", "own");
          }
        });
  }
}
