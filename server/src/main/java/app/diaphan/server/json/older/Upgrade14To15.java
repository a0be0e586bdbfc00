package app.diaphan.server.json.older;

import app.diaphan.core.overlay.Letterforms;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** All fonts were those that ship, without axes, and letters had one form. */
final class Upgrade14To15 implements Upgrade {
  @Override
  public int to() {
    return 15;
  }

  @Override
  public void bring(JsonNode document) {
    Parts.pieces(document, Upgrade14To15::bringText);
    Parts.listOfHouses(document, "fontFiles");
  }

  private static void bringText(ObjectNode piece) {
    for (JsonNode run : piece.path("runs")) {
      if (run instanceof ObjectNode object && object.has("ink") && !object.has("axes")) {
        object.putArray("axes");
      }
    }
    if (piece.get("setting") instanceof ObjectNode setting && !setting.has("letterforms")) {
      setting.set("letterforms", usualForms(setting));
    }
  }

  private static ObjectNode usualForms(ObjectNode near) {
    ObjectNode forms = near.objectNode();
    forms.put("figures", Letterforms.Figures.AS_DRAWN.name());
    forms.put("widths", Letterforms.FigureWidths.AS_DRAWN.name());
    forms.put("ligatures", Letterforms.Ligatures.USUAL.name());
    forms.putArray("alternates");
    return forms;
  }
}
