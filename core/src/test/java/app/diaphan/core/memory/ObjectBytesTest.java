package app.diaphan.core.memory;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

/** A key is weighed with all that it holds. */
class ObjectBytesTest {
  private record Point(double x, double y) {}

  private record Outline(String name, List<Point> points, TimeUnit unit, Optional<Point> pin) {}

  private static long of(int points, String name, Optional<Point> pin) {
    List<Point> all = Collections.nCopies(points, new Point(1, 2));
    return ObjectBytes.of(new Outline(name, all, TimeUnit.DAYS, pin));
  }

  @Test
  void everyPointAndEveryLetterCounts() {
    long none = of(0, "", Optional.empty());
    // A head, two numbers and what refers to it.
    assertEquals(40, of(1, "", Optional.empty()) - none);
    assertEquals(40_000, of(1000, "", Optional.empty()) - none);
    assertEquals(2 * 500, of(0, "a".repeat(500), Optional.empty()) - none);
    assertEquals(32, of(0, "", Optional.of(new Point(3, 4))) - none);
    assertTrue(none > 60 && none < 200, "the record itself: " + none);
  }

  @Test
  void collectionsAndNumbersCountInWhateverTheyLie() {
    assertTrue(ObjectBytes.of(new double[1000]) >= 8000);
    assertTrue(ObjectBytes.of(new byte[1000]) >= 1000);
    assertTrue(ObjectBytes.of(Map.of("a", new float[1000])) >= 4000);
    assertEquals(0, ObjectBytes.of(null));
    assertTrue(Memory.bytesOf("key") > ObjectBytes.of("key"), "and its place in the memory");
  }
}
