package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.Plane;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Rendering;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Words have to stand out from what is around them over every still, by their {@link EdgeContrast}.
 * Large letters need 3 : 1 there.
 */
final class LegibilityCheck implements Check {
  static final double LEAST = 3;

  /** Words thinner than this are a watermark, or are read by their edges: meant to be faint. */
  private static final double FAINT = 0.7;

  @Override
  public List<Finding> of(Proofed proofed) {
    List<Finding> found = new ArrayList<>();
    proofed.shown().forEach(placed -> check(proofed, placed).ifPresent(found::add));
    return found;
  }

  private static Optional<Finding> check(Proofed proofed, PlacedPiece placed) {
    return worst(proofed, placed)
        .filter(worst -> worst.ratio() < LEAST)
        .map(
            worst ->
                new Finding(
                    CheckKind.LEGIBILITY,
                    true,
                    placed.piece().id(),
                    Sentence.of(
                        "\"%s\" stands out by %.1f : 1 over %s; %.0f : 1 is needed to read it.",
                        placed.piece().name(), worst.ratio(), worst.over(), LEAST),
                    "Give it a halo or a shadow, a plate behind it, or another colour."));
  }

  /**
   * How little words stand out at worst.
   *
   * @param ratio by WCAG 2.2, 1–21
   * @param over the name of the still
   */
  record Worst(double ratio, String over) {}

  /** Nothing for what is not there to be read, or not on the frame. */
  static Optional<Worst> worst(Proofed proofed, PlacedPiece placed) {
    if (!(placed.content() instanceof Content.Lettered letters)
        || placed.piece().look().punch() != Punch.NONE
        || proofed.solidity(placed) < FAINT) {
      return Optional.empty();
    }
    Rendering rendering = proofed.rendering();
    Canvas canvas = rendering.canvas();
    Plane coverage =
        Coverage.of(
            placed.toPixels().createTransformedShape(letters.set().outline()), canvas.bounds());
    EdgeContrast edges = EdgeContrast.of(coverage, canvas.bounds());
    if (edges.none()) {
      return Optional.empty();
    }
    Bounds bounds =
        coverage.bounds().grown(EdgeContrast.BESIDE, EdgeContrast.BESIDE).within(canvas.bounds());
    float[] pixels = new float[4 * canvas.width() * bounds.height()];
    rendering.rows(bounds.top(), bounds.bottom(), pixels);
    return proofed.stills().stream()
        .map(still -> new Worst(contrast(edges, pixels, bounds.top(), canvas, still), still.name()))
        .min(Comparator.comparingDouble(Worst::ratio));
  }

  private static double contrast(
      EdgeContrast edges, float[] pixels, int top, Canvas canvas, Still still) {
    return edges.over(new OverStill(pixels, top, canvas.width(), still.on(canvas), new float[4]));
  }

  /**
   * Pixels as they are seen over a still.
   *
   * @param top the row that the pixels begin with
   * @param behind the still's pixel at hand
   */
  private record OverStill(
      float[] pixels, int top, int width, PictureSampler sampler, float[] behind)
      implements EdgeContrast.Luminance {
    @Override
    public double at(int x, int y) {
      int at = 4 * ((y - top) * width + x);
      if (at < 0 || at >= pixels.length) {
        return 0;
      }
      float rest = 1 - pixels[at + 3];
      if (rest <= 0) {
        return Contrast.luminance(
            pixels[at], pixels[at + 1], pixels[at + 2]); // Nothing shows through.
      }
      sampler.sample(x, y, behind, 0);
      return Contrast.luminance(
          pixels[at] + behind[0] * rest,
          pixels[at + 1] + behind[1] * rest,
          pixels[at + 2] + behind[2] * rest);
    }
  }
}
