package app.diaphan.bench;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Inset;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Relief;
import app.diaphan.core.overlay.finish.Rim;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.DoubleFunction;

/**
 * Whether a finish is the same at 1, 2 and 4 times the size: on serifs and on rounded letters with
 * a lamp beside them, on a piece and on a group as one, narrower and wider than the strokes.
 */
final class FinishTruthBench {
  private static final double[] WIDTHS = {2, 5, 12, 30};
  private static final int[] TIMES = {1, 2, 4};
  private static final Frame SMALLEST = Frame.of(1920, 1080);

  private FinishTruthBench() {}

  static List<Line> run(Demo demo) {
    List<Line> lines = new ArrayList<>();
    Renderer renderer = demo.renderer(0);
    for (var kind : kinds().entrySet()) {
      double mean = 0;
      double ninetyNinth = 0;
      String meanAt = "";
      String ninetyNinthAt = "";
      for (double width : WIDTHS) {
        for (Overlay overlay : finished(demo, kind.getValue().apply(width))) {
          RetargetBench.Difference worst = worst(renderer, overlay);
          String at = ", " + (int) width + " wide, " + overlay.name();
          if (worst.mean() > mean) {
            mean = worst.mean();
            meanAt = at;
          }
          if (worst.ninetyNinth() > ninetyNinth) {
            ninetyNinth = worst.ninetyNinth();
            ninetyNinthAt = at;
          }
        }
      }
      String name = "truth/finishes: " + kind.getKey();
      lines.add(Line.atMost(name + meanAt + ", mean", mean, "/255", 1));
      lines.add(Line.atMost(name + ninetyNinthAt + ", 99th of 100", ninetyNinth, "/255", 8));
    }
    return lines;
  }

  /** Of all pairs of sizes. */
  private static RetargetBench.Difference worst(Renderer renderer, Overlay overlay) {
    double mean = 0;
    double ninetyNinth = 0;
    double most = 0;
    for (int small : TIMES) {
      int width = SMALLEST.width() * small;
      int height = SMALLEST.height() * small;
      float[] drawn = renderer.render(overlay, Canvas.of(Frame.of(width, height))).pixels();
      for (int large : TIMES) {
        if (large > small) {
          Frame larger = Frame.of(SMALLEST.width() * large, SMALLEST.height() * large);
          RetargetBench.Difference difference =
              RetargetBench.difference(
                  drawn, Averaged.of(renderer.render(overlay, Canvas.of(larger)), width, height));
          mean = Math.max(mean, difference.mean());
          ninetyNinth = Math.max(ninetyNinth, difference.ninetyNinth());
          most = Math.max(most, difference.worst());
        }
      }
    }
    return new RetargetBench.Difference(mean, ninetyNinth, most);
  }

  /** A text by itself and a group of a text and a pierced plate, each with the finish alone. */
  private static List<Overlay> finished(Demo demo, Finish finish) {
    Look look = Look.PLAIN.withFinishes(List.of(finish));
    Overlay mark = demo.bundle().overlays().get("watermark.json");
    Overlay bug = demo.bundle().overlays().get("corner-bug.json");
    return List.of(
        Pieces.replaced(mark, "mark", piece -> piece.withLook(look)),
        Pieces.replaced(bug, "bug", piece -> piece.withLook(look)));
  }

  private static Map<String, DoubleFunction<Finish>> kinds() {
    Map<String, DoubleFunction<Finish>> kinds = new LinkedHashMap<>();
    for (Relief.Profile profile : Relief.Profile.values()) {
      kinds.put(
          "relief, " + profile.name().toLowerCase(Locale.ROOT).replace('_', ' '),
          width ->
              new Relief(
                  true, width, profile, 1.2, -120, 38, false, Colour.WHITE, 1, Colour.BLACK, 1, 1));
    }
    kinds.put("rim", reach -> new Rim(true, reach, 0.2, Colour.BLACK, 1));
    kinds.put("inset", reach -> new Inset(true, 60, reach / 3, reach, 0.2, Colour.BLACK, 1));
    for (Outline.Side side : Outline.Side.values()) {
      kinds.put(
          "outline, " + side.name().toLowerCase(Locale.ROOT),
          width ->
              new Outline(
                  true,
                  width,
                  side,
                  Outline.Corners.ROUND,
                  new Paint.Flat(Colour.BLACK),
                  1,
                  UnderFace.AUTOMATIC));
    }
    return kinds;
  }
}
