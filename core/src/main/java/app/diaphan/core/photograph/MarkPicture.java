package app.diaphan.core.photograph;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.check.Contrast;
import app.diaphan.core.check.EdgeContrast;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.picture.Orientation;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.Plane;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import java.awt.geom.Path2D;
import java.util.List;

/**
 * What an overlay draws, without its frame, at the size at which it is put on a photograph.
 *
 * @param pixels premultiplied red, green, blue and alpha, 0–1, row by row
 * @param edges of its words, or of all that it draws if it has none; in its own pixels
 */
public record MarkPicture(int width, int height, float[] pixels, EdgeContrast edges) {
  private static final int RGBA = 4;

  /**
   * Draws it anew at the size, so that it is as sharp as can be.
   *
   * @param longerSide of what it draws, in pixels
   * @throws InvalidInput if it draws nothing, or cannot be drawn as large
   */
  public static MarkPicture of(Renderer renderer, Overlay overlay, double longerSide) {
    Bounds own = renderer.render(overlay, Canvas.of(overlay.frame())).drawn();
    if (own.empty()) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" draws nothing, so there is no mark to put on photographs. Show a piece of it.",
              overlay.name()));
    }
    double scale = longerSide / Math.max(own.width(), own.height());
    if (scale > Canvas.MOST_SCALE) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" would be drawn more than %.0f times as large as it is; make the mark smaller.",
              overlay.name(), Canvas.MOST_SCALE));
    }
    Rendering drawn =
        renderer.render(
            overlay, Canvas.scaled(overlay.frame(), Math.max(Canvas.LEAST_SCALE, scale)));
    Bounds part = drawn.drawn();
    if (part.empty()) {
      throw new InvalidInput(
          Sentence.of("\"%s\" is too small to be seen; make the mark larger.", overlay.name()));
    }
    float[] pixels = drawn.rows(part.top(), part.bottom(), part.left(), part.right());
    return new MarkPicture(
        part.width(), part.height(), pixels, edges(drawn.placed(), part, pixels));
  }

  private static EdgeContrast edges(List<PlacedPiece> placed, Bounds part, float[] pixels) {
    Path2D words = new Path2D.Double(Path2D.WIND_NON_ZERO);
    addWords(placed, words);
    Bounds around =
        new Bounds(0, 0, part.width(), part.height())
            .grown(EdgeContrast.BESIDE, EdgeContrast.BESIDE);
    EdgeContrast ofWords = EdgeContrast.of(moved(Coverage.of(words, part), part), around);
    return ofWords.none() ? EdgeContrast.of(solidity(part, pixels), around) : ofWords;
  }

  private static void addWords(List<PlacedPiece> placed, Path2D to) {
    for (PlacedPiece one : placed) {
      if (one.piece().shown()) {
        if (one.content() instanceof Content.Lettered letters
            && one.piece().look().punch() == Punch.NONE) {
          to.append(one.toPixels().createTransformedShape(letters.set().outline()), false);
        }
        addWords(one.inside(), to);
      }
    }
  }

  private static Plane moved(Plane coverage, Bounds part) {
    Bounds from = coverage.bounds();
    return new Plane(
        new Bounds(
            from.left() - part.left(),
            from.top() - part.top(),
            from.right() - part.left(),
            from.bottom() - part.top()),
        coverage.values());
  }

  /** As a share of the most solid pixel. */
  private static Plane solidity(Bounds part, float[] pixels) {
    float[] values = new float[pixels.length / RGBA];
    float most = 0;
    for (int i = 0; i < values.length; i++) {
      values[i] = pixels[RGBA * i + RGBA - 1];
      most = Math.max(most, values[i]);
    }
    for (int i = 0; i < values.length && most > 0; i++) {
      values[i] /= most;
    }
    return new Plane(new Bounds(0, 0, part.width(), part.height()), values);
  }

  /** Light if it is nearer to white than to black, by how solid its pixels are. */
  public MarkDress dress() {
    double light = 0;
    double solid = 0;
    for (int i = 0; i < pixels.length; i += RGBA) {
      for (int c = 0; c < RGBA - 1; c++) {
        light += pixels[i + c] / (RGBA - 1.0);
      }
      solid += pixels[i + RGBA - 1];
    }
    return 2 * light >= solid ? MarkDress.LIGHT : MarkDress.DARK;
  }

  /** With light and dark exchanged: hue and saturation stay (the lightness of HSL). */
  public MarkPicture exchanged() {
    float[] other = new float[pixels.length];
    for (int i = 0; i < pixels.length; i += RGBA) {
      float alpha = pixels[i + 3];
      float most = Math.max(pixels[i], Math.max(pixels[i + 1], pixels[i + 2]));
      float least = Math.min(pixels[i], Math.min(pixels[i + 1], pixels[i + 2]));
      for (int c = 0; c < RGBA - 1; c++) {
        other[i + c] = Math.clamp(pixels[i + c] + alpha - most - least, 0, alpha);
      }
      other[i + 3] = alpha;
    }
    return new MarkPicture(width, height, other, edges);
  }

  /**
   * @param opacity 0–1
   */
  public MarkPicture thinned(double opacity) {
    if (opacity == 1) {
      return this;
    }
    float[] thin = new float[pixels.length];
    for (int i = 0; i < thin.length; i++) {
      thin[i] = (float) (pixels[i] * opacity);
    }
    return new MarkPicture(width, height, thin, edges);
  }

  /**
   * How it stands out from a photograph, by its edges.
   *
   * @param beneath red, green and blue of sRGB, 0–1, of a part of the photograph
   * @param part of which the mark's first pixel is 0, 0; what lies beyond is not seen
   * @return 1 for none to 21
   */
  public double contrast(float[] beneath, Bounds part) {
    return edges.over((x, y) -> luminance(beneath, part, x, y));
  }

  private double luminance(float[] beneath, Bounds part, int x, int y) {
    int column = Math.clamp(x, part.left(), part.right() - 1) - part.left();
    int row = Math.clamp(y, part.top(), part.bottom() - 1) - part.top();
    int under = 3 * (row * part.width() + column);
    boolean over = x >= 0 && x < width && y >= 0 && y < height;
    int at = RGBA * (y * width + x);
    float rest = over ? 1 - pixels[at + 3] : 1;
    return Contrast.luminance(
        (over ? pixels[at] : 0) + rest * beneath[under],
        (over ? pixels[at + 1] : 0) + rest * beneath[under + 1],
        (over ? pixels[at + 2] : 0) + rest * beneath[under + 2]);
  }

  /** As its pixels have to lie on a photograph that is stored in another orientation. */
  public float[] stored(Orientation orientation) {
    int across = orientation.sideways() ? height : width;
    float[] turned = new float[pixels.length];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int to =
            orientation.storedY(x, y, width, height) * across
                + orientation.storedX(x, y, width, height);
        System.arraycopy(pixels, RGBA * (y * width + x), turned, RGBA * to, RGBA);
      }
    }
    return turned;
  }
}
