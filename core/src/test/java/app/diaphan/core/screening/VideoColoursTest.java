package app.diaphan.core.screening;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VideoColoursTest {
  private static float[] flat(int width, int height, float... rgb) {
    float[] all = new float[3 * width * height];
    for (int i = 0; i < all.length; i++) {
      all[i] = rgb[i % 3];
    }
    return all;
  }

  @ParameterizedTest
  @CsvSource({"0, 0, 0", "1, 1, 1", "1, 0, 0", "0.2, 0.7, 0.4", "0, 0, 1"})
  void flatColoursComeThrough(float red, float green, float blue) {
    float[] seen = VideoColours.of(flat(7, 5, red, green, blue), 7, 5);
    for (int i = 0; i < seen.length; i += 3) {
      assertEquals(red, seen[i], 0.009f);
      assertEquals(green, seen[i + 1], 0.009f);
      assertEquals(blue, seen[i + 2], 0.009f);
    }
  }

  @Test
  void greysHaveNoMoreThan220Levels() {
    float[] ramp = new float[3 * 1024];
    for (int i = 0; i < ramp.length; i++) {
      ramp[i] = i / 3 / 1023f;
    }
    float[] seen = VideoColours.of(ramp, 1024, 1);
    long levels =
        java.util.stream.IntStream.range(0, 1024).mapToObj(i -> seen[3 * i]).distinct().count();
    assertTrue(levels <= 221 && levels > 200, "levels " + levels);
  }

  @Test
  void aRedHairlineKeepsItsLumaAndLosesItsColour() {
    int width = 16;
    float[] line = flat(width, width, 0.5f, 0.5f, 0.5f);
    for (int y = 0; y < width; y++) {
      line[3 * (y * width + 8)] = 1;
      line[3 * (y * width + 8) + 1] = 0;
      line[3 * (y * width + 8) + 2] = 0;
    }
    float[] seen = VideoColours.of(line, width, width);
    int on = 3 * (8 * width + 8);
    assertTrue(seen[on] - seen[on + 1] < 0.7, "it is less red: " + seen[on] + " " + seen[on + 1]);
    int beside = 3 * (8 * width + 10);
    assertTrue(seen[beside] > seen[beside + 1] + 0.05, "the red has run out beside it");
    int far = 3 * (8 * width + 2);
    assertEquals(0.5, seen[far], 0.01);
  }
}
