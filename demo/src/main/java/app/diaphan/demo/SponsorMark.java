package app.diaphan.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;

/** Marks of made-up sponsors, as they are handed over: baked onto a ground, with soft edges. */
enum SponsorMark {
  /** Coils of rope on white. */
  WRACKLINE_ROPES("wrackline-ropes-on-white.jpg", Color.WHITE) {
    @Override
    void mark(Graphics2D g) {
      g.setStroke(new BasicStroke(24, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
      g.setColor(new Color(0xb9702f));
      g.draw(new Ellipse2D.Double(196, 62, 228, 150));
      g.setColor(new Color(0x8a4b22));
      g.draw(new Ellipse2D.Double(66, 86, 200, 102));
      g.draw(new Ellipse2D.Double(354, 86, 200, 102));
      g.setColor(new Color(0x23313a));
      for (int i = 0; i < 9; i++) {
        double x = 92 + 50 * i;
        g.fill(Pennant.polygon(x + 14, 262, x + 46, 262, x + 32, 306, x, 306));
      }
    }
  },
  /** A lamp and its beams on black. */
  FAIRLEAD_LIGHTS("fairlead-lights-on-black.jpg", Color.BLACK) {
    @Override
    void mark(Graphics2D g) {
      g.setColor(new Color(0xffd98a));
      for (int i = -2; i <= 2; i++) {
        var before = g.getTransform();
        g.rotate(Math.toRadians(10 * i), 180, 180);
        g.fill(Pennant.polygon(252, 176, 556, 164, 556, 196, 252, 184));
        g.setTransform(before);
      }
      g.setColor(new Color(0xfff6df));
      g.fill(new Ellipse2D.Double(116, 116, 128, 128));
      g.setColor(new Color(0xf0a93f));
      g.fill(new Ellipse2D.Double(146, 146, 68, 68));
    }
  };

  static final int WIDTH = 620;
  static final int HEIGHT = 360;

  private final String file;
  private final Color ground;

  SponsorMark(String file, Color ground) {
    this.file = file;
    this.ground = ground;
  }

  String file() {
    return file;
  }

  abstract void mark(Graphics2D g);

  void draw(Graphics2D g) {
    g.setColor(ground);
    g.fill(new Rectangle2D.Double(0, 0, WIDTH, HEIGHT));
    mark(g);
  }
}
