package app.diaphan.core.cue.marker;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.cue.time.TimeBase;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An edit list as CMX 3600 editors read it: a line an event, with where it comes from and where it
 * is recorded, and lines of comments behind it.
 *
 * @param told whether the list says that it leaves numbers out (FCM); nothing if it does not say
 * @param notes sentences on lines that were not understood
 */
public record CutList(
    String name,
    String title,
    TimeBase base,
    Optional<Boolean> told,
    List<Event> events,
    List<Location> locations,
    List<String> notes) {
  private static final String TIME = "(-?\\d{1,3}:\\d{1,2}:\\d{1,2}[:;.,]\\d{1,3})";
  private static final Pattern EVENT =
      Pattern.compile(
          "(\\d{1,6})\\s+(\\S+)\\s+(\\S+)\\s+(C|D|W\\d{1,3}|K\\s?[BO]?)\\s+(?:(\\d{1,4})\\s+)?"
              + TIME
              + "\\s+"
              + TIME
              + "\\s+"
              + TIME
              + "\\s+"
              + TIME
              + "\\s*");
  private static final Pattern CLIP_NAME =
      Pattern.compile("\\*\\s*(FROM|TO) CLIP NAME:\\s*(.*)", Pattern.CASE_INSENSITIVE);
  private static final Pattern LOCATION =
      Pattern.compile(
          "\\*\\s*LOC:\\s*" + TIME + "(?:\\s+(\\w+))?(?:\\s+(.*))?", Pattern.CASE_INSENSITIVE);
  private static final Pattern MODE =
      Pattern.compile("FCM:\\s*(NON[- ])?DROP[- ]FRAME", Pattern.CASE_INSENSITIVE);

  /** Source of nothing. */
  private static final String BLACK = "BL";

  /**
   * One line.
   *
   * @param transition C for a cut, D for a dissolve, W and a number for a wipe, K for a key
   * @param frames of the transition
   * @param clip what comments call the source; empty if they do not
   */
  public record Event(
      String number,
      String reel,
      String channel,
      String transition,
      int frames,
      long sourceIn,
      long sourceOut,
      long recordIn,
      long recordOut,
      String clip) {
    boolean black() {
      return reel.equalsIgnoreCase(BLACK);
    }

    boolean picture() {
      String plain = channel.toUpperCase(Locale.ROOT);
      return plain.startsWith("V") || plain.equals("B") || plain.contains("/V");
    }
  }

  /** A named moment in a comment. */
  public record Location(long at, String words) {}

  static boolean is(String text) {
    return text.lines()
        .filter(line -> !line.isBlank())
        .limit(50)
        .anyMatch(
            line ->
                EVENT.matcher(line.strip()).matches()
                    || MODE.matcher(line.strip()).lookingAt()
                    || line.stripLeading().startsWith("TITLE:"));
  }

  /**
   * @param base at which its timecodes are to be read
   * @throws InvalidInput if one of them is none at this rate
   */
  public static CutList read(String name, String text, TimeBase base) {
    Reading reading = new Reading(name, base);
    text.lines().forEach(reading::line);
    return reading.end();
  }

  /** What was read so far. */
  private static final class Reading {
    private final String name;
    private final TimeBase base;
    private final List<Event> events = new ArrayList<>();
    private final List<Location> locations = new ArrayList<>();
    private final List<String> unknown = new ArrayList<>();
    private Optional<Boolean> told = Optional.empty();
    private String title = "";
    private int lines;

    Reading(String name, TimeBase base) {
      this.name = name;
      this.base = base;
    }

    void line(String whole) {
      lines++;
      String line = whole.replace("\ufeff", "").strip();
      Matcher event = EVENT.matcher(line);
      if (line.isEmpty()) {
        return;
      }
      if (line.startsWith("TITLE:")) {
        title = line.substring(6).strip();
      } else if (MODE.matcher(line).lookingAt()) {
        mode(MODE.matcher(line));
      } else if (event.matches()) {
        events.add(event(event));
      } else if (line.startsWith("*")) {
        comment(line);
      } else if (Character.isDigit(line.charAt(0)) && line.indexOf(':') > 0) {
        throw new InvalidInput(
            Sentence.of("Line %d of \"%s\" is no event that can be read: %s", lines, name, line));
      } else {
        unknown.add(line);
      }
    }

    private void mode(Matcher mode) {
      mode.lookingAt();
      boolean drop = mode.group(1) == null;
      if (drop != base.dropFrame()) {
        throw new InvalidInput(
            Sentence.of(
                drop
                    ? "\"%s\" is counted with numbers left out (drop frame), the cue list at %s without; give them the same."
                    : "\"%s\" is counted without numbers left out, the cue list at %s; give them the same.",
                name,
                base.inWords()));
      }
      told = Optional.of(drop);
    }

    private Event event(Matcher event) {
      return new Event(
          event.group(1),
          event.group(2),
          event.group(3),
          event.group(4).replace(" ", ""),
          event.group(5) == null ? 0 : Integer.parseInt(event.group(5)),
          time(event.group(6)),
          time(event.group(7)),
          time(event.group(8)),
          time(event.group(9)),
          "");
    }

    private long time(String timecode) {
      try {
        return base.picture(timecode);
      } catch (InvalidInput e) {
        throw new InvalidInput(
            Sentence.of("Line %d of \"%s\": %s", lines, name, e.getMessage()), e);
      }
    }

    /** A dissolve names both: the clip from which it comes, then that to which it goes. */
    private void comment(String line) {
      Matcher clip = CLIP_NAME.matcher(line);
      Matcher location = LOCATION.matcher(line);
      if (clip.matches()) {
        named(clip.group(1).equalsIgnoreCase("FROM"), clip.group(2).strip());
      } else if (location.matches()) {
        String words = location.group(3) == null ? "" : location.group(3).strip();
        locations.add(new Location(time(location.group(1)), words));
      }
    }

    private void named(boolean from, String clip) {
      int last = events.size() - 1;
      if (last < 0) {
        return;
      }
      boolean dissolve =
          last > 0
              && events.get(last).frames() > 0
              && events.get(last - 1).number().equals(events.get(last).number());
      int at = from && dissolve ? last - 1 : last;
      Event event = events.get(at);
      events.set(
          at,
          new Event(
              event.number(),
              event.reel(),
              event.channel(),
              event.transition(),
              event.frames(),
              event.sourceIn(),
              event.sourceOut(),
              event.recordIn(),
              event.recordOut(),
              clip));
    }

    CutList end() {
      List<String> notes = new ArrayList<>();
      if (!unknown.isEmpty()) {
        notes.add(
            Sentence.of(
                unknown.size() == 1
                    ? "%d line of \"%s\" says nothing that is read here: %s"
                    : "%d lines of \"%s\" say nothing that is read here, the first one: %s",
                unknown.size(),
                name,
                unknown.getFirst()));
      }
      return new CutList(
          name, title, base, told, List.copyOf(events), List.copyOf(locations), notes);
    }
  }

  /**
   * What is seen of one source: from where it begins to come until it has gone.
   *
   * @param coming frames of the dissolve that it comes by; 0 for a cut
   * @param going frames of the dissolve into nothing that it goes by; 0 for a cut
   */
  public record Span(String clip, long from, long end, int coming, int going) {}

  /** The pictures of the list in order; what comes from nothing is none. */
  public List<Span> spans() {
    List<Span> spans = new ArrayList<>();
    for (Event event : events) {
      if (!event.picture()) {
        continue;
      }
      boolean dissolve = event.transition().startsWith("D") || event.transition().startsWith("W");
      if (event.black()) {
        if (dissolve && !spans.isEmpty() && spans.getLast().end() == event.recordIn()) {
          Span last = spans.removeLast();
          spans.add(
              new Span(
                  last.clip(),
                  last.from(),
                  event.recordIn() + event.frames(),
                  last.coming(),
                  event.frames()));
        }
      } else if (event.recordOut() > event.recordIn()) {
        spans.add(
            new Span(
                event.clip().isEmpty() ? event.reel() : event.clip(),
                event.recordIn(),
                event.recordOut(),
                dissolve ? event.frames() : 0,
                0));
      }
    }
    return spans;
  }
}
