package app.diaphan.core.picture;

import app.diaphan.core.raster.Outlines;
import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.Graphics;
import java.awt.Graphics2D;
import java.awt.Image;
import java.awt.Paint;
import java.awt.Rectangle;
import java.awt.Shape;
import java.awt.font.GlyphVector;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.BufferedImageOp;
import java.awt.image.ImageObserver;
import java.awt.image.RenderedImage;
import java.awt.image.renderable.RenderableImage;
import java.text.AttributedCharacterIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.apache.batik.gvt.PatternPaint;
import org.jspecify.annotations.Nullable;

/**
 * Writes down what is drawn on it instead of drawing it, so that a library which knows a vector
 * format draws through our exact coverage.
 */
final class FigureRecorder extends DrawingState {
  /** Each opacity within another takes memory while it is drawn; nobody sees as many. */
  private static final int DEEPEST = 8;

  private final FigureList figures;

  /** In pixels; empty for none. */
  private List<Shape> clips;

  private final boolean copying;

  FigureRecorder(FigureList figures, AffineTransform toPixels) {
    this(figures, toPixels, false);
  }

  private FigureRecorder(FigureList figures, AffineTransform toPixels, boolean copying) {
    super(toPixels);
    this.figures = figures;
    this.copying = copying;
    clips = List.of();
  }

  /** For a library that draws one image again and again with other pixels in it. */
  static FigureRecorder ofChangingImages(FigureList figures, AffineTransform toPixels) {
    return new FigureRecorder(figures, toPixels, true);
  }

  private FigureRecorder(FigureRecorder like, FigureList figures) {
    super(like);
    this.figures = figures;
    copying = like.copying;
    clips = like.clips;
  }

  /** Writes down what is drawn as parts of one figure with an opacity of its own. */
  void together(float opacity, Consumer<FigureRecorder> drawing) {
    FigureList parts = figures.within();
    drawing.accept(new FigureRecorder(this, parts));
    List<Figure> together = List.of(new Figure.Together(parts.figures(), opacity));
    boolean alone = parts.figures().size() < 2; // A single part is the same by itself.
    (alone || parts.depth() > DEEPEST ? Figure.apart(together) : together).forEach(figures::add);
  }

  /** Draws what makes up one thing, with the opacity that is set for it. */
  void asOne(Consumer<FigureRecorder> drawing) {
    float opacity = opacity();
    FigureRecorder inside = copy();
    inside.setComposite(AlphaComposite.SrcOver);
    inside.together(opacity, drawing);
  }

  /**
   * What is drawn elsewhere, under the same limits.
   *
   * @param toPixels of what is drawn
   */
  List<Figure> apart(AffineTransform toPixels, Consumer<FigureRecorder> drawing) {
    FigureList parts = figures.within();
    if (parts.depth() <= DEEPEST) {
      drawing.accept(new FigureRecorder(parts, toPixels, copying));
    }
    return parts.figures();
  }

  @Override
  public void fill(Shape shape) {
    if (getPaint() instanceof PatternPaint pattern) {
      SvgPattern.fill(pattern, shape, this);
    } else {
      fill(shape, SvgGradients.plain(getPaint()));
    }
  }

  void fill(Shape shape, Paint paint) {
    figures.add(
        new Figure.Filled(
            getTransform().createTransformedShape(exact(shape)),
            paint,
            getTransform(),
            opacity(),
            clips));
  }

  /** The platform's ellipses are off by up to 0.03 % of their radius. */
  private static Shape exact(Shape shape) {
    return shape instanceof Ellipse2D e
        ? Outlines.ellipse(e.getX(), e.getY(), e.getWidth(), e.getHeight())
        : shape;
  }

  @Override
  public void draw(Shape shape) {
    Shape line = SteadyCurves.of(Dashes.begun(shape));
    fill(Dashes.bounded(getStroke(), line).createStrokedShape(line));
  }

  @Override
  public boolean drawImage(Image image, AffineTransform to, ImageObserver observer) {
    AffineTransform toPixels = getTransform();
    if (to != null) {
      toPixels.concatenate(to);
    }
    figures.add(new Figure.Imaged(pixelsOf(image), toPixels, opacity(), clips));
    return true;
  }

  private BufferedImage pixelsOf(Image image) {
    return image instanceof BufferedImage buffered && !copying ? buffered : copied(image);
  }

  private static BufferedImage copied(Image image) {
    int width = Math.max(1, image.getWidth(null));
    int height = Math.max(1, image.getHeight(null));
    BufferedImage copy = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = copy.createGraphics();
    g.drawImage(image, 0, 0, null);
    g.dispose();
    return copy;
  }

  /** A mixing mode cannot go out in a file with straight alpha: it is drawn plainly, and told. */
  private float opacity() {
    if (getComposite() instanceof AlphaComposite known) {
      return known.getAlpha();
    }
    figures.foundMixing();
    return 1;
  }

  @Override
  public void clip(Shape shape) {
    if (shape == null) {
      return;
    }
    List<Shape> more = new ArrayList<>(clips);
    more.add(getTransform().createTransformedShape(shape));
    clips = List.copyOf(more);
  }

  @Override
  public void setClip(Shape shape) {
    clips = shape == null ? List.of() : List.of(getTransform().createTransformedShape(shape));
  }

  @Override
  public @Nullable Shape getClip() {
    if (clips.isEmpty()) {
      return null;
    }
    Shape all = clips.getFirst();
    if (clips.size() > 1) {
      Area area = new Area(all);
      clips.subList(1, clips.size()).forEach(clip -> area.intersect(new Area(clip)));
      all = area;
    }
    try {
      return getTransform().createInverse().createTransformedShape(all);
    } catch (NoninvertibleTransformException e) {
      return new Rectangle();
    }
  }

  @Override
  public @Nullable Rectangle getClipBounds() {
    Shape clip = getClip();
    return clip == null ? null : clip.getBounds();
  }

  @Override
  public void clipRect(int x, int y, int width, int height) {
    clip(new Rectangle(x, y, width, height));
  }

  @Override
  public void setClip(int x, int y, int width, int height) {
    setClip(new Rectangle(x, y, width, height));
  }

  @Override
  public boolean hit(Rectangle pixels, Shape shape, boolean onStroke) {
    Shape tested = onStroke ? getStroke().createStrokedShape(shape) : shape;
    return getTransform().createTransformedShape(tested).intersects(pixels);
  }

  @Override
  public boolean drawImage(Image image, int x, int y, ImageObserver observer) {
    return drawImage(image, AffineTransform.getTranslateInstance(x, y), observer);
  }

  @Override
  public boolean drawImage(Image image, int x, int y, Color behind, ImageObserver observer) {
    return drawImage(image, x, y, observer);
  }

  @Override
  public boolean drawImage(Image image, int x, int y, int w, int h, ImageObserver observer) {
    BufferedImage pixels = pixelsOf(image);
    AffineTransform to = AffineTransform.getTranslateInstance(x, y);
    to.scale((double) w / pixels.getWidth(), (double) h / pixels.getHeight());
    return drawImage(pixels, to, observer);
  }

  @Override
  public boolean drawImage(
      Image image, int x, int y, int w, int h, Color behind, ImageObserver observer) {
    return drawImage(image, x, y, w, h, observer);
  }

  @Override
  public boolean drawImage(
      Image image,
      int left,
      int top,
      int right,
      int bottom,
      int fromLeft,
      int fromTop,
      int fromRight,
      int fromBottom,
      ImageObserver observer) {
    BufferedImage part =
        pixelsOf(image)
            .getSubimage(
                Math.min(fromLeft, fromRight),
                Math.min(fromTop, fromBottom),
                Math.abs(fromRight - fromLeft),
                Math.abs(fromBottom - fromTop));
    return drawImage(part, left, top, right - left, bottom - top, observer);
  }

  @Override
  public boolean drawImage(
      Image image,
      int left,
      int top,
      int right,
      int bottom,
      int fromLeft,
      int fromTop,
      int fromRight,
      int fromBottom,
      Color behind,
      ImageObserver observer) {
    return drawImage(
        image, left, top, right, bottom, fromLeft, fromTop, fromRight, fromBottom, observer);
  }

  @Override
  public void drawImage(BufferedImage image, BufferedImageOp operation, int x, int y) {
    drawImage(operation == null ? image : operation.filter(image, null), x, y, null);
  }

  @Override
  public void drawRenderedImage(RenderedImage image, AffineTransform to) {
    BufferedImage copy =
        new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = copy.createGraphics();
    g.drawRenderedImage(
        image, AffineTransform.getTranslateInstance(-image.getMinX(), -image.getMinY()));
    g.dispose();
    AffineTransform fromCopy = new AffineTransform(to);
    fromCopy.translate(image.getMinX(), image.getMinY());
    drawImage(copy, fromCopy, null);
  }

  @Override
  public void drawRenderableImage(RenderableImage image, AffineTransform to) {
    drawRenderedImage(image.createDefaultRendering(), to);
  }

  @Override
  public void drawGlyphVector(GlyphVector glyphs, float x, float y) {
    fill(glyphs.getOutline(x, y));
  }

  @Override
  public void drawString(String words, float x, float y) {
    drawGlyphVector(getFont().createGlyphVector(getFontRenderContext(), words), x, y);
  }

  @Override
  public void drawString(String words, int x, int y) {
    drawString(words, (float) x, (float) y);
  }

  @Override
  public void drawString(AttributedCharacterIterator words, float x, float y) {
    AffineTransform to = AffineTransform.getTranslateInstance(x, y);
    fill(new TextLayout(words, getFontRenderContext()).getOutline(to));
  }

  @Override
  public void drawString(AttributedCharacterIterator words, int x, int y) {
    drawString(words, (float) x, (float) y);
  }

  @Override
  public void drawLine(int x1, int y1, int x2, int y2) {
    draw(new Line2D.Double(x1, y1, x2, y2));
  }

  /** As one line: four of them would have no corners and begin their dashes anew. */
  @Override
  public void drawRect(int x, int y, int width, int height) {
    draw(new Rectangle(x, y, width, height));
  }

  @Override
  public void fillRect(int x, int y, int width, int height) {
    fill(new Rectangle(x, y, width, height));
  }

  /** The ground is clear from the start. */
  @Override
  public void clearRect(int x, int y, int width, int height) {}

  @Override
  public void drawRoundRect(int x, int y, int w, int h, int across, int down) {
    draw(new RoundRectangle2D.Double(x, y, w, h, across, down));
  }

  @Override
  public void fillRoundRect(int x, int y, int w, int h, int across, int down) {
    fill(new RoundRectangle2D.Double(x, y, w, h, across, down));
  }

  @Override
  public void drawOval(int x, int y, int w, int h) {
    draw(new Ellipse2D.Double(x, y, w, h));
  }

  @Override
  public void fillOval(int x, int y, int w, int h) {
    fill(new Ellipse2D.Double(x, y, w, h));
  }

  @Override
  public void drawArc(int x, int y, int w, int h, int start, int angle) {
    draw(new Arc2D.Double(x, y, w, h, start, angle, Arc2D.OPEN));
  }

  @Override
  public void fillArc(int x, int y, int w, int h, int start, int angle) {
    fill(new Arc2D.Double(x, y, w, h, start, angle, Arc2D.PIE));
  }

  @Override
  public void drawPolyline(int[] x, int[] y, int count) {
    draw(line(x, y, count));
  }

  @Override
  public void drawPolygon(int[] x, int[] y, int count) {
    Path2D path = line(x, y, count);
    path.closePath();
    draw(path);
  }

  @Override
  public void fillPolygon(int[] x, int[] y, int count) {
    Path2D path = line(x, y, count);
    path.closePath();
    fill(path);
  }

  private static Path2D line(int[] x, int[] y, int count) {
    Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
    for (int i = 0; i < count; i++) {
      if (i == 0) {
        path.moveTo(x[i], y[i]);
      } else {
        path.lineTo(x[i], y[i]);
      }
    }
    return path;
  }

  @Override
  public void copyArea(int x, int y, int width, int height, int right, int down) {
    throw new UnsupportedOperationException("There are no pixels to copy from.");
  }

  /** How many figures are written down where this one writes. */
  int count() {
    return figures.count();
  }

  /** Whether both write to the same list. */
  boolean writesTo(FigureList list) {
    return figures == list;
  }

  /** Starts with the same state and writes to the same list. */
  FigureRecorder copy() {
    return new FigureRecorder(this, figures);
  }

  @Override
  public Graphics create() {
    return copy();
  }

  @Override
  public void dispose() {}

  @Override
  public void setXORMode(Color colour) {
    figures.foundMixing();
  }
}
