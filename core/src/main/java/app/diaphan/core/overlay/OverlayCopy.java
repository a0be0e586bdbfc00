package app.diaphan.core.overlay;

import app.diaphan.core.Names;
import app.diaphan.core.frame.Frame;
import java.util.Collection;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Makes a variation of an overlay. */
public final class OverlayCopy {
  private static final Pattern NUMBERED = Pattern.compile("(.*\\S) (\\d{1,6})");

  private OverlayCopy() {}

  /** What becomes of lengths on another frame; pieces keep their pins. */
  public enum Lengths {
    /** They follow the frame, so that the overlay looks the same on it. */
    FOLLOW_FRAME,
    /** They stay as many pixels. */
    STAY
  }

  /**
   * @param frame of the copy; the overlay's own for one on the same
   * @param taken the names of the other overlays, the copied one's too
   * @return named as the overlay with the first free number behind it
   */
  public static Overlay of(
      Overlay overlay, Frame frame, Lengths lengths, Collection<String> taken) {
    Overlay copy =
        switch (lengths) {
          case FOLLOW_FRAME -> Reframed.of(overlay, frame);
          case STAY ->
              new Overlay(
                  overlay.name(),
                  frame.withMarginOf(overlay.frame()),
                  overlay.stack(),
                  overlay.forTargets());
        };
    return new Overlay(name(overlay.name(), taken), copy.frame(), copy.stack(), copy.forTargets());
  }

  private static String name(String name, Collection<String> taken) {
    Matcher numbered = NUMBERED.matcher(name);
    boolean copied = numbered.matches();
    String stem = copied ? numbered.group(1) : name;
    int number = copied ? Integer.parseInt(numbered.group(2)) + 1 : 2;
    while (true) {
      String end = " " + number++;
      String free = Names.shortened(stem, Overlay.LONGEST_NAME - end.length()) + end;
      if (!taken.contains(free)) {
        return free;
      }
    }
  }
}
