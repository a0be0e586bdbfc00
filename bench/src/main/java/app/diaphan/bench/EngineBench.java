package app.diaphan.bench;

import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.raster.Bands;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.GaussianBlur;
import app.diaphan.core.raster.Outlines;
import app.diaphan.core.raster.Plane;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;

/** Drawing: how exact, and how fast with nothing remembered and after one change. */
final class EngineBench {
  private static final Bounds CLIP = new Bounds(0, 0, 64, 64);

  private EngineBench() {}

  static List<Line> run(Demo demo) throws Exception {
    Overlay overlay = demo.lowerThird();
    Canvas hd = Canvas.of(overlay.frame());
    Canvas uhd = Canvas.of(Frame.of(3840, 2160));
    double cold = Clock.median(40, turn -> drawn(demo.renderer(0), overlay, hd));
    Renderer remembering = demo.renderer(256L << 20);
    double changed =
        Clock.median(60, turn -> drawn(remembering, renamed(overlay, "Skipper " + turn), hd));
    double drawnHd = Clock.median(40, turn -> drawn(demo.renderer(0), overlay, hd));
    double drawnUhd = Clock.median(20, turn -> drawn(demo.renderer(0), overlay, uhd));
    return List.of(
        Line.atMost(
            "engine/coverage of half-planes, worst error × 1024", 1024 * halfPlanes(), "", 1),
        Line.atMost("engine/coverage of circles, worst error × 256", 256 * circles(), "", 1),
        Line.atMost("engine/blur, worst error of the peak", 100 * blur(), "%", 1),
        Line.atMost("engine/lower third 1080p, nothing remembered", cold, "ms", 40),
        Line.atMost("engine/lower third 1080p, after its words change", changed, "ms", 16),
        Line.atMost(
            "engine/lower third 2160p for 1080p, drawn rows", drawnUhd / drawnHd, "times", 5));
  }

  /** Draws an overlay and puts every row together that is drawn on. */
  private static void drawn(Renderer renderer, Overlay overlay, Canvas canvas) {
    var rendering = renderer.render(overlay, canvas);
    Bands.over(
        rendering.drawn().top(),
        rendering.drawn().bottom(),
        canvas.width(),
        (top, bottom) ->
            rendering.rows(top, bottom, new float[4 * canvas.width() * (bottom - top)]));
  }

  static Overlay renamed(Overlay overlay, String words) {
    return Pieces.replaced(overlay, "name", piece -> ((TextPiece) piece).withWords(words));
  }

  /** Against the area of the pixel on the plane's side of its border, by clipping. */
  private static double halfPlanes() {
    double worst = 0;
    for (double degrees = 0; degrees < 180; degrees += 3.7) {
      Path2D plane = new Path2D.Double(new Rectangle2D.Double(-500, 0.3, 1000, 900));
      plane.transform(AffineTransform.getRotateInstance(Math.toRadians(degrees)));
      plane.transform(AffineTransform.getTranslateInstance(31.7, 29.1));
      Plane coverage = Coverage.of(plane, CLIP);
      double nx = -Math.sin(Math.toRadians(degrees));
      double ny = Math.cos(Math.toRadians(degrees));
      double offset = 31.7 * nx + 29.1 * ny + 0.3;
      for (int y = 0; y < 64; y++) {
        for (int x = 0; x < 64; x++) {
          double expected = shareInside(x, y, nx, ny, offset);
          worst = Math.max(worst, Math.abs(expected - coverage.at(x, y)));
        }
      }
    }
    return worst;
  }

  /** The share of a pixel where {@code x nx + y ny > offset}: the chord integrated exactly. */
  private static double shareInside(int px, int py, double nx, double ny, double offset) {
    int steps = 4000;
    double sum = 0;
    boolean steep = Math.abs(ny) > Math.abs(nx);
    for (int i = 0; i < steps; i++) {
      double along = (i + 0.5) / steps;
      double cross =
          steep ? (offset - (px + along) * nx) / ny - py : (offset - (py + along) * ny) / nx - px;
      boolean above = steep ? ny > 0 : nx > 0;
      double inside = Math.clamp(cross, 0.0, 1.0);
      sum += above ? 1 - inside : inside;
    }
    return sum / steps;
  }

  private static double circles() {
    double worst = 0;
    for (double radius : new double[] {2, 3.3, 9, 26}) {
      Plane coverage =
          Coverage.of(
              Outlines.ellipse(32.37 - radius, 31.81 - radius, 2 * radius, 2 * radius), CLIP);
      for (int y = 0; y < 64; y++) {
        for (int x = 0; x < 64; x++) {
          double expected = 0;
          for (int i = 0; i < 1000; i++) {
            double dx = x - 32.37 + (i + 0.5) / 1000;
            double half = Math.sqrt(Math.max(0, radius * radius - dx * dx));
            expected +=
                Math.max(0, Math.min(half, y + 1 - 31.81) - Math.max(-half, y - 31.81)) / 1000;
          }
          worst = Math.max(worst, Math.abs(expected - coverage.at(x, y)));
        }
      }
    }
    return worst;
  }

  private static double blur() {
    double worst = 0;
    for (double sigma : new double[] {2, 3.7, 12, 40}) {
      Plane point = new Plane(new Bounds(0, 0, 1, 1), new float[] {1});
      Plane blurred = GaussianBlur.of(point, sigma, sigma, new Bounds(-400, -400, 400, 400));
      double peak = 1 / (2 * Math.PI * sigma * sigma);
      for (int x = 0; x < 4 * sigma; x++) {
        double expected = peak * Math.exp(-x * x / (2 * sigma * sigma));
        if (expected > 1e-5) {
          worst = Math.max(worst, Math.abs(expected - blurred.at(x, 0)) / peak);
        }
      }
    }
    return worst;
  }
}
