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
    if (figure instanceof Figure.Filled filled && filled.paint() instanceof Color own) {
      Colour to = colours.get(own.getRGB() & 0xffffff);
      if (to != null) {
        int alpha = Math.round(to.alpha() * own.getAlpha() / 255f);
        return new Figure.Filled(
            filled.shape(),
            new Color(to.red(), to.green(), to.blue(), alpha),
            filled.toPixels(),
            filled.opacity(),
            filled.clips());
      }
    }
    return figure;
  }

  private static int rgb(Colour colour) {
    return colour.red() << 16 | colour.green() << 8 | colour.blue();
  }
}
