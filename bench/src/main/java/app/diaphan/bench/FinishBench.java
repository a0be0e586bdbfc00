package app.diaphan.bench;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.Inset;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Relief;
import app.diaphan.core.overlay.finish.Rim;
import app.diaphan.core.overlay.finish.Shadow;
import app.diaphan.core.overlay.finish.Soften;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleFunction;

/**
 * Each finish alone, at two reaches and on two sizes of piece: what it costs, that the cost grows
 * no faster than the area, and that it does not grow with the reach.
 */
final class FinishBench {
  private static final Frame FRAME = Frame.of(1920, 1080);
  private static final double SHORT = 8;
  private static final double LONG = 32;

  /**
   * Drawn on a band along the edge alone, which has four times the area at four times the reach.
   */
  private static final Set<String> BANDS = Set.of("rim", "relief");

  private FinishBench() {}

  static List<Line> run(Demo demo) throws Exception {
    Renderer renderer = demo.renderer(0);
    List<Line> lines = new ArrayList<>();
    for (var kind : kinds().entrySet()) {
      double smallShort = cost(renderer, kind.getValue().apply(SHORT), 400, 200);
      double smallLong = cost(renderer, kind.getValue().apply(LONG), 400, 200);
      double largeShort = cost(renderer, kind.getValue().apply(SHORT), 1600, 800);
      double largeLong = cost(renderer, kind.getValue().apply(LONG), 1600, 800);
      String name = "finish/" + kind.getKey() + ", ";
      lines.add(Line.atMost(name + "400 × 200 px, reach 8", smallShort, "ms", 10));
      lines.add(Line.atMost(name + "400 × 200 px, reach 32", smallLong, "ms", 10));
      lines.add(Line.atMost(name + "1600 × 800 px, reach 8", largeShort, "ms", 160));
      lines.add(Line.atMost(name + "1600 × 800 px, reach 32", largeLong, "ms", 160));
      // The large piece has 16 times the area.
      lines.add(Line.atMost(name + "16 times the area", largeShort / smallShort, "times", 20));
      lines.add(
          Line.atMost(
              name + "4 times the reach",
              largeLong / largeShort,
              "times",
              BANDS.contains(kind.getKey()) ? 4 : 1.6));
    }
    return lines;
  }

  private static Map<String, DoubleFunction<Finish>> kinds() {
    Map<String, DoubleFunction<Finish>> kinds = new LinkedHashMap<>();
    UnderFace under = UnderFace.AUTOMATIC;
    Colour dark = Colour.BLACK;
    kinds.put(
        "outline",
        reach ->
            new Outline(
                true,
                reach,
                Outline.Side.CENTRED,
                Outline.Corners.ROUND,
                new Paint.Flat(dark),
                1,
                under));
    kinds.put("halo", reach -> new Halo(true, reach, 0.2, dark, 1, under));
    kinds.put("shadow", reach -> new Shadow(true, 60, reach / 3, reach, 0.2, dark, 1, under));
    kinds.put("inset", reach -> new Inset(true, 60, reach / 3, reach, 0.2, dark, 1));
    kinds.put("rim", reach -> new Rim(true, reach, 0.2, dark, 1));
    kinds.put(
        "relief",
        reach ->
            new Relief(
                true,
                reach,
                Relief.Profile.ROUND,
                1,
                -120,
                40,
                false,
                Colour.WHITE,
                1,
                dark,
                1,
                1));
    kinds.put("soften", reach -> new Soften(true, reach, Soften.Side.BOTH));
    return kinds;
  }

  /** What the finish adds to drawing a plain ellipse, in milliseconds. */
  private static double cost(Renderer renderer, Finish finish, double width, double height)
      throws Exception {
    double plain = time(renderer, width, height, List.of());
    return Math.max(0.001, time(renderer, width, height, List.of(finish)) - plain);
  }

  /** Each time of another width, or what is still in use would be taken again. */
  private static double time(Renderer renderer, double width, double height, List<Finish> finishes)
      throws Exception {
    return Clock.median(
        25,
        turn ->
            renderer.render(
                overlay(width + 0.001 * (turn + 1), height, finishes), Canvas.of(FRAME)));
  }

  private static Overlay overlay(double width, double height, List<Finish> finishes) {
    PlatePiece plate =
        new PlatePiece(
            "plate",
            "Plate",
            true,
            false,
            Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0),
            new PlateShape.Ellipse(),
            width,
            height,
            Backing.NOTHING,
            new Paint.Flat(Colour.parse("#124b5c")),
            Look.PLAIN.withFinishes(finishes));
    return new Overlay("Finish", FRAME, List.of(plate));
  }
}
