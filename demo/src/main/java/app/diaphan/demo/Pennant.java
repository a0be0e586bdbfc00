package app.diaphan.demo;

import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/** The pennants of the made-up clubs, each of two colours. */
enum Pennant {
  OSIER_POINT("osier-point.svg", 0x1d6a78, 0xf3d27a) {
    @Override
    Shape mark() {
      return new Rectangle2D.Double(0, 0, 150, HEIGHT);
    }
  },
  GREYWICK("greywick.svg", 0x3f4a57, 0xe6ebef) {
    @Override
    Shape mark() {
      return new Rectangle2D.Double(0, HEIGHT / 2.0 - 32, WIDTH, 64);
    }
  },
  FARROW_QUAY("farrow-quay.svg", 0xb23a48, 0xffffff) {
    @Override
    Shape mark() {
      return polygon(90, 0, 190, 0, 330, HEIGHT, 230, HEIGHT);
    }
  },
  TERN_HOLM("tern-holm.svg", 0x27386b, 0x9fd6e0) {
    @Override
    Shape mark() {
      double middle = HEIGHT / 2.0;
      return polygon(60, middle, 150, middle - 90, 240, middle, 150, middle + 90);
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

  abstract Shape mark();

  String svg() {
    Shape flag = polygon(6, 6, WIDTH - 6, HEIGHT / 2.0, 6, HEIGHT - 6);
    Area within = new Area(mark());
    within.intersect(new Area(flag));
    return new SvgFile(WIDTH, HEIGHT).fill(ground, flag).fill(second, within).toString();
  }

  static Shape polygon(double... xy) {
    Path2D path = new Path2D.Double();
    path.moveTo(xy[0], xy[1]);
    for (int i = 2; i < xy.length; i += 2) {
      path.lineTo(xy[i], xy[i + 1]);
    }
    path.closePath();
    return path;
  }
}
