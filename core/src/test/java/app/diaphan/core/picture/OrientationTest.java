package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** By the table of EXIF 2.3, tag 274: on which side one sees the first row and the first column. */
class OrientationTest {
  private static final int WIDTH = 5;
  private static final int HEIGHT = 3;

  @ParameterizedTest
  @CsvSource({
    "1, top, left",
    "2, top, right",
    "3, bottom, right",
    "4, bottom, left",
    "5, left, top",
    "6, right, top",
    "7, right, bottom",
    "8, left, bottom"
  })
  void theFirstRowAndColumnAreSeenWhereTheTagSays(int tag, String row, String column) {
    Orientation orientation = Orientation.ofTag(tag);
    assertEquals(tag > 4, orientation.sideways());
    for (int i = 0; i < HEIGHT; i++) {
      assertEquals(0, stored(orientation, row, i)[1], "row at " + i);
      assertEquals(0, stored(orientation, column, i)[0], "column at " + i);
    }
  }

  /** Where a pixel of an upright picture's side is stored. */
  private static int[] stored(Orientation orientation, String side, int along) {
    int x =
        switch (side) {
          case "left" -> 0;
          case "right" -> WIDTH - 1;
          default -> along;
        };
    int y =
        switch (side) {
          case "top" -> 0;
          case "bottom" -> HEIGHT - 1;
          default -> along;
        };
    return new int[] {
      orientation.storedX(x, y, WIDTH, HEIGHT), orientation.storedY(x, y, WIDTH, HEIGHT)
    };
  }

  @Test
  void numbersThatMeanNothingAreUpright() {
    assertEquals(Orientation.UPRIGHT, Orientation.ofTag(0));
    assertEquals(Orientation.UPRIGHT, Orientation.ofTag(9));
  }
}
