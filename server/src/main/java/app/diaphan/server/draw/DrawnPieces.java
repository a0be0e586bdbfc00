package app.diaphan.server.draw;

import app.diaphan.core.Sentence;
import app.diaphan.core.code.Modules;
import app.diaphan.core.overlay.CodePiece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.type.SetText;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/** Describes placed pieces for the screens. */
final class DrawnPieces {
  private final Renderer renderer;
  private final Canvas canvas;
  private final String editing;
  private final Function<PlacedPiece, Drawing.DrawnPart> parts;
  private final List<Drawing.DrawnPiece> pieces = new ArrayList<>();

  /**
   * @param canvas that they are placed on
   * @param editing the id of the text whose carets are wanted; empty for none
   */
  DrawnPieces(
      Renderer renderer,
      Canvas canvas,
      String editing,
      Function<PlacedPiece, Drawing.DrawnPart> parts) {
    this.renderer = renderer;
    this.canvas = canvas;
    this.editing = editing;
    this.parts = parts;
  }

  List<Drawing.DrawnPiece> of(List<PlacedPiece> placed) {
    add(placed, "");
    return List.copyOf(pieces);
  }

  private void add(List<PlacedPiece> stack, String group) {
    for (PlacedPiece placed : stack) {
      pieces.add(
          new Drawing.DrawnPiece(
              placed.piece().id(),
              group,
              parts.apply(placed),
              placed.corners(),
              placed.width(),
              placed.height(),
              thread(placed),
              baselines(placed),
              carets(placed),
              Pieces.leansOn(placed.piece()),
              placed.piece() instanceof PlatePiece plate && plate.backing().any(),
              note(placed)));
      add(placed.inside(), placed.piece().id());
    }
  }

  private static double[] thread(PlacedPiece placed) {
    Place place = placed.piece().place();
    // The pin takes the box before it is turned, which has the same middle.
    double[] middle = {placed.width() / 2, placed.height() / 2};
    placed.toHolder().transform(middle, 0, middle, 0, 1);
    double[] points = {
      middle[0] + (place.own().across() - 0.5) * placed.width(),
      middle[1] + (place.own().down() - 0.5) * placed.height(),
      placed.hook().getX(),
      placed.hook().getY()
    };
    placed.holderToPixels().transform(points, 0, points, 0, 2);
    return points;
  }

  private static double[] baselines(PlacedPiece placed) {
    if (!(placed.content() instanceof Content.Lettered letters)) {
      return new double[0];
    }
    List<Double> heights = letters.set().baselines();
    double[] points = new double[4 * heights.size()];
    for (int i = 0; i < heights.size(); i++) {
      points[4 * i + 1] = heights.get(i);
      points[4 * i + 2] = placed.width();
      points[4 * i + 3] = heights.get(i);
    }
    placed.toPixels().transform(points, 0, points, 0, 2 * heights.size());
    return points;
  }

  private double[] carets(PlacedPiece placed) {
    if (!placed.piece().id().equals(editing) || !(placed.piece() instanceof TextPiece text)) {
      return new double[0];
    }
    double[] carets = renderer.carets(text);
    double[] points = new double[carets.length / 3 * 4];
    for (int i = 0; i < carets.length / 3; i++) {
      points[4 * i] = carets[3 * i];
      points[4 * i + 1] = carets[3 * i + 1];
      points[4 * i + 2] = carets[3 * i];
      points[4 * i + 3] = carets[3 * i + 2];
    }
    AffineTransform toPixels = placed.toPixels();
    toPixels.transform(points, 0, points, 0, points.length / 2);
    return points;
  }

  /** What there is to know of how a piece came out; empty for nothing. */
  private String note(PlacedPiece placed) {
    if (placed.content() instanceof Content.Lettered letters) {
      return note(letters.set().fitted());
    }
    if (placed.piece() instanceof CodePiece code && placed.content() instanceof Content.Shaped) {
      return note(placed, code);
    }
    return "";
  }

  private String note(PlacedPiece placed, CodePiece code) {
    int modules = Modules.of(code.words(), code.correction()).side();
    return Sentence.of(
        "%d × %d modules, each %.2f px wide on this frame.",
        modules, modules, placed.width() * placed.unit(canvas) / (modules + 2 * code.rim()));
  }

  private static String note(SetText.Fitted fitted) {
    if (fitted.size() < 1) {
      return Sentence.of("Set at %.0f %% of its size to fit the box.", 100 * fitted.size());
    }
    if (fitted.narrowed() < 1) {
      return Sentence.of("Narrowed to %.0f %% to fit the box.", 100 * fitted.narrowed());
    }
    if (fitted.wrapped() > 1) {
      return Sentence.of("Wrapped to %d lines.", fitted.wrapped());
    }
    return "";
  }
}
