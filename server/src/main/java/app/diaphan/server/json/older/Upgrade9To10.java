package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;

/** Outlines had one colour: in looks, in finish sets, in what rows and targets have otherwise. */
final class Upgrade9To10 implements Upgrade {
  @Override
  public int to() {
    return 10;
  }

  @Override
  public void bring(JsonNode document) {
    Parts.objects(
        document,
        outline -> {
          if (Parts.isKind(outline, "outline") && outline.has("colour")) {
            JsonNode colour = outline.remove("colour");
            outline.putObject("paint").put("kind", "flat").set("colour", colour);
          }
        });
  }
}
