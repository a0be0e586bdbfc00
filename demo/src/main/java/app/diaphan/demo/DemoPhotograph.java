package app.diaphan.demo;

import java.awt.Graphics2D;
import java.util.List;
import java.util.function.Consumer;

/**
 * A photograph of the regatta's week, drawn: part of a scene, held by a camera in one of eight
 * ways.
 *
 * @param file its name
 * @param scene drawn in units of its own
 * @param left of what is seen of the scene, in its units; top and width likewise
 * @param upright whether it is higher than wide
 * @param orientation by EXIF's tag 274
 * @param quality of the JPEG file, 0–1
 */
record DemoPhotograph(
    String file,
    Consumer<Graphics2D> scene,
    double left,
    double top,
    double width,
    boolean upright,
    int orientation,
    float quality) {
  static final int LONGER = 1200;
  static final int SHORTER = 800;

  /** Bright and dark, busy and calm, as an evening's work has them. */
  static List<DemoPhotograph> all() {
    Consumer<Graphics2D> quay = g -> new QuayAtDusk().draw(g, 0.2);
    Consumer<Graphics2D> lamps = g -> new QuayAtDusk().draw(g, 0.8);
    Consumer<Graphics2D> sails = g -> new WhiteSails().draw(g, 0.35);
    Consumer<Graphics2D> fleet = g -> new WhiteSails().draw(g, 0.9);
    Consumer<Graphics2D> rail = g -> new CrowdAtTheRail().draw(g, 0.1);
    Consumer<Graphics2D> crowd = g -> new CrowdAtTheRail().draw(g, 0.7);
    Consumer<Graphics2D> fog = g -> new SeaFog().draw(g, 0.3);
    return List.of(
        new DemoPhotograph("0411-quay.jpg", quay, 60, 0, 800, false, 1, 0.9f),
        new DemoPhotograph("0412-lamps.jpg", lamps, 300, 20, 340, true, 6, 0.9f),
        new DemoPhotograph("0420-sails.jpg", sails, 100, 0, 800, false, 1, 0.92f),
        new DemoPhotograph("0421-mainsail.jpg", sails, 330, 60, 300, true, 8, 0.9f),
        new DemoPhotograph("0422-fleet.jpg", fleet, 80, 40, 740, false, 1, 0.85f),
        new DemoPhotograph("0431-at-the-rail.jpg", rail, 40, 0, 800, false, 1, 0.9f),
        new DemoPhotograph("0432-faces.jpg", crowd, 360, 60, 310, true, 1, 0.9f),
        new DemoPhotograph("0433-cheering.jpg", crowd, 100, 120, 600, false, 2, 0.8f),
        new DemoPhotograph("0440-sea-fog.jpg", fog, 60, 0, 800, false, 1, 0.9f),
        new DemoPhotograph("0441-fog-upright.jpg", fog, 300, 0, 350, true, 6, 0.9f),
        new DemoPhotograph("0450-at-anchor.jpg", BoatAtAnchor::draw, 0, 0, 1200, false, 1, 0.92f),
        new DemoPhotograph("0451-hull.jpg", BoatAtAnchor::draw, 300, 260, 620, false, 3, 0.9f));
  }

  int uprightWidth() {
    return upright ? SHORTER : LONGER;
  }

  int uprightHeight() {
    return upright ? LONGER : SHORTER;
  }

  /** Upright. */
  void draw(Graphics2D g) {
    double scale = uprightWidth() / width;
    g.scale(scale, scale);
    g.translate(-left, -top);
    scene.accept(g);
  }
}
