package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Nothing could differ at targets, targets told all of their file beside their frame, and all files
 * had four channels.
 */
final class Upgrade5To6 implements Upgrade {
  @Override
  public int to() {
    return 6;
  }

  @Override
  public void bring(JsonNode document) {
    Parts.overlayWithout(document, "forTargets", overlay -> overlay.putArray("forTargets"));
    bringTarget(document);
    if (document instanceof ObjectNode report
        && report.has("sha256")
        && report.has("tags")
        && !report.has("channels")) {
      report.put("channels", 4).put("fringe", 0);
    }
  }

  private static void bringTarget(JsonNode document) {
    if (!(document instanceof ObjectNode target)
        || !target.has("frame")
        || !target.path("extent").isString()) {
      return;
    }
    ObjectNode file = target.objectNode();
    boolean whole = target.remove("extent").asString("").equals("FRAME");
    ObjectNode extent = file.putObject("extent").put("kind", whole ? "frame" : "drawn");
    if (!whole) {
      extent.put("margin", 0).put("evenSides", false);
    }
    boolean straight = target.remove("alpha").asString("").equals("STRAIGHT");
    ObjectNode carried =
        file.putObject("carried").put("kind", straight ? "straight" : "premultiplied");
    if (!straight) {
      carried.put("matte", "#000000");
    }
    for (String same :
        new String[] {"format", "depth", "compression", "level", "dither", "dotsPerInch"}) {
      file.set(same, target.remove(same));
    }
    file.put("sidecar", false);
    target.set("file", file);
  }
}
