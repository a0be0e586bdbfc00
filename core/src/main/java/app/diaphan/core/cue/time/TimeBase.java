package app.diaphan.core.cue.time;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.frame.FrameRate;
import java.math.BigInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How the pictures of a video are numbered: SMPTE ST 12-1 timecode. Times are numbers of pictures,
 * from 0 at 00:00:00:00; only where people or files meet them do they become timecode.
 *
 * <p>Drop-frame counting leaves out the first numbers of each minute but every tenth, so that the
 * clock on the wall and the timecode agree: two at 29.97, four at 59.94, where all sixty pictures
 * of a second are counted.
 */
public record TimeBase(FrameRate rate, boolean dropFrame) {
  /** Frames after a semicolon, a full stop or a comma are counted with numbers left out. */
  private static final Pattern WRITTEN =
      Pattern.compile("(-?)(\\d{1,3}):(\\d{1,2}):(\\d{1,2})([:;.,])(\\d{1,3})");

  private static final int SECONDS_A_DAY = 24 * 60 * 60;

  /** Of minutes in an hour, those that leave numbers out. */
  private static final int DROPPING_MINUTES = 54;

  public TimeBase {
    Require.present(rate, "The frame rate");
    if (dropFrame && !drops(rate)) {
      throw new InvalidInput(
          Sentence.of(
              "Numbers are left out (drop frame) at 29.97 and 59.94 only, not at %s.",
              rate.label()));
    }
  }

  /** Counting without numbers left out. */
  public static TimeBase of(FrameRate rate) {
    return new TimeBase(rate, false);
  }

  /** Whether a rate can be counted with numbers left out. */
  public static boolean drops(FrameRate rate) {
    return rate.seconds() == 1001 && rate.counted() % 30 == 0;
  }

  /** How many numbers a minute leaves out. */
  private int dropped() {
    return dropFrame ? rate.counted() / 15 : 0;
  }

  /** How many pictures have a number of their own. */
  public long day() {
    return (long) SECONDS_A_DAY * rate.counted() - 24L * DROPPING_MINUTES * dropped();
  }

  /**
   * "00:00:12:05"; "00:01:00;02" where numbers are left out.
   *
   * @param picture from 0 to the end of the day, which is told as 24:00:00:00
   */
  public String timecode(long picture) {
    if (picture < 0 || picture > day()) {
      throw new InvalidInput("A timecode is from 00:00:00:00 to the end of a day.");
    }
    long number = picture;
    if (dropFrame) {
      long minute = 60L * rate.counted() - dropped();
      long tenMinutes = 10L * minute + dropped();
      long rest = picture % tenMinutes;
      number += 9L * dropped() * (picture / tenMinutes);
      if (rest >= minute + dropped()) {
        number += dropped() * ((rest - dropped()) / minute);
      }
    }
    long frames = number % rate.counted();
    long seconds = number / rate.counted();
    StringBuilder text = new StringBuilder(12);
    two(text, seconds / 3600).append(':');
    two(text, seconds / 60 % 60).append(':');
    two(text, seconds % 60).append(dropFrame ? ';' : ':');
    return two(text, frames).toString();
  }

  private static StringBuilder two(StringBuilder text, long number) {
    return (number < 10 ? text.append('0') : text).append(number);
  }

  /**
   * The picture that a timecode numbers.
   *
   * @throws InvalidInput if it cannot be read, is of no day or numbers no picture at this rate
   */
  public long picture(String timecode) {
    Matcher parts = WRITTEN.matcher(timecode.strip());
    if (!parts.matches()) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is no timecode; write hours, minutes, seconds and frames as %s.",
              timecode, dropFrame ? "00:00:12;05" : "00:00:12:05"));
    }
    if (!parts.group(1).isEmpty()) {
      throw new InvalidInput(
          Sentence.of(
              "The timecode %s is before the day begins; take 00:00:00:00 or later.", timecode));
    }
    int hours = Integer.parseInt(parts.group(2));
    int minutes = Integer.parseInt(parts.group(3));
    int seconds = Integer.parseInt(parts.group(4));
    int frames = Integer.parseInt(parts.group(6));
    boolean end = hours == 24 && minutes == 0 && seconds == 0 && frames == 0;
    if (hours > 23 && !end || minutes > 59 || seconds > 59) {
      throw new InvalidInput(
          Sentence.of(
              "There is no timecode %s: hours go to 23, minutes and seconds to 59.", timecode));
    }
    if (frames >= rate.counted()) {
      throw new InvalidInput(
          Sentence.of(
              "The timecode %s is of another rate: at %s the last frame of a second is %d.",
              timecode, inWords(), rate.counted() - 1));
    }
    if (!dropFrame && parts.group(5).equals(";")) {
      throw new InvalidInput(
          Sentence.of(
              "The timecode %s is counted with numbers left out (drop frame), the list without; change one of them.",
              timecode));
    }
    long minute = hours * 60L + minutes;
    if (dropFrame && seconds == 0 && frames < dropped() && minutes % 10 != 0) {
      throw new InvalidInput(
          Sentence.of(
              "There is no timecode %s: drop frame leaves it out. The next one is %s.",
              timecode,
              timecode(minute * 60 * rate.counted() - dropped() * (minute - 1 - minute / 10))));
    }
    return (minute * 60 + seconds) * rate.counted() + frames - dropped() * (minute - minute / 10);
  }

  /** Exact but for the last rounding. */
  public double seconds(long pictures) {
    return (double) pictures * rate.seconds() / rate.pictures();
  }

  /** The picture nearest to a time. */
  public long nearest(double seconds) {
    return Math.round(seconds * rate.pictures() / rate.seconds());
  }

  /** The picture here that is nearest in time to one of another rate. */
  public long from(FrameRate other, long picture) {
    BigInteger above =
        BigInteger.valueOf(picture)
            .multiply(BigInteger.valueOf((long) other.seconds() * rate.pictures()));
    BigInteger below = BigInteger.valueOf((long) other.pictures() * rate.seconds());
    BigInteger two = BigInteger.TWO;
    return above.multiply(two).add(below).divide(below.multiply(two)).longValueExact();
  }

  /** "25 pictures a second"; "29.97 pictures a second, drop frame". */
  public String inWords() {
    return rate.label() + " pictures a second" + (dropFrame ? ", drop frame" : "");
  }
}
