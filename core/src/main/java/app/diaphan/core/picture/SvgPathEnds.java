package app.diaphan.core.picture;

import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.StringReader;
import org.apache.batik.ext.awt.geom.ExtendedGeneralPath;
import org.apache.batik.ext.awt.geom.ExtendedPathIterator;
import org.apache.batik.parser.AWTPathProducer;
import org.apache.batik.parser.ParseException;

/**
 * Gives curves whose handles lie on their own ends a direction there, as drawing programs leave
 * them at every corner: the way to the next point that is elsewhere (W3C SVG 2, section 9.5.4). The
 * library for trees would have marks at such an end point to the right.
 */
final class SvgPathEnds {
  /** How far a handle is moved, as a share of the way to the point that tells the direction. */
  private static final float MOVED = 1e-3f;

  private SvgPathEnds() {}

  /**
   * @param path as in a file
   * @return the same way, or the path as it is if it has no such end or cannot be read
   */
  static String told(String path) {
    ExtendedGeneralPath shape;
    try {
      shape =
          (ExtendedGeneralPath)
              AWTPathProducer.createShape(new StringReader(path), PathIterator.WIND_NON_ZERO);
    } catch (IOException | ParseException e) {
      return path; // The library says of it what has to be said.
    }
    StringBuilder words = new StringBuilder();
    boolean told = false;
    float[] at = new float[7];
    float x = 0;
    float y = 0;
    for (ExtendedPathIterator i = shape.getExtendedPathIterator(); !i.isDone(); i.next()) {
      int kind = i.currentSegment(at);
      switch (kind) {
        case ExtendedPathIterator.SEG_MOVETO -> write(words, 'M', at, 2);
        case ExtendedPathIterator.SEG_LINETO -> write(words, 'L', at, 2);
        case ExtendedPathIterator.SEG_QUADTO -> write(words, 'Q', at, 4);
        case ExtendedPathIterator.SEG_CUBICTO -> {
          told |= tell(at, x, y);
          write(words, 'C', at, 6);
        }
        case ExtendedPathIterator.SEG_ARCTO -> write(words, 'A', at, 7);
        case ExtendedPathIterator.SEG_CLOSE -> words.append('Z');
        default -> throw new IllegalStateException("A path has no other parts.");
      }
      int ends = end(kind);
      if (ends > 0) {
        x = at[ends - 2];
        y = at[ends - 1];
      }
    }
    return told ? words.toString() : path;
  }

  /** How many numbers a part has, of which the last two are its end. */
  private static int end(int kind) {
    return switch (kind) {
      case ExtendedPathIterator.SEG_MOVETO, ExtendedPathIterator.SEG_LINETO -> 2;
      case ExtendedPathIterator.SEG_QUADTO -> 4;
      case ExtendedPathIterator.SEG_CUBICTO -> 6;
      case ExtendedPathIterator.SEG_ARCTO -> 7;
      default -> 0;
    };
  }

  /** Moves handles that lie on the ends of a curve; whether one did. */
  private static boolean tell(float[] curve, float x, float y) {
    boolean first = curve[0] == x && curve[1] == y;
    boolean last = curve[2] == curve[4] && curve[3] == curve[5];
    if (first) {
      boolean second = !(curve[2] == x && curve[3] == y);
      curve[0] += MOVED * (curve[second ? 2 : 4] - x);
      curve[1] += MOVED * (curve[second ? 3 : 5] - y);
    }
    if (last) {
      boolean second = !(curve[0] == curve[4] && curve[1] == curve[5]);
      curve[2] += MOVED * ((second ? curve[0] : x) - curve[4]);
      curve[3] += MOVED * ((second ? curve[1] : y) - curve[5]);
    }
    return first || last;
  }

  private static void write(StringBuilder words, char letter, float[] numbers, int count) {
    words.append(letter);
    for (int i = 0; i < count; i++) {
      boolean flag = letter == 'A' && (i == 3 || i == 4);
      words
          .append(i == 0 ? "" : " ")
          .append(flag ? Integer.toString((int) numbers[i]) : Float.toString(numbers[i]));
    }
  }
}
