package app.diaphan.core.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;

class BandsTest {
  private static List<List<Integer>> bands(int top, int bottom, int width) {
    List<List<Integer>> bands = Collections.synchronizedList(new ArrayList<>());
    Bands.over(top, bottom, width, (from, to) -> bands.add(List.of(from, to)));
    return bands.stream().sorted(Comparator.comparing(List::getFirst)).toList();
  }

  @Test
  void fewPixelsAreOneBand() {
    assertEquals(List.of(List.of(5, 70)), bands(5, 70, 1000));
    assertEquals(List.of(List.of(-3, 65_532)), bands(-3, 65_532, 1));
    assertEquals(List.of(), bands(5, 5, 9_000_000));
    assertEquals(List.of(), bands(6, 5, 9_000_000));
  }

  @Test
  void manyAreSixteenBandsOfEightRowsAtLeast() {
    assertEquals(16, bands(0, 65_536, 1).size());
    List<List<Integer>> few = bands(5, 105, 1000);
    assertEquals(13, few.size());
    assertEquals(List.of(5, 13), few.getFirst());
    assertEquals(List.of(101, 105), few.getLast());
    List<List<Integer>> many = bands(10, 171, 100_000);
    assertEquals(15, many.size());
    assertEquals(List.of(10, 21), many.getFirst());
    assertEquals(List.of(164, 171), many.getLast());
    for (int i = 1; i < many.size(); i++) {
      assertEquals(many.get(i - 1).getLast(), many.get(i).getFirst());
    }
    // More values than an int counts.
    assertEquals(16, bands(0, 160_000, 100_000).size());
  }
}
