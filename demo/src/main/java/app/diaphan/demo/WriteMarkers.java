package app.diaphan.demo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * Writes the moments of "quay at dusk" at which the skippers come to the rail: as OpenTimelineIO
 * and as an edit list (CMX 3600), the same in both. Run with the demo's folder.
 */
public final class WriteMarkers {
  private static final int RATE = 25;
  private static final int FIRST = 12 * RATE + 5;
  private static final int LENGTH = 168 * RATE;

  /** Pictures from one skipper to the next; the fifteenth follows too soon for both. */
  private static final int[] STEPS = {
    160, 150, 171, 149, 163, 180, 142, 155, 168, 146, 149, 157, 175, 84, 162, 153, 148, 181, 144,
    159, 166, 151, 158
  };

  private WriteMarkers() {}

  public static void main(String[] arguments) throws IOException {
    Path folder = Files.createDirectories(Path.of(arguments[0]).resolve("cues"));
    List<Integer> moments = new ArrayList<>(List.of(FIRST));
    for (int step : STEPS) {
      moments.add(moments.getLast() + step);
    }
    Files.writeString(folder.resolve("quay-at-dusk.otio"), timeLine(moments));
    Files.writeString(folder.resolve("quay-at-dusk.edl"), editList(moments));
  }

  private static String timecode(int picture) {
    return String.format(
        Locale.ROOT,
        "%02d:%02d:%02d:%02d",
        picture / RATE / 3600,
        picture / RATE / 60 % 60,
        picture / RATE % 60,
        picture % RATE);
  }

  private static String editList(List<Integer> moments) {
    StringBuilder text = new StringBuilder("TITLE: QUAY AT DUSK\r\nFCM: NON-DROP FRAME\r\n\r\n");
    text.append(
        String.format(
            Locale.ROOT,
            "001  QUAY     V     C        %s %s %s %s\r\n* FROM CLIP NAME: quay at dusk\r\n",
            timecode(0),
            timecode(LENGTH),
            timecode(0),
            timecode(LENGTH)));
    for (int i = 0; i < moments.size(); i++) {
      text.append(
          String.format(
              Locale.ROOT,
              "* LOC: %s GREEN   At the rail %d\r\n",
              timecode(moments.get(i)),
              i + 1));
    }
    return text.toString();
  }

  private static String timeLine(List<Integer> moments) {
    List<String> markers = new ArrayList<>();
    for (int i = 0; i < moments.size(); i++) {
      markers.add(
          """
                    {
                      "OTIO_SCHEMA": "Marker.2",
                      "metadata": {},
                      "name": "At the rail %d",
                      "color": "GREEN",
                      "comment": "",
                      "marked_range": %s
                    }"""
              .formatted(i + 1, range(moments.get(i), 0)));
    }
    return """
        {
          "OTIO_SCHEMA": "Timeline.1",
          "metadata": {},
          "name": "Quay at dusk",
          "global_start_time": {"OTIO_SCHEMA": "RationalTime.1", "rate": 25.0, "value": 0.0},
          "tracks": {
            "OTIO_SCHEMA": "Stack.1",
            "metadata": {},
            "name": "tracks",
            "source_range": null,
            "effects": [],
            "markers": [],
            "children": [
              {
                "OTIO_SCHEMA": "Track.1",
                "metadata": {},
                "name": "Picture",
                "source_range": null,
                "effects": [],
                "markers": [],
                "kind": "Video",
                "children": [
                  {
                    "OTIO_SCHEMA": "Clip.2",
                    "metadata": {},
                    "name": "quay at dusk",
                    "source_range": %s,
                    "effects": [],
                    "enabled": true,
                    "media_references": {
                      "DEFAULT_MEDIA": {
                        "OTIO_SCHEMA": "MissingReference.1",
                        "metadata": {},
                        "name": "",
                        "available_range": null,
                        "available_image_bounds": null
                      }
                    },
                    "active_media_reference_key": "DEFAULT_MEDIA",
                    "markers": [
        %s
                    ]
                  }
                ]
              }
            ]
          }
        }
        """
        .formatted(range(0, LENGTH), String.join(",\n", markers));
  }

  private static String range(int from, int length) {
    return String.format(
        Locale.ROOT,
        "{\"OTIO_SCHEMA\": \"TimeRange.1\", \"start_time\": {\"OTIO_SCHEMA\": \"RationalTime.1\", \"rate\": 25.0, \"value\": %d.0}, \"duration\": {\"OTIO_SCHEMA\": \"RationalTime.1\", \"rate\": 25.0, \"value\": %d.0}}",
        from,
        length);
  }
}
