package app.diaphan.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.RoundRectangle2D;
import java.util.Random;

/** Many small things of many colours. */
final class CrowdAtTheRail implements Clip {
  private static final int[] COATS = {
    0xc8553d, 0x2f6f8f, 0xe0b040, 0x4b7f52, 0xe8e2d4, 0x7a4e7e, 0x27384a, 0xd98a6a, 0x8fb8c9,
    0xb23a48
  };
  private static final int[] SKINS = {0xe8b998, 0xc68d67, 0x8a5a3c, 0xf0c9a8, 0x6b4430};

  @Override
  public String name() {
    return "crowd-at-the-rail";
  }

  @Override
  public void draw(Graphics2D g, double time) {
    g.setPaint(new GradientPaint(0, 0, new Color(0xa9bcc4), 0, HEIGHT, new Color(0x6d7f86)));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    Random random = new Random(23);
    for (int row = 0; row < 6; row++) {
      double size = 0.6 + row * 0.17;
      int y = 70 + row * 74;
      for (double x = -30 + random.nextInt(30); x < WIDTH + 40; x += 46 * size) {
        double sway = 5 * Math.sin(time * 6.28 + random.nextDouble() * 6.28);
        person(g, random, x + sway, y + random.nextInt(22), size);
      }
    }
    g.setColor(new Color(0xe9e4d8));
    g.setStroke(new BasicStroke(9));
    g.drawLine(0, 470, WIDTH, 462);
    g.setStroke(new BasicStroke(5));
    for (int x = 20; x < WIDTH; x += 94) {
      g.drawLine(x, 468, x, HEIGHT);
    }
  }

  private static void person(Graphics2D g, Random random, double x, double y, double size) {
    g.setColor(new Color(COATS[random.nextInt(COATS.length)]));
    g.fill(
        new RoundRectangle2D.Double(
            x - 20 * size, y + 14 * size, 40 * size, 110 * size, 26 * size, 26 * size));
    g.setColor(new Color(SKINS[random.nextInt(SKINS.length)]));
    g.fill(new Ellipse2D.Double(x - 12 * size, y - 12 * size, 24 * size, 29 * size));
    g.setColor(new Color(COATS[random.nextInt(COATS.length)]).darker());
    g.fill(new Ellipse2D.Double(x - 13 * size, y - 15 * size, 26 * size, 14 * size));
    if (random.nextInt(5) == 0) {
      g.setColor(new Color(COATS[random.nextInt(COATS.length)]).brighter());
      g.fill(new RoundRectangle2D.Double(x + 8 * size, y - 44 * size, 30 * size, 20 * size, 3, 3));
    }
  }
}
