package app.diaphan.core.cutout;

import app.diaphan.core.overlay.cutout.CutEdge;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.RasterPicture;

/** How a picture is best cut out by its colour, as far as the picture itself tells. */
public final class FoundCutOut {
  /** What a clean picture's ground differs by at most, with what is lost by packing. */
  private static final double TOLERANCE = 0.06;

  private static final double MOST_TOLERANCE = 0.25;

  /** Noise of a normal distribution hardly ever strays so many deviations. */
  private static final double STRAYS = 6;

  private static final double SOFTNESS = 2;

  /** A noisy picture's edges are wider, and so are a scan's. */
  private static final double NOISY_SOFTNESS = 3;

  private static final double NOISY = 0.004;

  /** From this share of the picture on a shadow is one, and not what packing left. */
  private static final double SHADOW = 0.01;

  /** Smaller parts than this are no part of a mark that came with noise. */
  private static final int SPECKS = 12;

  private FoundCutOut() {}

  /** Its ground's colour taken out, with the values that its border's noise asks for. */
  public static CutOut.ByColour byColour(RasterPicture picture) {
    Ground ground = Ground.ofBorder(picture);
    boolean noisy = ground.noise() > NOISY;
    double tolerance = Math.min(MOST_TOLERANCE, Math.max(TOLERANCE, STRAYS * ground.noise()));
    CutOut.ByColour plain =
        new CutOut.ByColour(
            new CutOut.GroundColour.OfBorder(),
            Math.rint(100 * tolerance) / 100,
            noisy ? NOISY_SOFTNESS : SOFTNESS,
            Enclosed.areArt(picture, ground, tolerance)
                ? CutOut.GroundReach.FROM_BORDER
                : CutOut.GroundReach.EVERYWHERE,
            CutOut.SoftParts.SOLID,
            noisy ? new CutEdge(0, 0, 0, SPECKS) : CutEdge.AS_FOUND);
    return ColourCut.shadow(picture, plain) > SHADOW
        ? plain.withSoftParts(CutOut.SoftParts.THIN)
        : plain;
  }
}
