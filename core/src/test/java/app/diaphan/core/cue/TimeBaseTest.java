package app.diaphan.core.cue;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.cue.time.CueTime;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.frame.FrameCatalogue;
import app.diaphan.core.frame.FrameRate;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class TimeBaseTest {
  private static final TimeBase PAL = TimeBase.of(new FrameRate(25, 1));
  private static final TimeBase DROP = new TimeBase(new FrameRate(30000, 1001), true);

  /** Counts as a clock does, by the rule as ST 12-1 says it, and never reckons. */
  @ParameterizedTest
  @CsvSource({"30000, 2", "60000, 4"})
  void everyPictureOfADayHasItsTimecodeAndBackAgain(int pictures, int dropped) {
    TimeBase base = new TimeBase(new FrameRate(pictures, 1001), true);
    long picture = 0;
    StringBuilder written = new StringBuilder("00:00:00;00");
    for (int hour = 0; hour < 24; hour++) {
      two(written, 0, hour);
      for (int minute = 0; minute < 60; minute++) {
        two(written, 3, minute);
        for (int second = 0; second < 60; second++) {
          two(written, 6, second);
          boolean leavesOut = second == 0 && minute % 10 != 0;
          for (int frame = leavesOut ? dropped : 0; frame < pictures / 1000; frame++) {
            two(written, 9, frame);
            String timecode = written.toString();
            if (!timecode.equals(base.timecode(picture)) || base.picture(timecode) != picture) {
              assertEquals(timecode, base.timecode(picture));
              assertEquals(picture, base.picture(timecode));
            }
            picture++;
          }
        }
      }
    }
    assertEquals(base.day(), picture);
  }

  private static void two(StringBuilder text, int at, int number) {
    text.setCharAt(at, (char) ('0' + number / 10));
    text.setCharAt(at + 1, (char) ('0' + number % 10));
  }

  @Test
  void everyRateOfTheCatalogueCountsADayWithoutLeavingNumbersOut() {
    assertEquals(9, FrameCatalogue.rates().size(), FrameCatalogue.rates().toString());
    for (FrameRate rate : FrameCatalogue.rates()) {
      TimeBase base = TimeBase.of(rate);
      for (long picture = 0; picture < base.day(); picture += 997) {
        assertEquals(picture, base.picture(base.timecode(picture)));
      }
      assertEquals(86400L * rate.counted(), base.day());
      assertEquals("23:59:59:" + (rate.counted() - 1), base.timecode(base.day() - 1));
    }
  }

  @Test
  void dropFrameKeepsUpWithTheClock() {
    // An hour of timecode lasts 3600 s but for 3.6 ms; without it would be 3.6 s too long.
    assertEquals(3600, DROP.seconds(DROP.picture("01:00:00;00")), 0.004);
    assertEquals(3603.6, TimeBase.of(DROP.rate()).seconds(107892 + 108), 0.001);
    assertEquals("00:00:59;29", DROP.timecode(1799));
    assertEquals("00:01:00;02", DROP.timecode(1800));
    assertEquals("00:10:00;00", DROP.timecode(17982));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "-00:00:01:00 | before the day begins",
        "25:00:00:00 | hours go to 23",
        "24:00:00:01 | hours go to 23",
        "00:60:00:00 | minutes and seconds to 59",
        "00:00:12:25 | of another rate: at 25 pictures a second the last frame of a second is 24",
        "00:00:12;05 | numbers left out",
        "noon | is no timecode; write hours",
        "12:05 | is no timecode; write hours",
        "00:00:12:0005 | is no timecode"
      })
  void whatIsNoTimecodeIsSaidSo(String timecode, String said) {
    InvalidInput e = assertThrows(InvalidInput.class, () -> PAL.picture(timecode));
    assertTrue(e.getMessage().contains(said), e.getMessage());
  }

  @ParameterizedTest
  @ValueSource(strings = {"00:01:00;00", "00:01:00;01", "11:59:00;01"})
  void numbersThatDropFrameLeavesOutDoNotExist(String timecode) {
    InvalidInput e = assertThrows(InvalidInput.class, () -> DROP.picture(timecode));
    String next = timecode.substring(0, 9) + "02";
    assertTrue(e.getMessage().endsWith("The next one is " + next + "."), e.getMessage());
  }

  @Test
  void onlySomeRatesDrop() {
    assertTrue(TimeBase.drops(new FrameRate(60000, 1001)));
    assertFalse(TimeBase.drops(new FrameRate(24000, 1001)));
    assertThrows(InvalidInput.class, () -> new TimeBase(new FrameRate(25, 1), true));
  }

  @Test
  void ratesAreReadAsPeopleWriteThem() {
    assertEquals(new FrameRate(30000, 1001), FrameRate.parse("29.97"));
    assertEquals(new FrameRate(30000, 1001), FrameRate.parse("30000/1001"));
    assertEquals(new FrameRate(24000, 1001), FrameRate.parse("23.98"));
    assertEquals(new FrameRate(24000, 1001), FrameRate.parse("23.976"));
    assertEquals(new FrameRate(24, 1), FrameRate.parse(" 24 "));
    for (String none : new String[] {"26", "0", "25/0", "fast", "-25", "1e3"}) {
      InvalidInput e = assertThrows(InvalidInput.class, () -> FrameRate.parse(none));
      assertTrue(e.getMessage().contains("29.97"), e.getMessage());
    }
  }

  @Test
  void pointsAndLengthsAreReadAsPeopleWriteThem() {
    assertEquals(305, CueTime.point("00:00:12:05", PAL));
    assertEquals(305, CueTime.point("12.2 s", PAL));
    assertEquals(305, CueTime.point("12,2", PAL));
    assertEquals(125, CueTime.length("5s", PAL));
    assertEquals(125, CueTime.length("5", PAL));
    assertEquals(12, CueTime.length("12 frames", PAL));
    assertEquals(150, CueTime.length("5 s", DROP));
    assertThrows(InvalidInput.class, () -> CueTime.length("0", PAL));
    assertThrows(InvalidInput.class, () -> CueTime.length("a while", PAL));
  }

  @Test
  void timesOfAnotherRateGoToTheNearestPicture() {
    FrameRate film = new FrameRate(24000, 1001);
    assertEquals(25, PAL.from(new FrameRate(30, 1), 30));
    assertEquals(14, PAL.from(new FrameRate(24, 1), 13)); // 13.54
    assertEquals(13, PAL.from(new FrameRate(24, 1), 12)); // 12.5
    assertEquals(104, PAL.from(film, 100)); // 4.1708 s
    assertEquals(100, TimeBase.of(film).from(new FrameRate(25, 1), 104));
    assertEquals(2_160_000, PAL.from(new FrameRate(60, 1), 60L * 86400));
  }

  /**
   * The browser numbers pictures too, since it does so 25 times a second; its test has the same.
   */
  @Test
  void theBrowsersTimecodesAreTheSame() throws IOException {
    JsonNode known =
        new JsonMapper().readTree(Files.readString(Path.of("../web/src/cues/timecodes.json")));
    assertEquals(12, known.size());
    for (JsonNode one : known) {
      TimeBase base =
          new TimeBase(
              new FrameRate(one.path("pictures").asInt(), one.path("seconds").asInt()),
              one.path("dropFrame").asBoolean());
      assertEquals(one.path("timecode").asString(), base.timecode(one.path("picture").asLong()));
    }
  }
}
