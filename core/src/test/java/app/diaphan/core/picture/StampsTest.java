package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.raster.Bounds;
import java.awt.geom.AffineTransform;
import java.util.HashSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class StampsTest {
  static java.util.List<String> names() {
    return Stamps.names();
  }

  @ParameterizedTest
  @MethodSource("names")
  void eachIsABlackVectorThatFillsItsBox(String name) {
    VectorPicture stamp =
        assertInstanceOf(VectorPicture.class, PictureReader.read(name + ".svg", Stamps.svg(name)));
    int width = (int) Math.ceil(stamp.width());
    int height = (int) Math.ceil(stamp.height());
    float[] pixels =
        FigureDrawing.of(stamp.figures(new AffineTransform()), new Bounds(0, 0, width, height));
    int left = width;
    int right = 0;
    double ink = 0;
    for (int i = 0; i < width * height; i++) {
      float alpha = pixels[4 * i + 3];
      assertEquals(0, pixels[4 * i] + pixels[4 * i + 1] + pixels[4 * i + 2], 1e-6, "black");
      ink += alpha;
      if (alpha > 0.5) {
        left = Math.min(left, i % width);
        right = Math.max(right, i % width + 1);
      }
    }
    assertTrue(ink > 0.02 * width * height, name + " is drawn");
    assertTrue(right - left > 0.7 * width, name + " fills its box: " + left + " to " + right);
  }

  @Test
  void namesAreDifferentAndOthersAreRefused() {
    assertEquals(Stamps.names().size(), new HashSet<>(Stamps.names()).size());
    InvalidInput refused = assertThrows(InvalidInput.class, () -> Stamps.svg("../secret"));
    assertTrue(refused.getMessage().contains("no stamp"), refused.getMessage());
  }
}
