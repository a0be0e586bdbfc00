package app.diaphan.core.overlay.cutout;

import app.diaphan.core.Require;

/**
 * What is done to the edge of a cut-out, in pixels of the picture.
 *
 * @param grow how far it is moved outwards; inwards if negative
 * @param soften how far it fades
 * @param pinholes holes of fewer pixels than this are filled
 * @param specks parts of fewer pixels than this are dropped
 */
public record CutEdge(double grow, double soften, int pinholes, int specks) {
  public static final CutEdge AS_FOUND = new CutEdge(0, 0, 0, 0);
  public static final double FARTHEST = 20;
  public static final int MOST_PIXELS = 100_000;

  public CutEdge {
    Require.between(-FARTHEST, FARTHEST, grow, "How far the cut-out grows");
    Require.between(0, FARTHEST, soften, "How far the cut-out's edge is softened");
    Require.between(0, MOST_PIXELS, pinholes, "The pinholes of the cut-out");
    Require.between(0, MOST_PIXELS, specks, "The specks of the cut-out");
  }

  CutEdge scaled(double by) {
    return new CutEdge(
        Math.clamp(grow * by, -FARTHEST, FARTHEST),
        Math.min(FARTHEST, soften * by),
        area(pinholes, by),
        area(specks, by));
  }

  private static int area(int pixels, double by) {
    return (int) Math.min(MOST_PIXELS, Math.round(pixels * by * by));
  }
}
