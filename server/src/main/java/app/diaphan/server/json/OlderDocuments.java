package app.diaphan.server.json;

import app.diaphan.core.Names;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Letterforms;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.dress.Dress;
import app.diaphan.core.overlay.slot.WordSlots;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings documents of older versions to the present one, which says more. In the first version
 * texts had no runs, boxes and settings, places did not say what they hang from, plates could not
 * back others and pictures not be cropped. In the second, opacities and finishes stood beside the
 * other properties of a piece instead of in its look, groups had no finishes and outlines only
 * round corners. In the third, pictures had no cut-out and no tint, in the fourth no page. In the
 * fifth, nothing could differ at targets, and targets of deliveries told all of their file beside
 * their frame. In the sixth, nothing was left open, and braces in words were braces. In the
 * seventh, plates "hugged" what they back. Up to the ninth, outlines had one colour. Up to the
 * tenth, a frame was as high as its video and had no dots per inch, which targets gave all their
 * files. Up to the eleventh, the ground of a cut-out by brightness was white or black, and shadows
 * were cut out as solid as all else. Up to the thirteenth, a package had a few things of its own
 * instead of a house, and overlays followed nothing but finish sets. Up to the fourteenth, all
 * fonts were those that ship, without axes, and letters had one form. Up to the fifteenth, houses
 * had no library, and groups were copies of nothing. Everything is given the value that draws as
 * before.
 */
public final class OlderDocuments {
  private OlderDocuments() {}

  /** Changes a document in place if it tells that it is of an older version. */
  static void bringUpToDate(JsonNode document) {
    if (document.get("frame") instanceof ObjectNode frame && frame.has("pixelAspect")) {
      boolean first = !frame.has("ownMargin");
      if (first) {
        ObjectNode margin = frame.putObject("ownMargin").put("unit", "PERCENT");
        for (String side : new String[] {"left", "top", "right", "bottom"}) {
          margin.put(side, 0);
        }
      }
      bringStack(document.get("stack"), first);
      if (document instanceof ObjectNode overlay
          && overlay.has("stack")
          && !overlay.has("forTargets")) {
        overlay.putArray("forTargets");
      }
      if (document instanceof ObjectNode overlay
          && overlay.has("forTargets")
          && !overlay.has("dress")) {
        overlay.put("dress", Dress.LIGHT.name()).putArray("kept");
      }
    }
    bringTarget(document);
    if (document instanceof ObjectNode report
        && report.has("sha256")
        && report.has("tags")
        && !report.has("channels")) {
      report.put("channels", 4).put("fringe", 0);
    }
    bringHouse(document);
    bringHouse(document.path("house"));
    // Of a change of a house that can be taken back.
    bringHouse(document.path("before"));
    bringHouse(document.path("after"));
    if (document instanceof ObjectNode change
        && change.has("keptOut")
        && change.has("housesBefore")
        && !change.has("overwritten")) {
      change.putObject("overwritten");
    }
    bringOtherDress(document);
    bringOutlines(document);
    bringFramesAndFiles(document);
  }

  /** Of a mark for photographs: an overlay by its number, or a finish set by its name. */
  private static void bringOtherDress(JsonNode document) {
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

  /** Wherever they stand: of overlays, in targets and in what was delivered. */
  private static void bringFramesAndFiles(JsonNode node) {
    if (node instanceof ObjectNode object) {
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
    node.forEach(OlderDocuments::bringFramesAndFiles);
  }

  /** Wherever they stand: in looks, in finish sets, in what rows and targets have otherwise. */
  private static void bringOutlines(JsonNode node) {
    if (node instanceof ObjectNode outline
        && outline.path("kind").asString("").equals("outline")
        && outline.has("colour")) {
      JsonNode colour = outline.remove("colour");
      outline.putObject("paint").put("kind", "flat").set("colour", colour);
    }
    node.forEach(OlderDocuments::bringOutlines);
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

  private static void bringStack(JsonNode stack, boolean first) {
    if (stack instanceof ArrayNode pieces) {
      for (JsonNode piece : pieces) {
        if (piece instanceof ObjectNode object) {
          if (first) {
            bringPiece(object);
          }
          bringLook(object);
          bringPicture(object);
          bringSlots(object);
          bringRuns(object);
          bringBacking(object);
          bringCopy(object);
          bringStack(object.get("stack"), first);
        }
      }
    }
  }

  /** Braces in words began to name columns when pieces got slots. */
  private static void bringSlots(ObjectNode piece) {
    if (piece.has("slots")) {
      return;
    }
    piece.putArray("slots");
    for (JsonNode run : piece.path("runs")) {
      if (run instanceof ObjectNode object && run.path("words").isString()) {
        object.put("words", WordSlots.literal(run.path("words").asString()));
      }
    }
  }

  /** Runs had families of their own only, fonts no axes, and letters one form. */
  private static void bringRuns(ObjectNode piece) {
    for (JsonNode run : piece.path("runs")) {
      if (run instanceof ObjectNode object && object.has("ink")) {
        if (!object.has("follows")) {
          object.put("follows", "");
        }
        if (!object.has("axes")) {
          object.putArray("axes");
        }
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

  private static void bringCopy(ObjectNode piece) {
    if (piece.path("kind").asString("").equals("group") && !piece.has("copyOf")) {
      piece.putObject("copyOf").put("kind", "nothing");
    }
  }

  private static void bringBacking(ObjectNode piece) {
    if (piece.has("hug")) {
      piece.set("backing", piece.remove("hug"));
    }
  }

  private static void bringPicture(ObjectNode piece) {
    if (!piece.path("kind").asString("").equals("picture")) {
      return;
    }
    if (!piece.has("cutOut")) {
      piece.putObject("cutOut").put("kind", "none");
      piece.putObject("tint").put("kind", "own");
    }
    if (!piece.has("page")) {
      piece.put("page", 1);
    }
    if (piece.get("cutOut") instanceof ObjectNode cutOut) {
      bringCutOut(cutOut);
    }
  }

  /** Grounds by brightness were white or black, and shadows as solid as all else. */
  private static void bringCutOut(ObjectNode cutOut) {
    if (cutOut.path("kind").asString("").equals("colour") && !cutOut.has("softParts")) {
      cutOut.put("softParts", CutOut.SoftParts.SOLID.name());
    }
    if (cutOut.path("ground").isString()) {
      boolean white = cutOut.remove("ground").asString("").equals("WHITE");
      cutOut.putObject("ground").put("kind", "colour").put("colour", white ? "#ffffff" : "#000000");
    }
  }

  /** What a package had of its own, as the house that it follows. */
  public static void bringHouse(JsonNode node) {
    if (node instanceof ObjectNode house && house.has("ownMargin") && house.has("colours")) {
      if (!house.has("finishSets")) {
        house.putArray("finishSets");
      }
      if (!house.has("name")) {
        bringNames(house);
      }
      if (!house.has("fontFiles")) {
        house.putArray("fontFiles");
      }
      if (!house.has("originals")) {
        house.putArray("originals");
      }
    }
  }

  /** A package's own colours, margin and sets become a house; who reads it gives it its name. */
  private static void bringNames(ObjectNode house) {
    house.put("name", "House");
    for (String none : new String[] {"fonts", "marks", "textures", "targets"}) {
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

  private static void bringLook(ObjectNode piece) {
    if (piece.has("look") || !piece.has("overallOpacity")) {
      return;
    }
    ObjectNode look = piece.objectNode();
    boolean group = piece.path("kind").asString("").equals("group");
    if (group) {
      look.put("faceOpacity", 1);
    } else {
      look.set("faceOpacity", piece.remove("faceOpacity"));
    }
    look.set("overallOpacity", piece.remove("overallOpacity"));
    if (group) {
      look.putArray("finishes");
      piece.put("finishing", "AS_ONE");
    } else {
      look.set("finishes", piece.remove("finishes"));
    }
    look.put("follows", "").put("punch", "NONE");
    for (JsonNode finish : look.path("finishes")) {
      if (finish instanceof ObjectNode outline
          && outline.path("kind").asString("").equals("outline")) {
        outline.put("corners", "ROUND");
      }
    }
    piece.set("look", look);
  }

  private static void bringPiece(ObjectNode piece) {
    piece.put("locked", false);
    if (piece.get("place") instanceof ObjectNode place && place.has("area")) {
      place.putObject("hook").put("kind", "frame").set("area", place.remove("area"));
      place.set("own", place.path("point"));
      place.put("mirrored", false);
    }
    if (piece.get("paint") instanceof ObjectNode paint
        && paint.path("kind").asString("").equals("linear")) {
      paint.put("start", 0);
      paint.put("end", 1);
    }
    switch (piece.path("kind").asString("")) {
      case "text" -> bringText(piece);
      case "plate" -> {
        ObjectNode backing = piece.putObject("backing");
        backing.putArray("pieces");
        for (String side : new String[] {"left", "top", "right", "bottom"}) {
          backing.put(side, 0);
        }
        if (piece.get("shape") instanceof ObjectNode shape && shape.has("radius")) {
          JsonNode radius = shape.remove("radius");
          for (String corner : new String[] {"topLeft", "topRight", "bottomRight", "bottomLeft"}) {
            shape.set(corner, radius);
          }
        }
      }
      case "picture" -> {
        ObjectNode crop = piece.putObject("crop");
        for (String side : new String[] {"left", "top", "right", "bottom"}) {
          crop.put(side, 0);
        }
        piece.put("fit", "STRETCH");
      }
      default -> {}
    }
  }

  private static void bringText(ObjectNode piece) {
    if (piece.get("style") instanceof ObjectNode style) {
      piece.remove("style");
      ObjectNode run = piece.putArray("runs").addObject();
      run.set("words", piece.remove("words"));
      for (String property : new String[] {"family", "weight", "size", "tracking"}) {
        run.set(property, style.path(property));
      }
      run.putObject("ink").put("kind", "shared");
      ObjectNode setting = piece.putObject("setting").put("sizedBy", "FONT_SIZE");
      setting.set("leading", style.path("leading"));
      setting.put("wordSpacing", 0).put("capitals", "AS_TYPED");
      setting.set("alignment", style.path("alignment"));
      setting.put("hanging", false);
      piece.putObject("box").put("kind", "free");
    }
  }
}
