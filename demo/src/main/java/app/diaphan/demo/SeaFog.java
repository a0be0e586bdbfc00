package app.diaphan.demo;

import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.geom.Ellipse2D;
import java.util.Random;

/** Almost nothing but grey. */
final class SeaFog implements Clip {
  @Override
  public String name() {
    return "sea-fog";
  }

  @Override
  public void draw(Graphics2D g, double time) {
    g.setPaint(new GradientPaint(0, 0, new Color(0xb4b9bb), 0, HEIGHT, new Color(0x8f9698)));
    g.fillRect(0, 0, WIDTH, HEIGHT);
    g.setColor(new Color(0x70, 0x78, 0x7c, 60));
    g.fillRect(0, 318, WIDTH, 3);
    g.setColor(new Color(0x5c, 0x66, 0x6b, 90));
    int x = (int) (430 + 40 * time);
    g.fillPolygon(new int[] {x, x + 46, x}, new int[] {210, 300, 300}, 3);
    g.fillPolygon(new int[] {x - 30, x + 54, x + 40, x - 18}, new int[] {304, 304, 320, 320}, 4);
    Random random = new Random(2);
    for (int i = 0; i < 26; i++) {
      double radius = 110 + random.nextInt(170);
      double cx = random.nextInt(WIDTH) + 60 * time - 30;
      double cy = 120 + random.nextInt(340);
      int shade = 160 + random.nextInt(36);
      g.setPaint(
          new RadialGradientPaint(
              (float) cx,
              (float) cy,
              (float) radius,
              new float[] {0, 1},
              new Color[] {
                new Color(shade, shade + 3, shade + 4, 60), new Color(0x00a0a6a8, true)
              }));
      g.fill(new Ellipse2D.Double(cx - radius, cy - radius, 2 * radius, 2 * radius));
    }
  }
}
