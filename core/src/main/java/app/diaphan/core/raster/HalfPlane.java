package app.diaphan.core.raster;

/**
 * How much of a pixel lies on one side of a straight edge. The covered share grows as the integral
 * of a trapezoid: the profile of a box seen along the edge.
 */
final class HalfPlane {
  private HalfPlane() {}

  /**
   * @param distance of the pixel's middle from the edge, positive within what is covered
   * @param halfX half the pixel's extent along the edge's normal that comes from its width
   * @param halfY the same from its height
   * @return the covered share, 0–1
   */
  static double covered(double distance, double halfX, double halfY) {
    double major = Math.max(halfX, halfY);
    double minor = Math.min(halfX, halfY);
    double away = Math.abs(distance);
    double share;
    if (away >= major + minor) {
      share = 0.5;
    } else if (away <= major - minor) {
      share = away / (2 * major);
    } else {
      double rest = major + minor - away;
      share = 0.5 - rest * rest / (8 * major * minor);
    }
    return 0.5 + Math.copySign(share, distance);
  }
}
