package app.diaphan.core.photograph;

import app.diaphan.core.check.EdgeContrast;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;

/** What tests need of marks that nobody drew. */
final class MarkPictures {
  private MarkPictures() {}

  static EdgeContrast noEdges() {
    Bounds nothing = new Bounds(0, 0, 0, 0);
    return EdgeContrast.of(new Plane(nothing, new float[0]), nothing);
  }
}
