package app.diaphan.core.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.api.Test;

class NormalDistanceTest {
  /** The normal distribution's integral up to a place, by Simpson's rule. */
  private static double below(double place) {
    double sum = 0;
    int steps = 2000;
    double step = place / steps;
    for (int i = 0; i < steps; i++) {
      double from = i * step;
      sum += density(from) + 4 * density(from + step / 2) + density(from + step);
    }
    return 0.5 + sum * step / 6;
  }

  private static double density(double place) {
    return Math.exp(-place * place / 2) / Math.sqrt(2 * Math.PI);
  }

  @Test
  void theDistanceOfACoverageIsWhereTheIntegralHasIt() {
    NormalDistance table = NormalDistance.table();
    for (double place = -2.5; place <= 2.5; place += 0.01) {
      // Far out a step of the table is a longer way.
      double within = Math.abs(place) < 2 ? 2e-4 : 2e-3;
      assertEquals(place, table.of((float) below(place)), within, "place " + place);
    }
    assertEquals(0, table.of(0.5f), 1e-4);
  }

  @Test
  void nothingIsFartherThanThreeDeviations() {
    NormalDistance table = NormalDistance.table();
    assertEquals(-3, table.of(0));
    assertEquals(3, table.of(1));
    assertEquals(-3, table.of(-1));
    assertEquals(3, table.of(2));
    for (float coverage = 0; coverage < 1; coverage += 1 / 9000f) {
      double one = table.of(coverage);
      assertEquals(-one, table.of(1 - coverage), 0.01, "coverage " + coverage);
    }
  }
}
