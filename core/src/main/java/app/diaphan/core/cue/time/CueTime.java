package app.diaphan.core.cue.time;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Times and lengths as people write them, which become numbers of pictures. */
public final class CueTime {
  private static final Pattern SECONDS =
      Pattern.compile("(\\d{1,6}(?:[.,]\\d{1,6})?)\\s*(s|sec|seconds?)?");

  private static final Pattern FRAMES = Pattern.compile("(\\d{1,8})\\s*(f|frames?|pictures?)");

  private CueTime() {}

  /**
   * A point in time: a timecode, or seconds from 00:00:00:00 such as "12.2" or "12.2 s".
   *
   * @throws InvalidInput if it can be read as neither
   */
  public static long point(String words, TimeBase base) {
    String plain = words.strip();
    return plain.indexOf(':') >= 0 ? base.picture(plain) : plain(plain, base, "time");
  }

  /**
   * A length: "5 s", "5", "125 frames", or as a timecode from 00:00:00:00.
   *
   * @throws InvalidInput if it can be read as none of them, or is none
   */
  public static long length(String words, TimeBase base) {
    String plain = words.strip();
    long length = plain.indexOf(':') >= 0 ? base.picture(plain) : plain(plain, base, "length");
    if (length < 1) {
      throw new InvalidInput(
          Sentence.of("\"%s\" is shorter than one picture; give a longer length.", words));
    }
    return length;
  }

  /**
   * The picture with the same timecode at another numbering, or the nearest one that has a number
   * there.
   *
   * @param timecode of any numbering
   */
  public static long same(String timecode, TimeBase base) {
    String second = timecode.substring(0, 8);
    int frame = Math.min(Integer.parseInt(timecode.substring(9)), base.rate().counted() - 1);
    for (int at = frame; ; at++) {
      try {
        return base.picture(Sentence.of("%s:%02d", second, at));
      } catch (InvalidInput e) {
        if (at > frame + 4) {
          throw e;
        }
      }
    }
  }

  private static long plain(String words, TimeBase base, String what) {
    Matcher frames = FRAMES.matcher(words);
    if (frames.matches()) {
      return Long.parseLong(frames.group(1));
    }
    Matcher seconds = SECONDS.matcher(words);
    if (!seconds.matches()) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is no %s; write it as %s.",
              words, what, what.equals("time") ? "00:00:12:05 or 12.2 s" : "5 s or 125 frames"));
    }
    return base.nearest(Double.parseDouble(seconds.group(1).replace(',', '.')));
  }
}
