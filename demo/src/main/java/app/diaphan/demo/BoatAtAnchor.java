package app.diaphan.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.Random;

/** What a photograph of a small boat at anchor looks like: soft, uneven and with grain. */
final class BoatAtAnchor {
  static final String FILE = "boat-at-anchor.jpg";
  static final int WIDTH = 1200;
  static final int HEIGHT = 800;

  private BoatAtAnchor() {}

  static void draw(Graphics2D g) {
    g.setPaint(new GradientPaint(0, 0, new Color(0xa9c3cf), 0, 420, new Color(0xe7dcc6)));
    g.fill(new Rectangle2D.Double(0, 0, WIDTH, 430));
    g.setPaint(new GradientPaint(0, 430, new Color(0x8fa9ad), 0, HEIGHT, new Color(0x47686f)));
    g.fill(new Rectangle2D.Double(0, 430, WIDTH, HEIGHT - 430));
    Random random = new Random(7);
    hills(g, random);
    waves(g, random);
    boat(g);
  }

  private static void hills(Graphics2D g, Random random) {
    for (int layer = 0; layer < 2; layer++) {
      Path2D hill = new Path2D.Double();
      hill.moveTo(0, 432);
      double height = 40 + 26 * (1 - layer);
      for (int x = 0; x <= WIDTH; x += 40) {
        double y = 432 - height * (0.5 + 0.5 * Math.sin(x / (150.0 + 90 * layer) + 2 * layer));
        hill.lineTo(x, y - random.nextInt(8));
      }
      hill.lineTo(WIDTH, 432);
      hill.closePath();
      g.setColor(layer == 0 ? new Color(0xa7b2ac) : new Color(0x8b9a92));
      g.fill(hill);
    }
  }

  private static void waves(Graphics2D g, Random random) {
    for (int i = 0; i < 900; i++) {
      double y = 436 + Math.pow(random.nextDouble(), 0.7) * (HEIGHT - 440);
      double near = (y - 430) / (HEIGHT - 430);
      double x = random.nextInt(WIDTH);
      double length = (8 + random.nextInt(30)) * (0.4 + 1.6 * near);
      int shade = random.nextBoolean() ? 255 : 30;
      g.setColor(new Color(shade, shade, Math.min(255, shade + 20), 22 + random.nextInt(26)));
      g.fill(new Ellipse2D.Double(x, y, length, 1.5 + 3 * near));
    }
  }

  private static void boat(Graphics2D g) {
    // The shadow on the water first.
    g.setColor(new Color(0x22, 0x3b, 0x42, 90));
    g.fill(new Ellipse2D.Double(380, 602, 430, 62));
    Path2D hull = new Path2D.Double();
    hull.moveTo(362, 520);
    hull.curveTo(420, 545, 690, 548, 838, 498);
    hull.curveTo(812, 570, 770, 622, 726, 632);
    hull.curveTo(640, 642, 500, 642, 436, 630);
    hull.curveTo(396, 608, 374, 566, 362, 520);
    g.setPaint(new GradientPaint(0, 510, new Color(0xc4473a), 0, 640, new Color(0x7a2420)));
    g.fill(hull);
    stroke(g, 10, new Color(0xf1e3c4), 362, 522, 420, 546, 690, 549, 838, 500);
    stroke(g, 4, new Color(0xe0b464), 384, 574, 430, 596, 690, 598, 800, 566);
    g.setColor(new Color(0x6a4a2c));
    g.fill(new Rectangle2D.Double(584, 132, 13, 400));
    Shape main = sail(600, 150, 600, 500, 800, 486);
    g.setPaint(new GradientPaint(600, 0, new Color(0xf4ead2), 800, 0, new Color(0xd9c7a2)));
    g.fill(main);
    Shape fore = sail(580, 176, 580, 500, 420, 492);
    g.setPaint(new GradientPaint(580, 0, new Color(0xb8893f), 420, 0, new Color(0xe0b464)));
    g.fill(fore);
  }

  private static void stroke(Graphics2D g, float width, Color colour, double... c) {
    Path2D line = new Path2D.Double();
    line.moveTo(c[0], c[1]);
    line.curveTo(c[2], c[3], c[4], c[5], c[6], c[7]);
    g.setStroke(new BasicStroke(width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
    g.setColor(colour);
    g.draw(line);
  }

  /** A head, a foot at the mast and a foot away from it, the long side full of wind. */
  private static Shape sail(double hx, double hy, double mx, double my, double fx, double fy) {
    Path2D sail = new Path2D.Double();
    sail.moveTo(hx, hy);
    sail.lineTo(mx, my);
    sail.lineTo(fx, fy);
    sail.quadTo(fx + (hx - fx) * 0.28, hy + (fy - hy) * 0.42, hx, hy);
    sail.closePath();
    return sail;
  }

  /** Grain of about two steps of 255, the same at every run. */
  static void grain(BufferedImage image) {
    Random random = new Random(11);
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        int rgb = image.getRGB(x, y);
        int change = (int) Math.rint(2.2 * random.nextGaussian());
        int result = 0;
        for (int c = 16; c >= 0; c -= 8) {
          result = result << 8 | Math.clamp((rgb >> c & 0xff) + change, 0, 255);
        }
        image.setRGB(x, y, result);
      }
    }
  }
}
