package app.diaphan.core.ornament;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.PathData;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.Plane;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class OrnamentShelfTest {
  static List<Ornament> all() {
    return OrnamentShelf.all();
  }

  @ParameterizedTest
  @MethodSource("all")
  void aPlateTakesItAndItFillsItsBox(Ornament ornament) {
    new PlateShape.Drawn(ornament.path(), false); // Throws if it cannot be read.
    Rectangle2D box = PathData.read(ornament.path(), false).getBounds2D();
    assertEquals(0, box.getX(), 1e-3);
    assertEquals(0, box.getY(), 1e-3);
    assertEquals(1, box.getMaxX(), 1e-3);
    assertEquals(1, box.getMaxY(), 1e-3);
    assertTrue(ornament.width() > 0.1 && ornament.width() < 60, "width " + ornament.width());
  }

  @ParameterizedTest
  @MethodSource("all")
  void itIsInkedButNotAllOver(Ornament ornament) {
    AffineTransform toPixels = AffineTransform.getScaleInstance(200, 200);
    Plane plane =
        Coverage.of(
            toPixels.createTransformedShape(PathData.read(ornament.path(), false)),
            new Bounds(0, 0, 200, 200));
    double sum = 0;
    for (float value : plane.values()) {
      sum += value;
    }
    double share = sum / (200 * 200);
    assertTrue(share > 0.04 && share < 0.9, "inked share " + share);
  }

  @Test
  void allAreFoundByNamesOfTheirOwn() {
    List<String> names = all().stream().map(Ornament::name).toList();
    assertEquals(names.size(), names.stream().map(String::toLowerCase).distinct().count());
    assertEquals(
        all().size(), all().stream().map(Ornament::path).collect(Collectors.toSet()).size());
    assertTrue(names.size() >= 10);
  }
}
