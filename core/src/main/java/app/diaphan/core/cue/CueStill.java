package app.diaphan.core.cue;

import app.diaphan.core.frame.Frame;
import java.util.List;

/**
 * What a cue list has to know of a still.
 *
 * @param file name of the delivered file; the one it would have if it was not delivered
 * @param label by which people know it, such as a name of a roster
 * @param frame that it was made for
 * @param left where the file lies on its frame, in pixels
 * @param width of the file in pixels; 0 if it was not delivered
 * @param lines its words, line by line
 */
public record CueStill(
    StillId id,
    String file,
    String label,
    Frame frame,
    int left,
    int top,
    int width,
    int height,
    List<Line> lines,
    Standing standing) {

  /**
   * @param height in lines of the frame
   */
  public record Line(String words, double height) {}

  /** How the file stands to what it was made of. */
  public enum Standing {
    DELIVERED,
    /** Something has changed since. */
    OUTDATED,
    NOT_DELIVERED,
    /** What lies there is not what was delivered. */
    NOT_THERE,
    /** The overlay, the row or the target is no more. */
    GONE
  }

  public CueStill {
    lines = List.copyOf(lines);
  }

  public boolean there() {
    return standing == Standing.DELIVERED || standing == Standing.OUTDATED;
  }

  /** How many characters a viewer reads, spaces within lines too. */
  public int characters() {
    return lines.stream().mapToInt(line -> charactersOf(line.words())).sum();
  }

  /** As people count them: a letter with its accents is one. */
  public static int charactersOf(String words) {
    String plain = words.strip();
    return plain.codePointCount(0, plain.length());
  }
}
