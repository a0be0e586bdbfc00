package app.diaphan.bench;

import app.diaphan.core.cutout.CutOuts;
import app.diaphan.core.cutout.FoundCutOut;
import app.diaphan.core.overlay.cutout.CutEdge;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.CutOut.GroundReach;
import app.diaphan.core.picture.RasterPicture;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How far the twelve marks of {@link Logos} are off once they are cut out as Diaphan proposes, with
 * nobody's help, against the best of many settings by hand and a careful plain un-mixing.
 */
final class LogoBench {
  private static final float[] BACKDROPS = {0, 0.5f, 1};
  private static final List<String> NOISY = List.of("gradient type with noise", "scan");
  private static final float SEEN = 1f / 255;
  private static final float EDGE = 0.02f;

  /** In 255ths: a tolerance that only pays on one of the twelve may be so much better there. */
  private static final double NOTHING = 0.02;

  private LogoBench() {}

  /**
   * In 255ths, at the worst of black, grey and white.
   *
   * @param mean over all that is drawn or left
   * @param fringe the 99th of 100 along the edges and in all that is thin
   */
  record Off(double mean, double fringe) {}

  static List<Line> run(Demo demo) throws Exception {
    List<Line> lines = new ArrayList<>();
    for (Logos.Logo logo : Logos.all(demo.renderer(0))) {
      Off proposed =
          off(logo, pixels(CutOuts.of(logo.given(), FoundCutOut.byColour(logo.given()))));
      double best = Double.POSITIVE_INFINITY;
      for (CutOut how : byHand()) {
        best = Math.min(best, off(logo, pixels(CutOuts.of(logo.given(), how))).mean());
      }
      double plain =
          Math.min(
              off(logo, PlainUnmixing.byLeastAlpha(logo.given())).mean(),
              off(logo, PlainUnmixing.byStrongest(logo.given())).mean());
      String name = "truth/cut-outs: " + logo.name();
      lines.add(
          Line.atMost(
              name + ", mean",
              proposed.mean(),
              "/255",
              Math.ceil(100 * (Math.min(best, plain) + NOTHING)) / 100));
      if (NOISY.contains(logo.name())) {
        lines.add(Line.atMost(name + ", 99th of 100 of its edges", proposed.fringe(), "/255", 12));
      }
    }
    return lines;
  }

  /** What a hand would try, with shadows and glows taken as they were before they could be thin. */
  private static List<CutOut> byHand() {
    List<CutOut> ways = new ArrayList<>();
    for (double tolerance : new double[] {0.03, 0.06, 0.12, 0.2}) {
      for (double softness : new double[] {1.5, 2, 3, 6}) {
        for (GroundReach reach : GroundReach.values()) {
          ways.add(
              new CutOut.ByColour(
                  new CutOut.GroundColour.OfBorder(),
                  tolerance,
                  softness,
                  reach,
                  CutOut.SoftParts.SOLID,
                  CutEdge.AS_FOUND));
        }
      }
    }
    for (double low : new double[] {0, 0.02, 0.05}) {
      for (double high : new double[] {0.6, 0.8, 1}) {
        ways.add(
            new CutOut.ByBrightness(
                new CutOut.GroundColour.OfBorder(), low, high, 1, CutEdge.AS_FOUND));
      }
    }
    return ways;
  }

  private static float[] pixels(RasterPicture picture) {
    float[] pixels = new float[picture.valueCount()];
    for (int i = 0; i < pixels.length; i++) {
      pixels[i] = picture.value(i);
    }
    return pixels;
  }

  private static Off off(Logos.Logo logo, float[] cut) {
    float[] truth = logo.truth();
    float[] fringe = new float[truth.length / 4];
    int edges = 0;
    double sum = 0;
    int count = 0;
    for (int at = 0; at < truth.length; at += 4) {
      float off = 0;
      for (float backdrop : BACKDROPS) {
        for (int c = 0; c < 3; c++) {
          float is = cut[at + c] + (1 - cut[at + 3]) * backdrop;
          float be = truth[at + c] + (1 - truth[at + 3]) * backdrop;
          off = Math.max(off, 255 * Math.abs(is - be));
        }
      }
      if (truth[at + 3] > SEEN || cut[at + 3] > SEEN) {
        sum += off;
        count++;
      }
      if (truth[at + 3] > EDGE && truth[at + 3] < 1 - EDGE) {
        fringe[edges++] = off;
      }
    }
    Arrays.sort(fringe, 0, edges);
    return new Off(count == 0 ? 0 : sum / count, edges == 0 ? 0 : fringe[(int) (0.99 * edges)]);
  }
}
