package app.diaphan.demo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/** The pennants of the made-up clubs, each of two colours. */
enum Pennant {
  OSIER_POINT("osier-point.png", 0x1d6a78, 0xf3d27a) {
    @Override
    void mark(Graphics2D g) {
      g.fill(new Rectangle2D.Double(0, 0, 150, HEIGHT));
    }
  },
  GREYWICK("greywick.png", 0x3f4a57, 0xe6ebef) {
    @Override
    void mark(Graphics2D g) {
      g.fill(new Rectangle2D.Double(0, HEIGHT / 2.0 - 32, WIDTH, 64));
    }
  },
  FARROW_QUAY("farrow-quay.png", 0xb23a48, 0xffffff) {
    @Override
    void mark(Graphics2D g) {
      Path2D slash = new Path2D.Double();
      slash.moveTo(90, 0);
      slash.lineTo(190, 0);
      slash.lineTo(330, HEIGHT);
      slash.lineTo(230, HEIGHT);
      g.fill(slash);
    }
  },
  TERN_HOLM("tern-holm.png", 0x27386b, 0x9fd6e0) {
    @Override
    void mark(Graphics2D g) {
      Path2D diamond = new Path2D.Double();
      diamond.moveTo(60, HEIGHT / 2.0);
      diamond.lineTo(150, HEIGHT / 2.0 - 90);
      diamond.lineTo(240, HEIGHT / 2.0);
      diamond.lineTo(150, HEIGHT / 2.0 + 90);
      g.fill(diamond);
    }
  };

  static final int WIDTH = 600;
  static final int HEIGHT = 320;

  private final String file;
  private final Color ground;
  private final Color second;

  Pennant(String file, int ground, int second) {
    this.file = file;
    this.ground = new Color(ground);
    this.second = new Color(second);
  }

  String file() {
    return file;
  }

  abstract void mark(Graphics2D g);

  void draw(Graphics2D g) {
    Path2D flag = new Path2D.Double();
    flag.moveTo(6, 6);
    flag.lineTo(WIDTH - 6, HEIGHT / 2.0);
    flag.lineTo(6, HEIGHT - 6);
    flag.closePath();
    g.setColor(ground);
    g.fill(flag);
    var whole = g.getClip();
    g.clip(flag);
    g.setColor(second);
    mark(g);
    g.setClip(whole);
  }
}
