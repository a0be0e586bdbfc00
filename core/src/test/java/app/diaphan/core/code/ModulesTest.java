package app.diaphan.core.code;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Codes are read back by a library that shares nothing with the one that makes them. */
class ModulesTest {
  private static final int EACH = 5;

  /** A plain picture of a code with its rim, a few pixels for each module. */
  private static Optional<String> read(Modules modules) {
    int side = (modules.side() + 2 * Modules.QUIET) * EACH;
    int[] rgb = new int[side * side];
    for (int y = 0; y < side; y++) {
      for (int x = 0; x < side; x++) {
        boolean dark = modules.dark(x / EACH - Modules.QUIET, y / EACH - Modules.QUIET);
        rgb[y * side + x] = dark ? 0 : 0xffffff;
      }
    }
    return ReadCode.in(rgb, side, side);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "https://lantern-reach.example/skippers/17",
        "LANTERN REACH 2026",
        "20261202",
        "Márta Ősz · 三番 · ليلى 🎏",
        "a"
      })
  void whatIsWrittenIsRead(String words) {
    for (Correction correction : Correction.values()) {
      assertEquals(Optional.of(words), read(Modules.of(words, correction)), correction.name());
    }
  }

  @ParameterizedTest
  @CsvSource({"L,2953", "M,2331", "Q,1663", "H,1273"})
  void asMuchIsHeldAsTheStandardSays(Correction correction, int bytes) {
    Modules most = Modules.of("x".repeat(bytes), correction);
    assertEquals(177, most.side());
    assertEquals(Optional.of("x".repeat(bytes)), read(most));
    InvalidInput refused =
        assertThrows(InvalidInput.class, () -> Modules.of("x".repeat(bytes + 1), correction));
    assertTrue(
        refused.getMessage().contains("take " + (bytes + 1) + " bytes"), refused::getMessage);
    assertTrue(refused.getMessage().contains("about " + bytes), refused::getMessage);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "  ", "\n"})
  void nothingIsNoCode(String words) {
    assertThrows(InvalidInput.class, () -> Modules.of(words, Correction.M));
  }

  @Test
  void moreCorrectionMakesMoreModules() {
    int[] sides =
        Arrays.stream(Correction.values())
            .mapToInt(correction -> Modules.of("z".repeat(200), correction).side())
            .toArray();
    assertTrue(sides[0] < sides[1] && sides[1] < sides[2] && sides[2] < sides[3]);
  }

  @ParameterizedTest
  @EnumSource
  void itIsReadWithHalfOfWhatMayBeLostHidden(Correction correction) {
    Modules modules = Modules.of("https://lantern-reach.example/skippers/17", correction);
    int side = (modules.side() + 2 * Modules.QUIET) * EACH;
    int[] rgb = new int[side * side];
    // A light patch in the middle, away from what a camera finds the code by.
    double patch = Math.sqrt(correction.share() / 2) * modules.side() / 2;
    double middle = modules.side() / 2.0;
    for (int y = 0; y < side; y++) {
      for (int x = 0; x < side; x++) {
        double column = (double) x / EACH - Modules.QUIET;
        double row = (double) y / EACH - Modules.QUIET;
        boolean hidden = Math.abs(column - middle) < patch && Math.abs(row - middle) < patch;
        boolean dark = modules.dark((int) Math.floor(column), (int) Math.floor(row));
        rgb[y * side + x] = dark && !hidden ? 0 : 0xffffff;
      }
    }
    assertEquals(
        Optional.of("https://lantern-reach.example/skippers/17"), ReadCode.in(rgb, side, side));
  }

  @ParameterizedTest
  @ValueSource(strings = {"a", "https://lantern-reach.example/", "Lantern Reach Regatta, the 41st"})
  void theOutlineIsJustTheDarkModules(String words) {
    Modules modules = Modules.of(words, Correction.Q);
    Shape outline = modules.outline();
    int dark = 0;
    for (int row = -1; row <= modules.side(); row++) {
      for (int column = -1; column <= modules.side(); column++) {
        dark += modules.dark(column, row) ? 1 : 0;
        for (double inset : new double[] {0.01, 0.5, 0.99}) {
          assertEquals(
              modules.dark(column, row),
              outline.contains(column + inset, row + inset),
              column + ", " + row);
        }
      }
    }
    assertEquals(dark, area(outline), 1e-9, "holes go the other way and nothing is walked twice");
  }

  /** A code has hundreds of modules; all edges between dark ones are gone. */
  @Test
  void modulesThatTouchMakeOneOutline() {
    Modules modules = Modules.of("https://lantern-reach.example/", Correction.M);
    double edges = 0;
    for (int row = 0; row <= modules.side(); row++) {
      for (int column = 0; column <= modules.side(); column++) {
        edges += modules.dark(column, row) != modules.dark(column - 1, row) ? 1 : 0;
        edges += modules.dark(column, row) != modules.dark(column, row - 1) ? 1 : 0;
      }
    }
    assertEquals(edges, length(modules.outline()), 1e-9);
  }

  /** By the surveyor's formula. */
  private static double area(Shape outline) {
    double[] twice = {0};
    forEachEdge(outline, (x, y, toX, toY) -> twice[0] += x * toY - toX * y);
    return twice[0] / 2;
  }

  private static double length(Shape outline) {
    double[] length = {0};
    forEachEdge(outline, (x, y, toX, toY) -> length[0] += Math.hypot(toX - x, toY - y));
    return length[0];
  }

  private interface Edge {
    void between(double x, double y, double toX, double toY);
  }

  private static void forEachEdge(Shape outline, Edge edge) {
    double[] at = new double[6];
    double[] start = new double[2];
    double[] last = new double[2];
    for (PathIterator path = outline.getPathIterator(null); !path.isDone(); path.next()) {
      switch (path.currentSegment(at)) {
        case PathIterator.SEG_MOVETO -> {
          start = at.clone();
          last = at.clone();
        }
        case PathIterator.SEG_LINETO -> {
          edge.between(last[0], last[1], at[0], at[1]);
          last = at.clone();
        }
        default -> edge.between(last[0], last[1], start[0], start[1]);
      }
    }
  }
}
