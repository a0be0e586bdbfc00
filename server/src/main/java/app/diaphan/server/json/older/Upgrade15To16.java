package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Houses had no library, groups were copies of nothing, and changes of houses overwrote nothing.
 */
final class Upgrade15To16 implements Upgrade {
  @Override
  public int to() {
    return 16;
  }

  @Override
  public void bring(JsonNode document) {
    Parts.pieces(
        document,
        "group",
        group -> {
          if (!group.has("copyOf")) {
            group.putObject("copyOf").put("kind", "nothing");
          }
        });
    Parts.listOfHouses(document, "originals");
    if (document instanceof ObjectNode change
        && change.has("keptOut")
        && change.has("housesBefore")
        && !change.has("overwritten")) {
      change.putObject("overwritten");
    }
  }
}
