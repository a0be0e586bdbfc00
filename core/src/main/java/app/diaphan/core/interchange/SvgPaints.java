package app.diaphan.core.interchange;

import app.diaphan.core.Sentence;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.paint.Paint;
import java.util.List;
import java.util.Optional;

/** Paints as SVG has them, with the definitions that they need. */
final class SvgPaints {
  /** SVG mixes straight colours; between stops of other alphas ours are told in small steps. */
  private static final int STEPS = 24;

  private final StringBuilder definitions = new StringBuilder();
  private int gradients;

  void define(String element) {
    definitions.append(element).append('\n');
  }

  @Override
  public String toString() {
    return definitions.toString();
  }

  static String flat(Colour colour) {
    String solid = Sentence.of("#%02x%02x%02x", colour.red(), colour.green(), colour.blue());
    return Sentence.of("fill=\"%s\"", solid)
        + (colour.alpha() == 255
            ? ""
            : Sentence.of(" fill-opacity=\"%s\"", Xml.number(colour.alpha() / 255.0)));
  }

  /**
   * @return the attributes that fill a face of this size; nothing for paints that SVG does not have
   */
  Optional<String> fill(Paint paint, double width, double height) {
    return switch (paint) {
      case Paint.Flat(Colour colour) -> Optional.of(flat(colour));
      case Paint.Linear linear -> Optional.of(linear(linear, width, height));
      case Paint.Radial radial -> Optional.of(radial(radial, width, height));
      case Paint.Conic _, Paint.Texture _, Paint.Pictured _, Paint.Patterned _ -> Optional.empty();
    };
  }

  private String linear(Paint.Linear paint, double width, double height) {
    double angle = Math.toRadians(paint.angle());
    double across = Math.cos(angle);
    double down = Math.sin(angle);
    double length = Math.abs(across) * width + Math.abs(down) * height;
    double from = (paint.start() - 0.5) * length;
    double to = (paint.end() - 0.5) * length;
    return gradient(
        "linearGradient",
        Sentence.of(
            "x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\"",
            Xml.number(width / 2 + from * across),
            Xml.number(height / 2 + from * down),
            Xml.number(width / 2 + to * across),
            Xml.number(height / 2 + to * down)),
        paint.stops());
  }

  private String radial(Paint.Radial paint, double width, double height) {
    double x = paint.x() * width;
    double y = paint.y() * height;
    double half = paint.radius() * Math.sqrt(0.5);
    String place =
        paint.stretched()
            ? Sentence.of(
                "cx=\"0\" cy=\"0\" r=\"1\" gradientTransform=\"translate(%s %s) scale(%s %s)\"",
                Xml.number(x), Xml.number(y), Xml.number(half * width), Xml.number(half * height))
            : Sentence.of(
                "cx=\"%s\" cy=\"%s\" r=\"%s\"",
                Xml.number(x),
                Xml.number(y),
                Xml.number(paint.radius() * Math.hypot(width, height) / 2));
    return gradient("radialGradient", place, paint.stops());
  }

  private String gradient(String kind, String place, List<Paint.Stop> stops) {
    String id = "paint-" + ++gradients;
    StringBuilder element =
        new StringBuilder(
            Sentence.of("<%s id=\"%s\" gradientUnits=\"userSpaceOnUse\" %s>", kind, id, place));
    for (int i = 0; i < stops.size(); i++) {
      if (i > 0 && stops.get(i).colour().alpha() != stops.get(i - 1).colour().alpha()) {
        for (int step = 1; step < STEPS; step++) {
          element.append(between(stops.get(i - 1), stops.get(i), (double) step / STEPS));
        }
      }
      Colour colour = stops.get(i).colour();
      element.append(
          stop(
              stops.get(i).position(),
              colour.red(),
              colour.green(),
              colour.blue(),
              colour.alpha() / 255.0));
    }
    define(element.append(Sentence.of("</%s>", kind)).toString());
    return Sentence.of("fill=\"url(#%s)\"", id);
  }

  /** Mixed premultiplied, so that a clear stop adds no colour of its own. */
  private static String between(Paint.Stop one, Paint.Stop other, double share) {
    double first = (1 - share) * one.colour().alpha() / 255;
    double second = share * other.colour().alpha() / 255;
    double alpha = first + second;
    double weight = alpha > 0 ? first / alpha : 1;
    return stop(
        one.position() + share * (other.position() - one.position()),
        weight * one.colour().red() + (1 - weight) * other.colour().red(),
        weight * one.colour().green() + (1 - weight) * other.colour().green(),
        weight * one.colour().blue() + (1 - weight) * other.colour().blue(),
        alpha);
  }

  private static String stop(double position, double red, double green, double blue, double alpha) {
    return Sentence.of(
        "<stop offset=\"%s\" stop-color=\"#%02x%02x%02x\" stop-opacity=\"%s\"/>",
        Xml.number(position),
        Math.round(red),
        Math.round(green),
        Math.round(blue),
        Xml.number(alpha));
  }
}
