package app.diaphan.demo;

import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RadialGradientPaint;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.Random;

/** Dark water, house fronts and lamps. */
final class QuayAtDusk implements Clip {
  @Override
  public String name() {
    return "quay-at-dusk";
  }

  @Override
  public void draw(Graphics2D g, double time) {
    g.setPaint(new GradientPaint(0, 0, new Color(0x141a33), 0, 300, new Color(0x6b3f4a)));
    g.fillRect(0, 0, WIDTH, 310);
    g.setPaint(new GradientPaint(0, 300, new Color(0x2a2136), 0, HEIGHT, new Color(0x070b16)));
    g.fillRect(0, 300, WIDTH, 240);
    Random random = new Random(11);
    int x = (int) (-40 - 60 * time);
    while (x < WIDTH + 40) {
      int width = 50 + random.nextInt(60);
      int top = 130 + random.nextInt(90);
      g.setColor(new Color(14 + random.nextInt(10), 16 + random.nextInt(8), 28));
      g.fillRect(x, top, width, 305 - top);
      Path2D roof = new Path2D.Double();
      roof.moveTo(x - 4, top);
      roof.lineTo(x + width / 2.0, top - 34);
      roof.lineTo(x + width + 4, top);
      g.fill(roof);
      for (int wy = top + 16; wy < 280; wy += 30) {
        for (int wx = x + 10; wx < x + width - 12; wx += 20) {
          if (random.nextInt(3) == 0) {
            g.setColor(new Color(0xd9, 0xa2, 0x4e, 120 + random.nextInt(120)));
            g.fillRect(wx, wy, 8, 12);
          }
        }
      }
      x += width + 3;
    }
    for (int i = 0; i < 9; i++) {
      lamp(g, 60 + i * 118 - (int) (60 * time), 288);
    }
    for (int i = 0; i < 260; i++) {
      int wx = random.nextInt(WIDTH);
      int wy = 318 + random.nextInt(215);
      int length = 6 + random.nextInt(40) * (wy - 300) / 240;
      int drift = (int) (12 * Math.sin(time * 6 + wy));
      g.setColor(new Color(0xd8, 0x9a, 0x5c, 10 + random.nextInt(34)));
      g.fillRect(wx + drift, wy, length, 1 + (wy - 300) / 110);
    }
  }

  private static void lamp(Graphics2D g, int x, int y) {
    g.setColor(new Color(0x05070d));
    g.fillRect(x - 2, y - 46, 3, 60);
    float[] stops = {0, 0.15f, 1};
    Color[] colours = {
      new Color(255, 226, 160, 255), new Color(255, 190, 100, 130), new Color(255, 160, 70, 0)
    };
    g.setPaint(new RadialGradientPaint(x, y - 48, 42, stops, colours));
    g.fill(new Ellipse2D.Double(x - 42, y - 90, 84, 84));
    g.setPaint(
        new GradientPaint(
            x, 305, new Color(255, 190, 100, 90), x, 470, new Color(255, 160, 70, 0)));
    g.fillRect(x - 5, 305, 10, 170);
  }
}
