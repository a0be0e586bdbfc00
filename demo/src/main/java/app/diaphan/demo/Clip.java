package app.diaphan.demo;

import java.awt.Graphics2D;

/** A made-up clip that is drawn, not filmed. */
interface Clip {
  int WIDTH = 960;
  int HEIGHT = 540;

  /** The folder its stills go to. */
  String name();

  /**
   * @param time 0 at the first still, 1 at the last
   */
  void draw(Graphics2D g, double time);
}
