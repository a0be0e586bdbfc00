package app.diaphan.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.util.Random;

/** Bright sails before a bright sky. */
final class WhiteSails implements Clip {
  @Override
  public String name() {
    return "white-sails";
  }

  @Override
  public void draw(Graphics2D g, double time) {
    g.setPaint(new GradientPaint(0, 0, new Color(0xbfe0f2), 0, 380, new Color(0xf6fbfd)));
    g.fillRect(0, 0, WIDTH, 390);
    g.setPaint(new GradientPaint(0, 380, new Color(0x9cc9d6), 0, HEIGHT, new Color(0x4f93ab)));
    g.fillRect(0, 380, WIDTH, 160);
    boat(g, 90 + 70 * time, 392, 0.55);
    boat(g, 730 - 50 * time, 398, 0.7);
    boat(g, 300 + 110 * time, 420, 1.35);
    boat(g, 610 + 40 * time, 440, 1.05);
    Random random = new Random(5);
    for (int i = 0; i < 220; i++) {
      int y = 392 + random.nextInt(146);
      double x = random.nextInt(WIDTH) + 10 * Math.sin(time * 7 + y);
      g.setColor(new Color(255, 255, 255, 40 + random.nextInt(110)));
      g.fillRect((int) x, y, 5 + random.nextInt(26), 1 + (y - 390) / 60);
    }
  }

  private static void boat(Graphics2D g, double x, double y, double size) {
    Path2D main = new Path2D.Double();
    main.moveTo(x, y - 20 * size);
    main.lineTo(x + 6 * size, y - 250 * size);
    main.quadTo(x + 120 * size, y - 120 * size, x + 112 * size, y - 26 * size);
    main.closePath();
    g.setPaint(
        new GradientPaint(
            (float) x, 0, new Color(0xffffff), (float) (x + 115 * size), 0, new Color(0xdfe8ec)));
    g.fill(main);
    g.setColor(new Color(0xc4d2d8));
    g.setStroke(new BasicStroke((float) (1.2 * size)));
    for (int i = 1; i < 6; i++) {
      double h = y - (26 + i * 38) * size;
      g.draw(
          new java.awt.geom.Line2D.Double(
              x + 4 * size, h, x + (112 - i * 15) * size, h + 8 * size));
    }
    Path2D jib = new Path2D.Double();
    jib.moveTo(x - 6 * size, y - 22 * size);
    jib.lineTo(x, y - 215 * size);
    jib.quadTo(x - 50 * size, y - 90 * size, x - 74 * size, y - 24 * size);
    jib.closePath();
    g.setColor(new Color(0xf4f7f8));
    g.fill(jib);
    Path2D hull = new Path2D.Double();
    hull.moveTo(x - 84 * size, y - 16 * size);
    hull.lineTo(x + 122 * size, y - 16 * size);
    hull.quadTo(x + 100 * size, y + 14 * size, x + 60 * size, y + 14 * size);
    hull.lineTo(x - 40 * size, y + 14 * size);
    hull.closePath();
    g.setColor(new Color(0x2d4a5c));
    g.fill(hull);
    g.setColor(new Color(0xf0f4f5));
    g.fill(
        new java.awt.geom.Rectangle2D.Double(x - 80 * size, y - 16 * size, 200 * size, 4 * size));
  }
}
