package app.diaphan.core.cue;

import static app.diaphan.core.cue.CueSamples.PAL;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.marker.MarkerFile;
import app.diaphan.core.cue.marker.MarkersRead;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.frame.FrameRate;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;

class MarkerFileTest {
  private static MarkersRead read(String name, String text) {
    return read(name, text, PAL);
  }

  private static MarkersRead read(String name, String text, TimeBase base) {
    return MarkerFile.read(name, text.getBytes(StandardCharsets.UTF_8), base, 0);
  }

  private static String refused(String name, String text) {
    return assertThrows(InvalidInput.class, () -> read(name, text)).getMessage();
  }

  private static String time(double value, double rate) {
    return "{\"OTIO_SCHEMA\":\"RationalTime.1\",\"value\":%s,\"rate\":%s}"
        .replaceFirst("%s", Double.toString(value))
        .replaceFirst("%s", Double.toString(rate));
  }

  private static String range(double from, double length, double rate) {
    return "{\"OTIO_SCHEMA\":\"TimeRange.1\",\"start_time\":"
        + time(from, rate)
        + ",\"duration\":"
        + time(length, rate)
        + "}";
  }

  private static String marker(String name, double at, double rate) {
    return "{\"OTIO_SCHEMA\":\"Marker.2\",\"name\":\""
        + name
        + "\",\"marked_range\":"
        + range(at, 0, rate)
        + "}";
  }

  private static String item(String schema, double from, double length, String more) {
    return "{\"OTIO_SCHEMA\":\""
        + schema
        + "\",\"name\":\"a\",\"source_range\":"
        + range(from, length, 25)
        + more
        + "}";
  }

  private static String timeline(String start, String children, String more) {
    return "{\"OTIO_SCHEMA\":\"Timeline.1\",\"name\":\"t\",\"global_start_time\":"
        + start
        + ",\"tracks\":{\"OTIO_SCHEMA\":\"Stack.1\",\"source_range\":null,\"children\":[{\"OTIO_SCHEMA\":\"Track.1\",\"kind\":\"Video\",\"source_range\":null,\"children\":["
        + children
        + "]}]"
        + more
        + "}}";
  }

  @Test
  void markersOfTimeLinesLieWhereTheirItemsLie() {
    // A gap of 100, then a clip that begins at picture 1000 of its source, marked at its 1010th.
    MarkersRead read =
        read(
            "a.otio",
            timeline(
                time(90_000, 25),
                item("Gap.1", 0, 100, "")
                    + ","
                    + item("Clip.2", 1000, 50, ",\"markers\":[" + marker("in", 1010, 25) + "]"),
                ",\"markers\":[" + marker("on the stack", 7, 25) + "]"));
    assertEquals(
        List.of(new Marker("in", 90_110, 0), new Marker("on the stack", 90_007, 0)),
        read.markers());
    assertEquals(OptionalLong.of(90_000), read.start());
    assertEquals(
        List.of("\"a.otio\" has markers: they were taken, its clips (1) were not."), read.notes());
  }

  @Test
  void clipsAreMarkersWhereThereAreNone() {
    MarkersRead read =
        read(
            "a.otio",
            timeline(
                "null",
                item("Clip.1", 0, 30, "")
                    + ",{\"OTIO_SCHEMA\":\"Transition.1\",\"in_offset\":"
                    + time(5, 25)
                    + ",\"out_offset\":"
                    + time(5, 25)
                    + "},"
                    + item(
                        "Clip.2", 0, 40, ",\"effects\":[{\"OTIO_SCHEMA\":\"LinearTimeWarp.1\"}]"),
                ""));
    assertEquals(List.of(new Marker("a", 0, 30), new Marker("a", 30, 40)), read.markers());
    assertTrue(
        read.notes().contains("LinearTimeWarp.1 (1) of \"a.otio\" is not read here."),
        read.notes().toString());
  }

  @Test
  void otherRatesGoToTheNearestPictureAndAreTold() {
    MarkersRead read =
        read(
            "film.otio",
            timeline(
                "null",
                "",
                ",\"markers\":[" + marker("a", 24, 24) + "," + marker("b", 25, 24) + "]"));
    assertEquals(List.of(25L, 26L), read.markers().stream().map(Marker::at).toList());
    assertEquals(
        List.of(
            "\"film.otio\" has 24 pictures a second, the cue list 25: times between two of its pictures (1) went to the nearest."),
        read.notes());
  }

  @Test
  void brokenAndUnknownTimeLinesAreRefused() {
    assertTrue(
        refused("a.otio", "{\n\"OTIO_SCHEMA\": \"Timeline.1\",\n\"tracks\": [").contains("broken"));
    assertTrue(
        refused("a.otio", timeline("null", item("Clip.9", 0, 1, ""), ""))
            .startsWith("\"a.otio\" is written with Clip.9, of which versions up to 2 are known"));
    assertTrue(refused("a.otio", "{\"shopping\": []}").contains("is no OpenTimelineIO file"));
    assertTrue(
        refused("a.otio", timeline("null", "{\"OTIO_SCHEMA\":\"Clip.2\",\"name\":\"x\"}", ""))
            .contains("does not say how long it is"));
    assertTrue(
        refused("a.otio", timeline("null", "", ",\"markers\":[" + marker("early", -5, 25) + "]"))
            .contains("\"early\" of \"a.otio\" lies before 00:00:00:00"));
    assertTrue(refused("a.otio", timeline("null", "", "")).contains("There are no markers"));
  }

  private static final String LIST =
      """
      TITLE: QUAY AT DUSK
      FCM: NON-DROP FRAME

      001  AX       V     C        00:00:00:00 00:00:02:00 00:00:01:00 00:00:03:00
      * FROM CLIP NAME: SLIPWAY
      002  AX       V     C        00:00:00:00 00:00:00:00 00:00:03:00 00:00:03:00
      002  BL       V     D    010 00:00:00:00 00:00:00:10 00:00:03:00 00:00:03:10
      003  BL       V     C        00:00:00:00 00:00:00:00 00:00:05:00 00:00:05:00
      003  TAPE7    V     D    012 00:00:00:00 00:00:01:00 00:00:05:00 00:00:06:00
      004  TAPE7    A     C        00:00:00:00 00:00:01:00 00:00:05:00 00:00:06:00
      M2   TAPE7    025.0          00:00:00:00
      """;

  @Test
  void eventsOfEditListsAreMarkers() {
    MarkersRead read = read("quay.edl", LIST);
    assertEquals(
        List.of(new Marker("SLIPWAY", 25, 60), new Marker("TAPE7", 125, 25)), read.markers());
    assertEquals(2, read.notes().size());
    assertTrue(read.notes().getFirst().contains("M2   TAPE7"), read.notes().toString());
  }

  @Test
  void namedMomentsOfEditListsComeFirst() {
    MarkersRead read = read("quay.edl", LIST + "* LOC: 00:00:02:05 GREEN Ysolde at the rail\n");
    assertEquals(List.of(new Marker("Ysolde at the rail", 55, 0)), read.markers());
  }

  @Test
  void editListsOfAnotherRateOrCountingAreRefused() {
    assertTrue(
        refused("a.edl", LIST.replace("00:00:06:00", "00:00:05:29"))
            .startsWith("Line 9 of \"a.edl\": The timecode 00:00:05:29 is of another rate"));
    assertTrue(
        refused("a.edl", LIST.replace("NON-DROP", "DROP")).contains("with numbers left out"));
    TimeBase drop = new TimeBase(new FrameRate(30000, 1001), true);
    assertTrue(
        assertThrows(InvalidInput.class, () -> read("a.edl", LIST, drop))
            .getMessage()
            .contains("without numbers left out"));
    String dropping = LIST.replace("NON-DROP", "DROP").replace("00:00:06:00", "00:01:00:00");
    assertTrue(
        assertThrows(InvalidInput.class, () -> read("a.edl", dropping, drop))
            .getMessage()
            .contains("drop frame leaves it out"));
    assertTrue(refused("a.edl", LIST.replace("00:00:06:00", "25:00:00:00")).contains("hours go"));
    assertTrue(
        refused("a.edl", LIST + "005  AX V C 00:00:00:00\n")
            .contains("is no event that can be read"));
  }

  @Test
  void wordsOfSubtitlesAreMarkers() {
    String webVtt =
        "WEBVTT - quay\n\nSTYLE\n::cue {}\n\nNOTE said at dusk\n\nfirst\n00:01.000 --> 00:03.000 line:0\n"
            + "<v Ysolde Farrow-Quill>We saw &amp; <b>turned</b>.\n\n00:00:02.500 --> 00:00:04.000\nTam\n";
    MarkersRead read = read("a.vtt", webVtt);
    assertEquals(
        List.of(
            new Marker("Ysolde Farrow-Quill: We saw & turned.", 25, 50), new Marker("Tam", 63, 37)),
        read.markers());
    assertEquals(
        List.of(
            "Styles and regions of the file (1) say nothing about times.",
            "1 subtitle begins before the one before it has ended: \"Tam\" at 00:00:02:13."),
        read.notes());
    MarkersRead subRip =
        read("a.srt", "1\r\n00:00:01,000 --> 00:00:03,000\r\n<i>Bo</i>\r\nat sea\r\n\r\n2\r\n\r\n");
    assertEquals(List.of(new Marker("Bo at sea", 25, 50)), subRip.markers());
    assertTrue(subRip.notes().getFirst().startsWith("1 part of \"a.srt\" has no time"));
    assertTrue(
        refused("a.srt", "1\n00:00:03,000 --> 00:00:01,000\nBo\n")
            .contains("ends before it begins"));
    assertTrue(
        refused("a.srt", "1\n-00:00:03,000 --> 00:00:01,000\nBo\n")
            .contains("before the beginning"));
    assertTrue(refused("a.srt", "1\nsoon --> later\nBo\n").contains("cannot be read"));
  }

  @Test
  void tablesSayWhenInColumns() {
    MarkersRead read =
        read(
            "a.csv",
            "who,in,out,length\nYsolde,00:00:01:00,00:00:02:00,\nTam,3.2 s,,5\nBo,,,\nAda,4.0,,12 frames\n");
    assertEquals(
        List.of(
            new Marker("Ysolde", 25, 25), new Marker("Tam", 80, 125), new Marker("Ada", 100, 12)),
        read.markers());
    assertEquals(List.of("1 row has no time."), read.notes());
    assertTrue(refused("a.csv", "who,boat\nBo,Wee Dram\n").contains("No column says when"));
    assertTrue(
        refused("a.csv", "who,in\nBo,00:00:01:00\nTam,-00:00:01:00\n")
            .startsWith("\"a.csv\": Row 2: The timecode -00:00:01:00 is before the day"));
    assertTrue(
        refused("a.csv", "who,in,out\nBo,00:00:02:00,00:00:01:00\n").contains("before it begins"));
  }

  @Test
  void timesWithoutTimecodeCountFromTheClipsBeginning() {
    byte[] words = "1\n00:00:01,000 --> 00:00:03,000\nBo\n".getBytes(StandardCharsets.UTF_8);
    assertEquals(90_025, MarkerFile.read("a.srt", words, PAL, 90_000).markers().getFirst().at());
  }

  @Test
  void otherFilesAreToldApart() {
    assertTrue(refused("a.otio", "not json").contains("broken"));
    assertTrue(
        refused("empty.txt", "\n\n").contains("holds no rows"), refused("empty.txt", "\n\n"));
  }

  @Test
  void theShortestSubtitleLastsAPicture() {
    assertEquals(
        List.of(new Marker("Bo", 25, 1)),
        read("a.srt", "1\n00:00:01,000 --> 00:00:01,005\nBo\n").markers());
  }
}
