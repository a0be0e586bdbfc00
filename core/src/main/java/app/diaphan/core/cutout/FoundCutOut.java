package app.diaphan.core.cutout;

import app.diaphan.core.overlay.cutout.CutEdge;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.RasterPicture;

/** How a picture is best cut out by its colour, as far as the picture itself tells. */
public final class FoundCutOut {
  /** What a clean picture's ground differs by at most. */
  private static final double TOLERANCE = 0.03;

  private static final double MOST_TOLERANCE = 0.25;

  /** Noise of a normal distribution hardly ever strays so many deviations. */
  private static final double STRAYS = 6;

  /** A little noise is kept clear of with more room, up to this. */
  private static final double ROOMY = 0.12;

  /** Edges may be as wide as packing and scanning make them. */
  private static final double SOFTNESS = 6;

  /** Noise would be taken for a part of wide edges. */
  private static final double NOISY_SOFTNESS = 3;

  /** What is white in an outline lies close to the ground. */
  private static final double OUTLINE_SOFTNESS = 1.5;

  /** From this share of the picture on a shadow is one, and not what packing left. */
  private static final double SHADOW = 0.01;

  /** Smaller parts than this are no part of a mark that came with noise. */
  private static final int SPECKS = 12;

  private FoundCutOut() {}

  /** Its ground's colour taken out, with the values that its border's noise asks for. */
  public static CutOut.ByColour byColour(RasterPicture picture) {
    Ground ground = Ground.ofBorder(picture);
    boolean noisy = ground.noise() > ColourCut.NOISY;
    double room = Math.min(ROOMY, 2 * STRAYS * ground.noise());
    double tolerance =
        Math.clamp(Math.max(room, STRAYS * ground.noise()), TOLERANCE, MOST_TOLERANCE);
    boolean outlined = Enclosed.areArt(picture, ground, tolerance);
    CutOut.ByColour plain =
        new CutOut.ByColour(
            new CutOut.GroundColour.OfBorder(),
            outlined ? Math.max(ROOMY, tolerance) : Math.rint(100 * tolerance) / 100,
            outlined ? OUTLINE_SOFTNESS : noisy && !ground.bent() ? NOISY_SOFTNESS : SOFTNESS,
            outlined ? CutOut.GroundReach.FROM_BORDER : CutOut.GroundReach.EVERYWHERE,
            CutOut.SoftParts.SOLID,
            noisy ? new CutEdge(0, 0, 0, SPECKS) : CutEdge.AS_FOUND);
    return ColourCut.shadow(picture, plain) > SHADOW
        ? plain.withSoftParts(CutOut.SoftParts.THIN)
        : plain;
  }
}
