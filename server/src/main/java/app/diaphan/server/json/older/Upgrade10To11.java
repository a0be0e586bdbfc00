package app.diaphan.server.json.older;

import app.diaphan.core.frame.Frame;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A frame was as high as its video and had no dots per inch, which targets gave all their files.
 */
final class Upgrade10To11 implements Upgrade {
  @Override
  public int to() {
    return 11;
  }

  @Override
  public void bring(JsonNode document) {
    Parts.objects(document, Upgrade10To11::bringFrameOrFile);
  }

  private static void bringFrameOrFile(ObjectNode object) {
    if (object.has("safeAreas") && object.has("height") && !object.has("videoHeight")) {
      object.put("dotsPerInch", Frame.COMMON_DOTS).set("videoHeight", object.get("height"));
    }
    if (object.has("carried") && object.has("dotsPerInch")) {
      JsonNode dots = object.remove("dotsPerInch");
      ObjectNode resolution = object.putObject("resolution");
      if (dots.asInt(0) == Frame.COMMON_DOTS) {
        resolution.put("kind", "frame");
      } else {
        resolution.put("kind", "given").set("dotsPerInch", dots);
      }
    }
    if (object.has("delivered") && object.has("changes") && !object.has("file")) {
      object.putObject("file").put("kind", "target");
    }
  }
}
