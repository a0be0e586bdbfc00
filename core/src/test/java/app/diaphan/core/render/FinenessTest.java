package app.diaphan.core.render;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** As many fine pixels for a display unit on every frame, as long as there are not too many. */
class FinenessTest {
  @ParameterizedTest(name = "{0} × {1} units, reaching {2}, {3} px a unit: {4} times")
  @CsvSource({
    "300, 60, 0, 1, 4",
    "300, 60, 0, 0.5, 8",
    "300, 60, 0, 2, 2",
    "300, 60, 0, 4, 1",
    "300, 60, 12, 1, 4", // What an outline reaches must not make the word coarser.
    "300, 60, 12, 2, 2",
    "300, 60, 200, 1, 1", // But it is not without end either.
    "700, 130, 0, 1, 2",
    "700, 300, 0, 1, 1"
  })
  void aPieceIsFinishedInFinePixels(
      int width, int height, double reach, double unit, int expected) {
    Bounds bounds = new Bounds(0, 0, (int) (width * unit) + 1, (int) (height * unit) + 1);
    List<Integer> asked = new ArrayList<>();
    PixelSilhouette silhouette =
        PixelSilhouette.of(
            Plane.clear(bounds),
            unit,
            unit,
            bounds,
            times -> {
              asked.add(times);
              return Plane.clear(bounds.finer(times));
            });
    Fineness.of(silhouette, reach, fine -> FinishLayers.NONE);
    assertEquals(expected == 1 ? List.of() : List.of(expected), asked);
  }
}
