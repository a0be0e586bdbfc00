package app.diaphan.core.picture;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Composite;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.GraphicsConfiguration;
import java.awt.Paint;
import java.awt.RenderingHints;
import java.awt.Stroke;
import java.awt.font.FontRenderContext;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.Map;
import java.util.function.UnaryOperator;

/** What every drawing surface remembers: its transform, paint, stroke, font and hints. */
abstract class DrawingState extends Graphics2D {
  private static final GraphicsConfiguration CONFIGURATION = configuration();

  private final RenderingHints hints;
  private AffineTransform transform;
  private Paint paint = Color.BLACK;
  private Stroke stroke = new BasicStroke();
  private UnaryOperator<Stroke> restroke = own -> own;
  private Composite composite = AlphaComposite.SrcOver;
  private Color background = new Color(0, true);
  private Font font = new Font(Font.SANS_SERIF, Font.PLAIN, 12);

  DrawingState(AffineTransform toPixels) {
    transform = new AffineTransform(toPixels);
    hints = new RenderingHints(Map.of());
    hints.put(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    hints.put(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    hints.put(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
    hints.put(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    hints.put(RenderingHints.KEY_RENDERING, RenderingHints.VALUE_RENDER_QUALITY);
  }

  DrawingState(DrawingState like) {
    hints = (RenderingHints) like.hints.clone();
    transform = new AffineTransform(like.transform);
    paint = like.paint;
    stroke = like.stroke;
    restroke = like.restroke;
    composite = like.composite;
    background = like.background;
    font = like.font;
  }

  /** Images of the platform know their screen; a headless one's stands for it. */
  private static GraphicsConfiguration configuration() {
    Graphics2D g = new BufferedImage(1, 1, BufferedImage.TYPE_INT_ARGB).createGraphics();
    GraphicsConfiguration found = g.getDeviceConfiguration();
    g.dispose();
    return found;
  }

  @Override
  public GraphicsConfiguration getDeviceConfiguration() {
    return CONFIGURATION;
  }

  @Override
  public FontRenderContext getFontRenderContext() {
    return new FontRenderContext(null, true, true);
  }

  @Override
  public FontMetrics getFontMetrics(Font asked) {
    Graphics2D g = new BufferedImage(1, 1, BufferedImage.TYPE_INT_ARGB).createGraphics();
    FontMetrics metrics = g.getFontMetrics(asked);
    g.dispose();
    return metrics;
  }

  @Override
  public void translate(int x, int y) {
    transform.translate(x, y);
  }

  @Override
  public void translate(double x, double y) {
    transform.translate(x, y);
  }

  @Override
  public void rotate(double angle) {
    transform.rotate(angle);
  }

  @Override
  public void rotate(double angle, double x, double y) {
    transform.rotate(angle, x, y);
  }

  @Override
  public void scale(double x, double y) {
    transform.scale(x, y);
  }

  @Override
  public void shear(double x, double y) {
    transform.shear(x, y);
  }

  @Override
  public void transform(AffineTransform more) {
    transform.concatenate(more);
  }

  @Override
  public void setTransform(AffineTransform other) {
    transform = new AffineTransform(other);
  }

  @Override
  public AffineTransform getTransform() {
    return new AffineTransform(transform);
  }

  @Override
  public Paint getPaint() {
    return paint;
  }

  @Override
  public void setPaint(Paint other) {
    paint = other == null ? paint : other;
  }

  @Override
  public Color getColor() {
    return paint instanceof Color colour ? colour : Color.BLACK;
  }

  @Override
  public void setColor(Color colour) {
    setPaint(colour);
  }

  @Override
  public Composite getComposite() {
    return composite;
  }

  @Override
  public void setComposite(Composite other) {
    composite = other;
  }

  @Override
  public Stroke getStroke() {
    return stroke;
  }

  @Override
  public void setStroke(Stroke other) {
    stroke = restroke.apply(other);
  }

  /**
   * @param change what becomes of strokes that are set from now on
   */
  final void restroke(UnaryOperator<Stroke> change) {
    restroke = change;
  }

  @Override
  public Color getBackground() {
    return background;
  }

  @Override
  public void setBackground(Color colour) {
    background = colour;
  }

  @Override
  public Font getFont() {
    return font;
  }

  @Override
  public void setFont(Font other) {
    font = other == null ? font : other;
  }

  @Override
  public void setRenderingHint(RenderingHints.Key key, Object value) {
    hints.put(key, value);
  }

  @Override
  public Object getRenderingHint(RenderingHints.Key key) {
    return hints.get(key);
  }

  @Override
  public void setRenderingHints(Map<?, ?> others) {
    hints.clear();
    addRenderingHints(others);
  }

  @Override
  public void addRenderingHints(Map<?, ?> others) {
    hints.putAll(others);
  }

  @Override
  public RenderingHints getRenderingHints() {
    return (RenderingHints) hints.clone();
  }

  @Override
  public void setPaintMode() {
    composite = AlphaComposite.SrcOver;
  }
}
