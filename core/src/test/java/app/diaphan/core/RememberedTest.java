package app.diaphan.core;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;

import org.junit.jupiter.api.Test;

class RememberedTest {
  @Test
  void whatWasNotUsedForLongestGoesFirst() {
    Remembered<String, int[]> remembered = new Remembered<>(30, made -> made.length);
    int[] first = remembered.of("first", () -> new int[10]);
    int[] second = remembered.of("second", () -> new int[10]);
    assertSame(first, remembered.of("first", () -> new int[10]));
    remembered.of("third", () -> new int[15]);
    assertSame(first, remembered.of("first", () -> new int[10]), "used since");
    assertNotSame(second, remembered.of("second", () -> new int[10]));
  }

  @Test
  void whatIsTooLargeIsMadeAgainAndPushesNothingOut() {
    Remembered<String, int[]> remembered = new Remembered<>(30, made -> made.length);
    int[] kept = remembered.of("kept", () -> new int[30]);
    int[] large = remembered.of("large", () -> new int[31]);
    assertEquals(31, large.length);
    assertNotSame(large, remembered.of("large", () -> new int[31]));
    assertSame(kept, remembered.of("kept", () -> new int[30]));
  }
}
