package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Sentence;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Outlines as the path data of SVG 2 (chapter 9.3), of which the absolute commands M, L, Q, C and Z
 * are written and read: {@code "M0 0L1 0L0.5 1Z"}.
 */
public final class PathData {
  private static final int LONGEST = 200_000;
  private static final Pattern STEP =
      Pattern.compile("\\s*(?:([MLQCZ])|,?\\s*(-?\\d*\\.?\\d+(?:e-?\\d+)?))", Pattern.DOTALL);

  private PathData() {}

  /**
   * @throws InvalidInput if the text is no such path data
   */
  public static Path2D read(String text, boolean evenOdd) {
    if (text == null || text.isBlank() || text.length() > LONGEST) {
      throw new InvalidInput(
          Sentence.of("An outline's path data has 1 to %d characters.", LONGEST));
    }
    Path2D path = new Path2D.Double(evenOdd ? Path2D.WIND_EVEN_ODD : Path2D.WIND_NON_ZERO);
    Matcher steps = STEP.matcher(text);
    double[] numbers = new double[6];
    int count = 0;
    boolean waiting = false; // For the numbers of a command.
    char command = 0;
    int at = 0;
    while (at < text.length() && steps.region(at, text.length()).lookingAt()) {
      at = steps.end();
      if (steps.group(1) != null) {
        if (count > 0 || waiting) {
          throw unreadable(text);
        }
        command = steps.group(1).charAt(0);
        if (command != 'M' && path.getCurrentPoint() == null) {
          throw unreadable(text);
        }
        waiting = command != 'Z';
        if (command == 'Z') {
          path.closePath();
        }
      } else {
        if (command == 0 || command == 'Z') {
          throw unreadable(text);
        }
        numbers[count++] = Double.parseDouble(steps.group(2));
        if (count == numbersOf(command)) {
          step(path, command, numbers);
          count = 0;
          waiting = false;
        }
      }
    }
    if (count > 0 || waiting || !text.substring(at).isBlank()) {
      throw unreadable(text);
    }
    return path;
  }

  private static int numbersOf(char command) {
    return switch (command) {
      case 'Q' -> 4;
      case 'C' -> 6;
      default -> 2;
    };
  }

  private static void step(Path2D path, char command, double[] n) {
    switch (command) {
      case 'M' -> path.moveTo(n[0], n[1]);
      case 'L' -> path.lineTo(n[0], n[1]);
      case 'Q' -> path.quadTo(n[0], n[1], n[2], n[3]);
      default -> path.curveTo(n[0], n[1], n[2], n[3], n[4], n[5]);
    }
  }

  private static InvalidInput unreadable(String text) {
    return new InvalidInput(
        Sentence.of(
            "The outline \"%s\" is no path data of the commands M, L, Q, C and Z.",
            text.length() > 60 ? Names.shortened(text, 60) + "…" : text));
  }

  /** Writes a shape, moved and scaled, with six decimals. */
  public static String write(Shape shape, AffineTransform to) {
    StringBuilder text = new StringBuilder();
    double[] n = new double[6];
    for (PathIterator i = shape.getPathIterator(to); !i.isDone(); i.next()) {
      switch (i.currentSegment(n)) {
        case PathIterator.SEG_MOVETO -> append(text, 'M', n, 2);
        case PathIterator.SEG_LINETO -> append(text, 'L', n, 2);
        case PathIterator.SEG_QUADTO -> append(text, 'Q', n, 4);
        case PathIterator.SEG_CUBICTO -> append(text, 'C', n, 6);
        default -> text.append('Z');
      }
    }
    return text.toString();
  }

  private static void append(StringBuilder text, char command, double[] numbers, int count) {
    text.append(command);
    for (int i = 0; i < count; i++) {
      String number = Sentence.of("%.6f", numbers[i]);
      number = number.replaceFirst("\\.?0+$", "");
      text.append(i > 0 ? " " : "").append(number.equals("-0") ? "0" : number);
    }
  }
}
