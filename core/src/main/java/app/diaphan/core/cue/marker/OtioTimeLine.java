package app.diaphan.core.cue.marker;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.frame.FrameRate;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.TreeMap;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What an OpenTimelineIO file holds, brought to its time line: clips, how they come from nothing
 * and go into it, and markers, wherever they are. Schemas are known in the versions that the
 * Academy Software Foundation has published; a later one is not guessed at.
 */
public final class OtioTimeLine {
  private static final JsonMapper JSON = new JsonMapper();

  /** The newest known version of each schema that has a place in time. */
  private static final Map<String, Integer> KNOWN =
      Map.ofEntries(
          Map.entry("Timeline", 1),
          Map.entry("SerializableCollection", 1),
          Map.entry("Stack", 1),
          Map.entry("Track", 1),
          Map.entry("Sequence", 1),
          Map.entry("Clip", 2),
          Map.entry("Gap", 1),
          Map.entry("Filler", 1),
          Map.entry("Transition", 1),
          Map.entry("Marker", 2),
          Map.entry("RationalTime", 1),
          Map.entry("TimeRange", 1));

  private final String name;
  private final TimeBase base;
  private final List<String> notes = new ArrayList<>();
  private final List<Marker> markers = new ArrayList<>();
  private final List<Clip> clips = new ArrayList<>();
  private final Map<String, Integer> passedOver = new TreeMap<>();
  private Optional<FrameRate> told = Optional.empty();
  private OptionalLong start = OptionalLong.empty();
  private int off;
  private int tracks;

  /**
   * A clip on its time line.
   *
   * @param track from 0, in the order of the file
   * @param url where its media lie; empty if the file does not say
   * @param coming pictures of the transition from nothing; 0 for none
   * @param going pictures of the transition into nothing
   */
  public record Clip(
      int track, String name, String url, long from, long length, int coming, int going) {
    /** With its address as a path, where it is a relative one. */
    public Clip decoded() {
      return new Clip(
          track,
          name,
          URLDecoder.decode(url.replace("+", "%2B"), StandardCharsets.UTF_8),
          from,
          length,
          coming,
          going);
    }

    private Clip coming(int pictures) {
      return new Clip(track, name, url, from, length, pictures, going);
    }

    private Clip going(int pictures) {
      return new Clip(track, name, url, from, length, coming, pictures);
    }
  }

  private OtioTimeLine(String name, TimeBase base) {
    this.name = name;
    this.base = base;
  }

  /**
   * @param start the picture at which its time line begins, if it does not say that itself
   * @throws InvalidInput if it cannot be read whole
   */
  public static OtioTimeLine read(String name, String text, TimeBase base, long start) {
    JsonNode root;
    try {
      root = JSON.readTree(text);
    } catch (JacksonException e) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" is a broken OpenTimelineIO file: it cannot be read from line %d on.",
              name, Math.max(1, e.getLocation() == null ? 1 : e.getLocation().getLineNr())),
          e);
    }
    OtioTimeLine read = new OtioTimeLine(name, base);
    read.timeline(root, start);
    return read;
  }

  /** In the order of the file. */
  public List<Clip> clips() {
    return List.copyOf(clips);
  }

  public List<Marker> markers() {
    return List.copyOf(markers);
  }

  private void timeline(JsonNode root, long given) {
    JsonNode node = root;
    if (kind(root).equals("SerializableCollection")) {
      List<JsonNode> timelines = new ArrayList<>();
      root.path("children")
          .forEach(
              child -> {
                if (kind(child).equals("Timeline")) {
                  timelines.add(child);
                }
              });
      if (timelines.isEmpty()) {
        throw new InvalidInput(Sentence.of("\"%s\" holds no time line.", name));
      }
      node = timelines.getFirst();
      if (timelines.size() > 1) {
        notes.add(
            Sentence.of(
                "\"%s\" holds %d time lines; the first one, \"%s\", was read.",
                name, timelines.size(), node.path("name").asString("")));
      }
    }
    double from = base.seconds(given);
    switch (kind(node)) {
      case "Timeline" -> {
        if (node.path("global_start_time").isObject()) {
          from = seconds(node.path("global_start_time"), "The beginning of the time line");
          start = OptionalLong.of(base.nearest(from));
        }
        item(node.path("tracks"), from);
        markersOf(node, from, 0);
      }
      case "Stack", "Track", "Sequence", "Clip" -> item(node, from);
      default ->
          throw new InvalidInput(
              Sentence.of(
                  "\"%s\" is no OpenTimelineIO file with a time line; it begins with %s.",
                  name, node.path("OTIO_SCHEMA").asString("nothing known")));
    }
  }

  /** Its markers, or its clips where it has none. */
  MarkersRead asMarkers() {
    if (markers.isEmpty() && !clips.isEmpty()) {
      notes.add(
          Sentence.of(
              "\"%s\" has no markers: its clips (%d) were taken as markers.", name, clips.size()));
    } else if (!clips.isEmpty()) {
      notes.add(
          Sentence.of(
              "\"%s\" has markers: they were taken, its clips (%d) were not.", name, clips.size()));
    }
    passedOver.forEach(
        (kind, count) ->
            notes.add(Sentence.of("%s (%d) of \"%s\" is not read here.", kind, count, name)));
    if (told.isPresent() && !told.get().equals(base.rate())) {
      notes.add(
          Sentence.of(
              "\"%s\" has %s pictures a second, the cue list %s: times between two of its pictures (%d) went to the nearest.",
              name, told.get().label(), base.rate().label(), off));
    } else if (off > 0) {
      notes.add(Sentence.of("Times between two pictures (%d) went to the nearest.", off));
    }
    return new MarkersRead(
        "OpenTimelineIO",
        markers.isEmpty()
            ? clips.stream()
                .map(clip -> new Marker(clip.name(), clip.from(), clip.length()))
                .toList()
            : markers,
        told.map(rate -> new TimeBase(rate, base.dropFrame() && TimeBase.drops(rate))),
        start,
        notes);
  }

  /**
   * Looks through an item of the time line and what is in it.
   *
   * @param from where its first picture lies, in seconds
   * @return how long it lasts, in seconds
   */
  private double item(JsonNode node, double from) {
    String kind = kind(node);
    double ownStart = ownStart(node);
    countEffects(node);
    double length =
        switch (kind) {
          case "Stack" -> stack(node, from - ownStart);
          case "Track", "Sequence" -> track(node, from - ownStart);
          case "Clip" -> {
            double lasts = length(node);
            Marker at = marker(node.path("name").asString(""), from, lasts);
            clips.add(new Clip(tracks, at.words(), url(node), at.at(), at.length(), 0, 0));
            yield lasts;
          }
          case "Gap", "Filler" -> length(node);
          case "Transition" -> 0;
          default -> {
            passedOver.merge(node.path("OTIO_SCHEMA").asString("Something"), 1, Integer::sum);
            yield length(node);
          }
        };
    markersOf(node, from, ownStart);
    return node.path("source_range").isObject() ? length(node) : length;
  }

  private double stack(JsonNode node, double from) {
    double longest = 0;
    for (JsonNode child : node.path("children")) {
      longest = Math.max(longest, item(child, from));
    }
    return longest;
  }

  private double track(JsonNode node, double from) {
    // What is only heard is no marker for what is seen, but markers upon it are.
    int before = clips.size();
    double at = from;
    JsonNode last = null;
    JsonNode transition = null;
    for (JsonNode child : node.path("children")) {
      if (kind(child).equals("Transition")) {
        transition = child;
        if (isClip(last)) {
          clips.add(clips.removeLast().going(pictures(child, "in_offset")));
        }
        continue;
      }
      at += item(child, at);
      if (transition != null && isClip(child)) {
        boolean across = isClip(last);
        if (across) {
          passedOver.merge("Transition.1 from clip to clip", 1, Integer::sum);
        }
        clips.add(clips.removeLast().coming(across ? 0 : pictures(transition, "out_offset")));
      }
      transition = null;
      last = child;
    }
    tracks++;
    if (node.path("kind").asString("Video").equals("Audio")) {
      while (clips.size() > before) {
        clips.removeLast();
      }
    }
    return at - from;
  }

  private boolean isClip(JsonNode node) {
    return node != null && kind(node).equals("Clip");
  }

  private int pictures(JsonNode transition, String offset) {
    return (int) base.nearest(seconds(transition.path(offset), "The length of a transition"));
  }

  private static String url(JsonNode clip) {
    return media(clip).path("target_url").asString("");
  }

  private void countEffects(JsonNode node) {
    for (JsonNode effect : node.path("effects")) {
      passedOver.merge(effect.path("OTIO_SCHEMA").asString("Effect"), 1, Integer::sum);
    }
  }

  private void markersOf(JsonNode node, double from, double ownStart) {
    for (JsonNode one : node.path("markers")) {
      kind(one);
      JsonNode range = one.path("marked_range");
      String words = one.path("name").asString("");
      if (words.isBlank()) {
        words = one.path("comment").asString("");
      }
      if (!range.isObject()) {
        throw new InvalidInput(
            Sentence.of("The marker \"%s\" of \"%s\" says no time.", words, name));
      }
      double at = seconds(range.path("start_time"), "The time of the marker \"" + words + "\"");
      double lasts = seconds(range.path("duration"), "The length of the marker \"" + words + "\"");
      markers.add(marker(words, from + at - ownStart, lasts));
    }
  }

  private Marker marker(String words, double from, double lasts) {
    if (from < -1e-9 || lasts < 0) {
      throw new InvalidInput(Sentence.of("\"%s\" of \"%s\" lies before 00:00:00:00.", words, name));
    }
    long at = base.nearest(from);
    if (Math.abs(base.seconds(at) - from) > 1e-6) {
      off++;
    }
    if (at > base.day()) {
      throw new InvalidInput(
          Sentence.of("\"%s\" of \"%s\" lies more than a day after 00:00:00:00.", words, name));
    }
    return new Marker(words, at, base.nearest(from + lasts) - at);
  }

  /** The time within an item at which it begins to be seen. */
  private double ownStart(JsonNode node) {
    JsonNode range = node.path("source_range");
    if (!range.isObject()) {
      range = mediaRange(node);
    }
    return range.isObject() ? seconds(range.path("start_time"), "The beginning of a clip") : 0;
  }

  private double length(JsonNode node) {
    JsonNode range = node.path("source_range");
    if (!range.isObject()) {
      range = mediaRange(node);
    }
    if (!range.isObject()) {
      throw new InvalidInput(
          Sentence.of(
              "%s \"%s\" in \"%s\" does not say how long it is, so nothing behind it can be placed.",
              node.path("OTIO_SCHEMA").asString("An item"), node.path("name").asString(""), name));
    }
    return seconds(range.path("duration"), "The length of a clip");
  }

  /** Version 2 of clips has several media, one of which is in use. */
  private static JsonNode media(JsonNode node) {
    return node.has("media_references")
        ? node.path("media_references")
            .path(node.path("active_media_reference_key").asString("DEFAULT_MEDIA"))
        : node.path("media_reference");
  }

  private static JsonNode mediaRange(JsonNode node) {
    return media(node).path("available_range");
  }

  private double seconds(JsonNode time, String what) {
    kind(time);
    double value = time.path("value").asDouble(Double.NaN);
    double rate = time.path("rate").asDouble(Double.NaN);
    if (!Double.isFinite(value) || !(rate > 0) || Double.isInfinite(rate)) {
      throw new InvalidInput(Sentence.of("%s in \"%s\" is no time.", what, name));
    }
    Optional<FrameRate> known = FrameRate.near(rate);
    if (told.isEmpty()) {
      told = known;
    }
    return known.map(one -> value * one.seconds() / one.pictures()).orElse(value / rate);
  }

  /**
   * What a schema is called, without its version.
   *
   * @throws InvalidInput if the version is not known
   */
  private String kind(JsonNode node) {
    String schema = node.path("OTIO_SCHEMA").asString("");
    int dot = schema.lastIndexOf('.');
    String kind = dot < 0 ? schema : schema.substring(0, dot);
    Integer newest = KNOWN.get(kind);
    if (newest != null) {
      int version = -1;
      try {
        version = Integer.parseInt(schema.substring(dot + 1));
      } catch (NumberFormatException e) {
        // Told below.
      }
      if (version < 1 || version > newest) {
        throw new InvalidInput(
            Sentence.of(
                "\"%s\" is written with %s, of which versions up to %d are known here; save it for an older version.",
                name, schema, newest));
      }
    }
    return kind;
  }
}
