package app.diaphan.demo;

import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.util.Locale;

/** An SVG file of filled shapes, put together as text. */
final class SvgFile {
  private final StringBuilder text = new StringBuilder();

  SvgFile(int width, int height) {
    text.append(
        "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\" viewBox=\"0 0 %d %d\">\n"
            .formatted(width, height, width, height));
  }

  SvgFile fill(Color colour, Shape shape) {
    StringBuilder path = new StringBuilder();
    double[] n = new double[6];
    for (PathIterator i = shape.getPathIterator(null); !i.isDone(); i.next()) {
      switch (i.currentSegment(n)) {
        case PathIterator.SEG_MOVETO -> append(path, 'M', n, 2);
        case PathIterator.SEG_LINETO -> append(path, 'L', n, 2);
        case PathIterator.SEG_QUADTO -> append(path, 'Q', n, 4);
        case PathIterator.SEG_CUBICTO -> append(path, 'C', n, 6);
        default -> path.append('Z');
      }
    }
    text.append("  <path fill=\"#%06x\" d=\"%s\"/>\n".formatted(colour.getRGB() & 0xffffff, path));
    return this;
  }

  private static void append(StringBuilder path, char command, double[] numbers, int count) {
    path.append(command);
    for (int i = 0; i < count; i++) {
      String number = String.format(Locale.ROOT, "%.3f", numbers[i]).replaceFirst("\\.?0+$", "");
      path.append(i > 0 ? " " : "").append(number);
    }
  }

  @Override
  public String toString() {
    return text + "</svg>\n";
  }
}
