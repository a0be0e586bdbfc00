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
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Words have to stand out from what is around them over every still. Along the letters' edges the
 * contrast is taken between a pixel inside and one outside, of the overlay laid over the still, by
 * WCAG 2.2; what counts is the 5th percentile, since words are read by all of their edges. Large
 * letters need 3 : 1 there.
 */
final class LegibilityCheck implements Check {
  static final double LEAST = 3;
  private static final double PERCENTILE = 0.05;

  /** Words thinner than this are a watermark, or are read by their edges: meant to be faint. */
  private static final double FAINT = 0.7;

  /** Edges looked at for one text. */
  private static final int MOST_EDGES = 1500;

  /** How far outside the letter what it stands against begins. */
  private static final int BESIDE = 2;

  /** Letters too thin to have whole pixels are taken by what they have most of. */
  private static final float[] INSIDE = {0.99f, 0.6f, 0.3f};

  private static final float OUTSIDE = 0.05f;

  @Override
  public List<Found> of(Proofed proofed) {
    List<Found> found = new ArrayList<>();
    proofed.shown().forEach(placed -> check(proofed, placed).ifPresent(found::add));
    return found;
  }

  private static Optional<Found> check(Proofed proofed, PlacedPiece placed) {
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
    int[] edges = {};
    for (int i = 0; i < INSIDE.length && edges.length == 0; i++) {
      edges = edges(coverage, INSIDE[i], canvas.width());
    }
    if (edges.length == 0) {
      return Optional.empty();
    }
    Bounds bounds = coverage.bounds().grown(BESIDE, BESIDE).within(canvas.bounds());
    float[] pixels = new float[4 * canvas.width() * bounds.height()];
    rendering.rows(bounds.top(), bounds.bottom(), pixels);
    double worst = Double.POSITIVE_INFINITY;
    String over = "";
    for (Still still : proofed.stills()) {
      double contrast = contrast(edges, pixels, bounds.top(), canvas, still);
      if (contrast < worst) {
        worst = contrast;
        over = still.name();
      }
    }
    return worst >= LEAST
        ? Optional.empty()
        : Optional.of(
            new Found(
                CheckKind.LEGIBILITY,
                true,
                placed.piece().id(),
                Sentence.of(
                    "\"%s\" stands out by %.1f : 1 over %s; %.0f : 1 is needed to read it.",
                    placed.piece().name(), worst, over, LEAST),
                "Give it a halo or a shadow, a plate behind it, or another colour."));
  }

  /** Places of a pixel inside a letter and one outside in turn, by row and column of the canvas. */
  private static int[] edges(Plane coverage, float inside, int width) {
    Bounds bounds = coverage.bounds();
    List<int[]> pairs = new ArrayList<>();
    for (int y = bounds.top(); y < bounds.bottom(); y++) {
      for (int x = bounds.left(); x < bounds.right(); x++) {
        if (coverage.at(x, y) >= inside) {
          addEdge(coverage, x, y, -BESIDE, 0, width, pairs);
          addEdge(coverage, x, y, BESIDE, 0, width, pairs);
          addEdge(coverage, x, y, 0, -BESIDE, width, pairs);
          addEdge(coverage, x, y, 0, BESIDE, width, pairs);
        }
      }
    }
    int step = Math.max(1, pairs.size() / MOST_EDGES);
    int[] places = new int[2 * ((pairs.size() + step - 1) / step)];
    for (int i = 0, at = 0; i < pairs.size(); i += step) {
      places[at++] = pairs.get(i)[0];
      places[at++] = pairs.get(i)[1];
    }
    return places;
  }

  private static void addEdge(
      Plane coverage, int x, int y, int right, int down, int width, List<int[]> pairs) {
    int ox = x + right;
    int oy = y + down;
    if (ox >= 0 && ox < width && oy >= 0 && coverage.at(ox, oy) <= OUTSIDE) {
      pairs.add(new int[] {y * width + x, oy * width + ox});
    }
  }

  private static double contrast(int[] edges, float[] pixels, int top, Canvas canvas, Still still) {
    PictureSampler sampler =
        new PictureSampler(
            still.picture(),
            AffineTransform.getScaleInstance(
                (double) canvas.width() / still.picture().width(),
                (double) canvas.height() / still.picture().height()),
            PictureSampler.Beyond.ITS_EDGE);
    double[] ratios = new double[edges.length / 2];
    float[] behind = new float[4];
    for (int i = 0; i < ratios.length; i++) {
      double inside = luminance(edges[2 * i], pixels, top, canvas, sampler, behind);
      double outside = luminance(edges[2 * i + 1], pixels, top, canvas, sampler, behind);
      ratios[i] = (Math.max(inside, outside) + 0.05) / (Math.min(inside, outside) + 0.05);
    }
    Arrays.sort(ratios);
    return ratios[(int) (PERCENTILE * (ratios.length - 1))];
  }

  private static double luminance(
      int place, float[] pixels, int top, Canvas canvas, PictureSampler sampler, float[] behind) {
    int x = place % canvas.width();
    int y = place / canvas.width();
    int at = 4 * ((y - top) * canvas.width() + x);
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
