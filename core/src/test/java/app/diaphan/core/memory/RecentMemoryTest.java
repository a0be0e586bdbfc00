package app.diaphan.core.memory;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;

import org.junit.jupiter.api.Test;

class RecentMemoryTest {
  @Test
  void whatWasNotUsedForLongestGoesFirst() {
    Remembered<String, int[]> remembered = new RecentMemory(30).kind(key -> 0, made -> made.length);
    int[] first = remembered.of("first", () -> new int[10]);
    int[] second = remembered.of("second", () -> new int[10]);
    assertSame(first, remembered.of("first", () -> new int[10]));
    remembered.of("third", () -> new int[15]);
    assertSame(first, remembered.of("first", () -> new int[10]), "used since");
    assertNotSame(second, remembered.of("second", () -> new int[10]));
  }

  @Test
  void whatIsTooLargeIsMadeAgainAndPushesNothingOut() {
    Remembered<String, int[]> remembered = new RecentMemory(30).kind(key -> 0, made -> made.length);
    int[] kept = remembered.of("kept", () -> new int[30]);
    int[] large = remembered.of("large", () -> new int[31]);
    assertEquals(31, large.length);
    assertNotSame(large, remembered.of("large", () -> new int[31]));
    assertSame(kept, remembered.of("kept", () -> new int[30]));
  }

  @Test
  void kindsShareTheBoundButNotTheirKeys() {
    RecentMemory memory = new RecentMemory(30);
    Remembered<String, int[]> some = memory.kind(key -> 0, made -> made.length);
    Remembered<String, int[]> others = memory.kind(key -> 0, made -> made.length);
    int[] one = some.of("same", () -> new int[20]);
    int[] other = others.of("same", () -> new int[5]);
    assertSame(one, some.of("same", () -> new int[20]));
    assertSame(other, others.of("same", () -> new int[5]));
    others.of("large", () -> new int[15]);
    assertNotSame(one, some.of("same", () -> new int[20]), "not used for longest");
  }

  @Test
  void keysAreWeighedToo() {
    Remembered<String, int[]> remembered =
        new RecentMemory(30).kind(String::length, made -> made.length);
    int[] first = remembered.of("a".repeat(20), () -> new int[1]);
    remembered.of("b".repeat(20), () -> new int[1]);
    assertNotSame(first, remembered.of("a".repeat(20), () -> new int[1]));
  }
}
