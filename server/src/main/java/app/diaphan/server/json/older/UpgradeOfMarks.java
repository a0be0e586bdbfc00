package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The other dress of marks for photographs, which no bundle holds, was an overlay by its number or
 * a finish set by its name.
 */
final class UpgradeOfMarks implements Upgrade {
  @Override
  public int to() {
    return 16;
  }

  @Override
  public void bring(JsonNode document) {
    if (!(document instanceof ObjectNode settings) || !settings.has("otherFinishes")) {
      return;
    }
    long overlay = settings.remove("otherDress").asLong(0);
    String set = settings.remove("otherFinishes").asString("");
    ObjectNode other = settings.putObject("otherDress");
    if (overlay != 0) {
      other.put("kind", "overlay").put("overlay", overlay);
    } else if (set.isEmpty()) {
      other.put("kind", "exchanged");
    } else {
      other.put("kind", "finishes").put("set", set);
    }
  }
}
