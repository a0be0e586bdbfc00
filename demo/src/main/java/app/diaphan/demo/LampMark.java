package app.diaphan.demo;

import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.RoundRectangle2D;

/**
 * The mark of the made-up channel: a hanging lamp, lit for the regatta and snowed in for winter.
 */
enum LampMark {
  REGATTA(0xfbf6ea, 0xf0a93f) {
    @Override
    Shape within() {
      return Pennant.polygon(120, 118, 156, 186, 120, 226, 84, 186);
    }
  },
  WINTER(0xeaf2f6, 0x8fc4de) {
    @Override
    Shape within() {
      Area crystal = new Area();
      for (int i = 0; i < 6; i++) {
        double angle = Math.PI / 3 * i;
        double right = Math.cos(angle);
        double down = Math.sin(angle);
        crystal.add(
            new Area(
                Pennant.polygon(
                    120 - 7 * down,
                    176 + 7 * right,
                    120 + 54 * right - 7 * down,
                    176 + 54 * down + 7 * right,
                    120 + 54 * right + 7 * down,
                    176 + 54 * down - 7 * right,
                    120 + 7 * down,
                    176 - 7 * right)));
      }
      return crystal;
    }
  };

  static final String FILE = "saltlight-lamp.svg";

  private static final int WIDTH = 240;
  private static final int HEIGHT = 320;

  private final Color frame;
  private final Color light;

  LampMark(int frame, int light) {
    this.frame = new Color(frame);
    this.light = new Color(light);
  }

  /** What is seen in the lamp. */
  abstract Shape within();

  String svg() {
    Area lamp = new Area(new RoundRectangle2D.Double(30, 84, 180, 184, 52, 52));
    lamp.subtract(new Area(new RoundRectangle2D.Double(50, 104, 140, 144, 36, 36)));
    lamp.add(new Area(new RoundRectangle2D.Double(60, 284, 120, 24, 12, 12)));
    Area handle = new Area(new Ellipse2D.Double(76, 12, 88, 88));
    handle.subtract(new Area(new Ellipse2D.Double(92, 28, 56, 56)));
    handle.subtract(new Area(new RoundRectangle2D.Double(30, 84, 180, 184, 52, 52)));
    lamp.add(handle);
    return new SvgFile(WIDTH, HEIGHT).fill(frame, lamp).fill(light, within()).toString();
  }
}
