package app.diaphan.core.render;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.picture.Figure;
import java.awt.Color;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Figures of a vector picture with single colours replaced, before their edges mix. */
final class Repainted {
  private Repainted() {}

  static List<Figure> of(List<Figure> figures, Tint tint) {
    if (!(tint instanceof Tint.Replaced replaced) || replaced.colours().isEmpty()) {
      return figures;
    }
    Map<Integer, Colour> to = new HashMap<>();
    replaced.colours().forEach(one -> to.put(rgb(one.from()), one.to()));
    return figures.stream().map(figure -> repainted(figure, to)).toList();
  }

  private static Figure repainted(Figure figure, Map<Integer, Colour> colours) {
    return switch (figure) {
      case Figure.Filled filled when filled.paint() instanceof Color own ->
          new Figure.Filled(
              filled.shape(),
              repainted(own, colours),
              filled.toPixels(),
              filled.opacity(),
              filled.clips());
      case Figure.Filled filled -> filled;
      case Figure.Imaged imaged -> imaged;
      case Figure.Together(List<Figure> parts, float opacity) ->
          new Figure.Together(
              parts.stream().map(part -> repainted(part, colours)).toList(), opacity);
    };
  }

  private static Color repainted(Color own, Map<Integer, Colour> colours) {
    Colour to = colours.get(own.getRGB() & 0xffffff);
    return to == null
        ? own
        : new Color(
            to.red(), to.green(), to.blue(), Math.round(to.alpha() * own.getAlpha() / 255f));
  }

  private static int rgb(Colour colour) {
    return colour.red() << 16 | colour.green() << 8 | colour.blue();
  }
}
