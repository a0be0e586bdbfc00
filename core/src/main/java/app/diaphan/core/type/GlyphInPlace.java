package app.diaphan.core.type;

import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.font.GlyphVector;
import java.awt.font.GraphicAttribute;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;

/** One glyph that stands for a character in a line. */
final class GlyphInPlace extends GraphicAttribute {
  private final GlyphVector glyph;
  private final double after;

  /**
   * @param after space added behind it
   */
  GlyphInPlace(GlyphVector glyph, double after) {
    super(ROMAN_BASELINE);
    this.glyph = glyph;
    this.after = after;
  }

  @Override
  public float getAscent() {
    return (float) -getBounds().getMinY();
  }

  @Override
  public float getDescent() {
    return (float) Math.max(0, getBounds().getMaxY());
  }

  @Override
  public float getAdvance() {
    return (float) (glyph.getGlyphPosition(1).getX() + after);
  }

  @Override
  public Rectangle2D getBounds() {
    return glyph.getVisualBounds();
  }

  @Override
  public Shape getOutline(AffineTransform transform) {
    Shape outline = glyph.getOutline();
    return transform == null ? outline : transform.createTransformedShape(outline);
  }

  @Override
  public void draw(Graphics2D graphics, float x, float y) {
    graphics.drawGlyphVector(glyph, x, y);
  }
}
