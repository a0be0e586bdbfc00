package app.diaphan.core.cue.handover;

import app.diaphan.core.Sentence;
import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueClip;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.move.Move;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.function.Function;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Writes a cue list as OpenTimelineIO: a track for each lane, a clip for each cue, a transition for
 * each fade, and the markers. What the format has no word for, such as a slide, is told in the
 * metadata of the clip.
 */
final class OtioWriter {
  private static final JsonMapper JSON =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  private static final String CREATOR = "diaphan";
  private static final String MEDIA = "DEFAULT_MEDIA";

  private final CueList list;
  private final CueClip clip;
  private final Function<StillId, HandedStill> stills;

  private OtioWriter(CueList list, Function<StillId, HandedStill> stills) {
    this.list = list;
    this.stills = stills;
    clip = list.clip();
  }

  static String write(CueList list, Function<StillId, HandedStill> stills) {
    return JSON.writeValueAsString(new OtioWriter(list, stills).timeline()) + "\n";
  }

  private ObjectNode timeline() {
    ObjectNode timeline = object("Timeline.1", list.name());
    timeline.set("global_start_time", time(clip.start()));
    ObjectNode stack = object("Stack.1", "tracks");
    ArrayNode tracks = stack.putArray("children");
    list.lanes().forEach(lane -> tracks.add(track(lane)));
    ArrayNode markers = stack.putArray("markers");
    list.markers().forEach(marker -> markers.add(marker(marker)));
    stack.putArray("effects");
    stack.putNull("source_range");
    timeline.set("tracks", stack);
    return timeline;
  }

  private ObjectNode track(int lane) {
    ObjectNode track = object("Track.1", "Lane " + lane);
    track.put("kind", "Video");
    track.putNull("source_range");
    track.putArray("effects");
    track.putArray("markers");
    ArrayNode children = track.putArray("children");
    long at = clip.start();
    boolean faded = true; // Nothing comes before the first one.
    for (Cue cue : list.onLane(lane)) {
      boolean fades = cue.coming() instanceof Move.Fade;
      // Two transitions may not meet, nor may one be from clip to clip that is from nothing.
      if (cue.from() > at || fades || faded) {
        children.add(gap(cue.from() - at));
      }
      if (cue.coming() instanceof Move.Fade(int frames)) {
        children.add(transition("Fade in", 0, frames));
      }
      children.add(clip(cue));
      faded = cue.going() instanceof Move.Fade;
      if (cue.going() instanceof Move.Fade(int frames)) {
        children.add(transition("Fade out", frames, 0));
      }
      at = cue.end();
    }
    if (at < clip.end()) {
      children.add(gap(clip.end() - at));
    } else if (faded) {
      children.add(gap(0));
    }
    return track;
  }

  private ObjectNode clip(Cue cue) {
    HandedStill still = stills.apply(cue.still());
    ObjectNode node = object("Clip.2", still.label());
    node.set("source_range", range(0, cue.length()));
    node.putArray("effects");
    node.putArray("markers");
    node.put("enabled", true);
    ObjectNode media = object("ExternalReference.1", still.file());
    media.put("target_url", url(still.path()));
    media.putNull("available_range");
    media.putNull("available_image_bounds");
    node.putObject("media_references").set(MEDIA, media);
    node.put("active_media_reference_key", MEDIA);
    ObjectNode told = JSON.createObjectNode();
    told.put("coming", cue.coming().words(true));
    told.put("going", cue.going().words(false));
    if (cue.scrolls()) {
      told.put("scrolling", Sentence.of("upward, %s lines a second", cue.scroll()));
    }
    told.put(
        "fit",
        switch (cue.fit()) {
          case OWN -> "at its own size";
          case FILL -> "scaled to the clip";
        });
    node.set("metadata", JSON.createObjectNode().set(CREATOR, told));
    return node;
  }

  /** A path as a relative reference (RFC 3986). */
  private static String url(String path) {
    try {
      return new URI(null, null, path, null).toASCIIString();
    } catch (URISyntaxException e) {
      throw new IllegalArgumentException(path, e);
    }
  }

  private ObjectNode gap(long length) {
    ObjectNode gap = object("Gap.1", "");
    gap.set("source_range", range(0, length));
    gap.putArray("effects");
    gap.putArray("markers");
    return gap;
  }

  private ObjectNode transition(String name, int before, int behind) {
    ObjectNode transition = object("Transition.1", name);
    transition.put("transition_type", "SMPTE_Dissolve");
    transition.set("in_offset", time(before));
    transition.set("out_offset", time(behind));
    return transition;
  }

  private ObjectNode marker(Marker marker) {
    ObjectNode node = object("Marker.2", marker.words());
    node.set("marked_range", range(marker.at() - clip.start(), marker.length()));
    node.put("color", "GREEN");
    node.put("comment", "");
    return node;
  }

  private static ObjectNode object(String schema, String name) {
    ObjectNode node = JSON.createObjectNode();
    node.put("OTIO_SCHEMA", schema);
    node.set("metadata", JSON.createObjectNode());
    node.put("name", name);
    return node;
  }

  private ObjectNode range(long from, long length) {
    ObjectNode range = JSON.createObjectNode();
    range.put("OTIO_SCHEMA", "TimeRange.1");
    range.set("start_time", time(from));
    range.set("duration", time(length));
    return range;
  }

  private ObjectNode time(long pictures) {
    ObjectNode time = JSON.createObjectNode();
    time.put("OTIO_SCHEMA", "RationalTime.1");
    time.put("rate", clip.base().rate().value());
    time.put("value", (double) pictures);
    return time;
  }
}
