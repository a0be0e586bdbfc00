package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.raster.Bounds;
import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.font.TextAttribute;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;
import java.text.AttributedString;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What a library may ask of a drawing surface is drawn as the platform's own surface draws it. */
class FigureRecorderTest {
  private static final int WIDTH = 80;
  private static final int HEIGHT = 60;

  /**
   * The platform counts samples of a pixel where we measure its area, and fits letters to pixels.
   */
  private static final double MOST = 0.5;

  private static final double MEAN = 0.008;

  private static Arguments drawing(String name, Consumer<Graphics2D> drawing) {
    return Arguments.of(name, drawing);
  }

  static Stream<Arguments> drawings() {
    int[] x = {10, 60, 40, 15};
    int[] y = {12, 20, 50, 40};
    BufferedImage image = image();
    AffineTransformOp half =
        new AffineTransformOp(
            AffineTransform.getScaleInstance(0.5, 0.5), AffineTransformOp.TYPE_NEAREST_NEIGHBOR);
    return Stream.of(
        drawing("rectangle", g -> g.fillRect(10, 10, 30, 20)),
        drawing("rectangle's line", g -> g.drawRect(10, 10, 30, 20)),
        drawing("line", g -> g.drawLine(5, 5, 70, 50)),
        drawing("oval", g -> g.fillOval(10, 10, 50, 30)),
        drawing("oval's line", g -> g.drawOval(10, 10, 50, 30)),
        drawing("rounded rectangle", g -> g.fillRoundRect(10, 10, 50, 30, 12, 20)),
        drawing("rounded rectangle's line", g -> g.drawRoundRect(10, 10, 50, 30, 12, 20)),
        drawing("arc", g -> g.fillArc(10, 10, 50, 40, 30, 200)),
        drawing("arc's line", g -> g.drawArc(10, 10, 50, 40, 30, 200)),
        drawing("polygon", g -> g.fillPolygon(x, y, 4)),
        drawing("polygon's line", g -> g.drawPolygon(x, y, 4)),
        drawing("open line", g -> g.drawPolyline(x, y, 4)),
        drawing("words", g -> g.drawString("Quay", 8, 40)),
        drawing("attributed words", g -> g.drawString(attributed().getIterator(), 8, 40)),
        drawing(
            "letters",
            g ->
                g.drawGlyphVector(
                    g.getFont().createGlyphVector(g.getFontRenderContext(), "Tide"), 8, 40)),
        drawing("image", g -> g.drawImage(image, 20, 15, null)),
        drawing("enlarged image", g -> g.drawImage(image, 10, 10, 48, 32, null)),
        drawing(
            "part of an image", g -> g.drawImage(image, 10, 10, 42, 42, 8, 0, 24, 16, null, null)),
        drawing("filtered image", g -> g.drawImage(image, half, 20, 20)),
        drawing(
            "moved image",
            g -> g.drawRenderedImage(image, AffineTransform.getTranslateInstance(12, 9))),
        drawing(
            "clip",
            g -> {
              g.setClip(15, 5, 40, 40);
              g.clipRect(0, 20, 60, 20);
              g.clip(new Ellipse2D.Double(10, 10, 60, 40));
              g.fillRect(0, 0, WIDTH, HEIGHT);
            }),
        drawing(
            "opacity",
            g -> {
              g.setComposite(AlphaComposite.SrcOver.derive(0.4f));
              g.fillOval(10, 10, 50, 30);
            }),
        drawing(
            "dashes",
            g -> {
              g.setStroke(
                  new BasicStroke(
                      4, BasicStroke.CAP_ROUND, BasicStroke.JOIN_BEVEL, 10, new float[] {9, 7}, 3));
              g.drawRect(12, 12, 50, 30);
            }),
        drawing(
            "transforms",
            g -> {
              g.translate(30, 10);
              g.rotate(0.4);
              g.shear(0.2, 0);
              g.scale(1.5, 0.8);
              g.rotate(0.2, 5, 5);
              g.fillRect(0, 0, 20, 20);
            }),
        drawing(
            "a copy has its own state",
            g -> {
              Graphics2D copy = (Graphics2D) g.create();
              copy.setColor(Color.RED);
              copy.translate(20, 20);
              copy.fillRect(0, 0, 10, 10);
              copy.dispose();
              g.fillRect(0, 0, 10, 10);
            }));
  }

  private static BufferedImage image() {
    BufferedImage image = new BufferedImage(24, 16, BufferedImage.TYPE_INT_ARGB);
    for (int y = 0; y < 16; y++) {
      for (int x = 0; x < 24; x++) {
        image.setRGB(x, y, new Color(x * 10, y * 15, 120, 255).getRGB());
      }
    }
    return image;
  }

  private static AttributedString attributed() {
    return new AttributedString(
        "Moor", Map.of(TextAttribute.FONT, new Font(Font.SERIF, Font.BOLD, 22)));
  }

  private static void prepare(Graphics2D g) {
    g.setColor(new Color(40, 120, 200));
    g.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 24));
    g.setStroke(new BasicStroke(3));
  }

  private static BufferedImage platform(Consumer<Graphics2D> drawing) {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_ARGB_PRE);
    Graphics2D g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(
        RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    g.setRenderingHint(
        RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
    prepare(g);
    drawing.accept(g);
    g.dispose();
    return image;
  }

  private static FigureRecorder recorder(FigureList figures) {
    FigureRecorder recorder = new FigureRecorder(figures, new AffineTransform());
    prepare(recorder);
    return recorder;
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("drawings")
  void whatIsAskedForIsDrawn(String name, Consumer<Graphics2D> drawing) {
    FigureList figures = new FigureList();
    drawing.accept(recorder(figures));
    float[] ours = FigureDrawing.of(figures.figures(), new Bounds(0, 0, WIDTH, HEIGHT));
    int[] theirs = platform(drawing).getRaster().getPixels(0, 0, WIDTH, HEIGHT, (int[]) null);
    double sum = 0;
    double drawn = 0;
    for (int i = 0; i < ours.length; i++) {
      double off = Math.abs(ours[i] - theirs[i] / 255.0);
      assertTrue(
          off <= MOST,
          "%s: off by %.2f at %d, %d".formatted(name, off, i / 4 % WIDTH, i / 4 / WIDTH));
      sum += off;
      drawn += ours[i];
    }
    assertTrue(drawn > 10, name + " draws something");
    assertTrue(sum / ours.length <= MEAN, name + ": off by " + sum / ours.length + " in the mean");
    assertFalse(figures.mixing());
  }

  @Test
  void theClipIsToldInTheUnitsThatAreDrawnIn() {
    FigureRecorder recorder = recorder(new FigureList());
    assertNull(recorder.getClip());
    assertNull(recorder.getClipBounds());
    recorder.scale(2, 2);
    recorder.clipRect(5, 5, 20, 10);
    assertEquals(new Rectangle(5, 5, 20, 10), recorder.getClipBounds());
    recorder.clipRect(10, 0, 40, 40);
    assertEquals(new Rectangle(10, 5, 15, 10), recorder.getClipBounds());
    recorder.setClip(null);
    assertNull(recorder.getClip());
    recorder.clip(null);
    assertNull(recorder.getClip());
  }

  @Test
  void whatIsHitIsToldInPixels() {
    FigureRecorder recorder = recorder(new FigureList());
    recorder.translate(10, 0);
    Rectangle shape = new Rectangle(0, 0, 10, 10);
    assertTrue(recorder.hit(new Rectangle(12, 2, 1, 1), shape, false));
    assertFalse(recorder.hit(new Rectangle(2, 2, 1, 1), shape, false));
    assertFalse(recorder.hit(new Rectangle(15, 5, 1, 1), shape, true), "its line is elsewhere");
    assertTrue(recorder.hit(new Rectangle(20, 5, 1, 1), shape, true));
  }

  @Test
  void mixingWithWhatLiesBehindIsToldAndDrawnPlainly() {
    FigureList figures = new FigureList();
    FigureRecorder recorder = recorder(figures);
    recorder.setXORMode(Color.WHITE);
    recorder.fillRect(10, 10, 10, 10);
    assertTrue(figures.mixing());
    assertEquals(1, figures.figures().size());
  }

  @Test
  void whatNeedsPixelsIsRefusedAndClearingLeavesAllClear() {
    FigureList figures = new FigureList();
    FigureRecorder recorder = recorder(figures);
    assertThrows(UnsupportedOperationException.class, () -> recorder.copyArea(0, 0, 5, 5, 10, 10));
    recorder.clearRect(0, 0, WIDTH, HEIGHT);
    assertEquals(0, figures.figures().size());
  }

  @Test
  void moreThanAnHonestPictureNeedsIsRefused() {
    FigureRecorder late = recorder(new FigureList(0));
    assertThrows(InvalidInput.class, () -> late.fillRect(0, 0, 1, 1));
    FigureList figures = new FigureList();
    FigureRecorder many = recorder(figures);
    for (int i = 0; i < FigureList.MOST_FIGURES; i++) {
      many.fillRect(0, 0, 1, 1);
    }
    InvalidInput refused = assertThrows(InvalidInput.class, () -> many.fillRect(0, 0, 1, 1));
    assertTrue(refused.getMessage().contains("simplify"), refused.getMessage());
  }

  @Test
  void itRemembersWhatItWasTold() {
    FigureRecorder recorder = recorder(new FigureList());
    Font font = new Font(Font.SERIF, Font.ITALIC, 17);
    recorder.setFont(font);
    recorder.setBackground(Color.PINK);
    recorder.setPaint(Color.GREEN);
    recorder.setTransform(AffineTransform.getTranslateInstance(3, 4));
    recorder.transform(AffineTransform.getScaleInstance(2, 2));
    recorder.addRenderingHints(
        Map.of(RenderingHints.KEY_DITHERING, RenderingHints.VALUE_DITHER_ENABLE));
    assertEquals(font, recorder.getFont());
    assertEquals(Color.PINK, recorder.getBackground());
    assertEquals(Color.GREEN, recorder.getColor());
    assertEquals(new AffineTransform(2, 0, 0, 2, 3, 4), recorder.getTransform());
    assertNotSame(recorder.getTransform(), recorder.getTransform(), "it cannot be changed outside");
    assertEquals(
        RenderingHints.VALUE_DITHER_ENABLE,
        recorder.getRenderingHint(RenderingHints.KEY_DITHERING));
    assertTrue(recorder.getFontMetrics(font).stringWidth("Quay") > 10);
    assertTrue(recorder.getDeviceConfiguration() != null);
  }
}
