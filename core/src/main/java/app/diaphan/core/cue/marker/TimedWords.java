package app.diaphan.core.cue.marker;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.cue.time.TimeBase;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Subtitles, whose words are said at a time: WebVTT (W3C) and SubRip, which has no standard and is
 * read as it is commonly written. A moment becomes the picture nearest to it.
 */
public final class TimedWords {
  private static final Pattern TIMES =
      Pattern.compile(
          "(-?)(?:(\\d{1,4}):)?(\\d{1,2}):(\\d{1,2})[.,](\\d{1,3})\\s*-->\\s*"
              + "(-?)(?:(\\d{1,4}):)?(\\d{1,2}):(\\d{1,2})[.,](\\d{1,3})(.*)");

  /** How the words of one line are marked up; a voice is the name of who says them. */
  private static final Pattern VOICE = Pattern.compile("<v(?:\\.[^ >]*)?[ \\t]+([^>]+)>");

  private static final Pattern TAG = Pattern.compile("</?[A-Za-z0-9][^>]*>|\\{\\\\[^}]*\\}");

  private TimedWords() {}

  static boolean isWebVtt(String text) {
    return text.startsWith("WEBVTT");
  }

  static boolean isSubRip(String text) {
    return text.lines()
        .filter(line -> !line.isBlank())
        .limit(3)
        .anyMatch(line -> line.contains("-->"));
  }

  public static MarkersRead readWebVtt(String name, String text, TimeBase base, long start) {
    List<String> notes = new ArrayList<>();
    List<List<String>> blocks = blocks(text);
    List<List<String>> timed = new ArrayList<>();
    int styles = 0;
    for (List<String> block : blocks.subList(1, blocks.size())) {
      String first = block.getFirst();
      if (first.startsWith("STYLE") || first.startsWith("REGION")) {
        styles++;
      } else if (!first.startsWith("NOTE")) {
        timed.add(block);
      }
    }
    if (styles > 0) {
      notes.add(
          Sentence.of("Styles and regions of the file (%d) say nothing about times.", styles));
    }
    return read("WebVTT", name, timed, base, start, notes);
  }

  public static MarkersRead readSubRip(String name, String text, TimeBase base, long start) {
    return read("SubRip", name, blocks(text), base, start, new ArrayList<>());
  }

  private static List<List<String>> blocks(String text) {
    List<List<String>> blocks = new ArrayList<>();
    List<String> block = new ArrayList<>();
    for (String line : text.replace("\ufeff", "").split("\\R", -1)) {
      if (!line.isBlank()) {
        block.add(line);
      } else if (!block.isEmpty()) {
        blocks.add(block);
        block = new ArrayList<>();
      }
    }
    if (!block.isEmpty()) {
      blocks.add(block);
    }
    return blocks;
  }

  private static MarkersRead read(
      String format,
      String name,
      List<List<String>> blocks,
      TimeBase base,
      long start,
      List<String> notes) {
    List<Marker> markers = new ArrayList<>();
    int passedOver = 0;
    for (List<String> block : blocks) {
      int timing = block.getFirst().contains("-->") ? 0 : 1;
      if (block.size() <= timing || !block.get(timing).contains("-->")) {
        passedOver++;
        continue;
      }
      markers.add(marker(name, block, timing, base, start));
    }
    if (passedOver > 0) {
      notes.add(
          Sentence.of(
              passedOver == 1
                  ? "%d part of \"%s\" has no time and was passed over."
                  : "%d parts of \"%s\" have no time and were passed over.",
              passedOver,
              name));
    }
    overlaps(markers, base, notes);
    return new MarkersRead(format, markers, Optional.empty(), OptionalLong.empty(), notes);
  }

  private static Marker marker(
      String name, List<String> block, int timing, TimeBase base, long start) {
    Matcher times = TIMES.matcher(block.get(timing).strip());
    String words = words(block.subList(timing + 1, block.size()));
    if (!times.matches()) {
      throw new InvalidInput(
          Sentence.of(
              "The times \"%s\" in \"%s\" cannot be read; write 00:00:12.200 --> 00:00:17.200.",
              block.get(timing).strip(), name));
    }
    if (!times.group(1).isEmpty() || !times.group(6).isEmpty()) {
      throw new InvalidInput(
          Sentence.of("\"%s\" in \"%s\" has a time before the beginning.", words, name));
    }
    double from = seconds(times, 2);
    double to = seconds(times, 7);
    if (to <= from) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" in \"%s\" ends before it begins: %s.",
              words, name, block.get(timing).strip()));
    }
    long at = base.nearest(from);
    return new Marker(words, start + at, Math.max(1, base.nearest(to) - at));
  }

  private static double seconds(Matcher times, int group) {
    int hours = times.group(group) == null ? 0 : Integer.parseInt(times.group(group));
    String fraction = times.group(group + 3);
    return hours * 3600L
        + Integer.parseInt(times.group(group + 1)) * 60L
        + Integer.parseInt(times.group(group + 2))
        + Integer.parseInt(fraction) / Math.pow(10, fraction.length());
  }

  private static String words(List<String> lines) {
    String joined = String.join(" ", lines);
    Matcher voice = VOICE.matcher(joined);
    String who = voice.find() ? voice.group(1).strip() + ": " : "";
    return who
        + TAG.matcher(joined)
            .replaceAll("")
            .replace("&lt;", "<")
            .replace("&gt;", ">")
            .replace("&nbsp;", " ")
            .replace("&amp;", "&")
            .replaceAll("\\s+", " ")
            .strip();
  }

  private static void overlaps(List<Marker> markers, TimeBase base, List<String> notes) {
    List<Marker> inOrder = markers.stream().sorted(Comparator.comparingLong(Marker::at)).toList();
    int overlaps = 0;
    Marker first = null;
    for (int i = 1; i < inOrder.size(); i++) {
      if (inOrder.get(i).at() < inOrder.get(i - 1).end()) {
        overlaps++;
        first = first == null ? inOrder.get(i) : first;
      }
    }
    if (overlaps > 0) {
      notes.add(
          Sentence.of(
              overlaps == 1
                  ? "%d subtitle begins before the one before it has ended: \"%s\" at %s."
                  : "%d subtitles begin before the one before them has ended, the first one \"%s\" at %s.",
              overlaps,
              first.words(),
              base.timecode(Math.min(first.at(), base.day()))));
    }
  }
}
