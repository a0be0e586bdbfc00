package app.diaphan.server.json.older;

import app.diaphan.core.Names;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.dress.Dress;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A package had a few things of its own instead of a house, and overlays followed nothing but
 * finish sets.
 */
final class Upgrade13To14 implements Upgrade {
  @Override
  public int to() {
    return 14;
  }

  @Override
  public void bring(JsonNode document) {
    Parts.overlayWithout(
        document, "dress", overlay -> overlay.put("dress", Dress.LIGHT.name()).putArray("kept"));
    Parts.pieces(
        document,
        piece -> {
          for (JsonNode run : piece.path("runs")) {
            if (run instanceof ObjectNode object && object.has("ink") && !object.has("follows")) {
              object.put("follows", "");
            }
          }
        });
    Parts.houses(
        document,
        house -> {
          if (!house.has("marks")) {
            bringHouse(house);
          }
        });
  }

  /** A package's own colours, margin and sets; who reads them may give them a name. */
  private static void bringHouse(ObjectNode house) {
    if (!house.has("name")) {
      house.put("name", "House");
    }
    for (String none : List.of("fonts", "marks", "textures", "targets")) {
      house.putArray(none);
    }
    Set<String> taken = new HashSet<>();
    for (JsonNode each : house.path("colours")) {
      if (each instanceof ObjectNode colour && colour.has("colour")) {
        // Two colours could have one name.
        String name = colour.path("name").asString("");
        String free = name;
        for (int i = 2; !taken.add(free.toLowerCase(Locale.ROOT)); i++) {
          String end = " " + i;
          free = Names.shortened(name, Colour.LONGEST_NAME - end.length()) + end;
        }
        colour.put("name", free);
        JsonNode value = colour.remove("colour");
        colour.put("role", "").putArray("formerly");
        colour.set("light", value);
        colour.set("dark", value);
      }
    }
  }
}
