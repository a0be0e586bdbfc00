package app.diaphan.core.ornament;

import static app.diaphan.core.ornament.Pen.around;
import static app.diaphan.core.ornament.Pen.bar;
import static app.diaphan.core.ornament.Pen.disc;
import static app.diaphan.core.ornament.Pen.filled;
import static app.diaphan.core.ornament.Pen.leaf;
import static app.diaphan.core.ornament.Pen.line;
import static app.diaphan.core.ornament.Pen.mirrored;
import static app.diaphan.core.ornament.Pen.polygon;
import static app.diaphan.core.ornament.Pen.ring;
import static app.diaphan.core.ornament.Pen.shifted;
import static app.diaphan.core.ornament.Pen.swelling;
import static app.diaphan.core.ornament.Pen.together;
import static app.diaphan.core.ornament.Pen.turned;

import app.diaphan.core.overlay.PathData;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.List;

/** The ornaments that Diaphan ships, drawn for it by code. */
public final class OrnamentShelf {
  private static final List<Ornament> ALL =
      List.of(
          ornament("Lozenge line", "divider rule separator diamond", lozengeDivider()),
          ornament("Swelling line", "divider rule separator tapered", swelling(100, 3)),
          ornament("Three dots", "divider separator", threeDots()),
          ornament("Swell", "divider wave sea water line", swell()),
          ornament("Waves", "divider water sea lines", waves()),
          ornament("Flourish", "divider curl scroll line", flourish()),
          ornament("Rope", "divider cord twist sea line", rope()),
          ornament("Leafed line", "divider plant branch separator", leafedLine()),
          ornament("Sprig", "leaf plant branch", sprig()),
          ornament("Wreath", "laurel leaves winner round frame", wreath()),
          ornament("Compass rose", "star sea wind round north", compassRose()),
          ornament("Star", "winner rating point", star()),
          ornament(
              "Sunburst", "rays sun round light", around(polygon(-3, -24, 3, -24, 0, -50), 16)),
          ornament("Roundel", "ring circle round frame", together(ring(50, 45), ring(41, 39))),
          ornament("Rope ring", "circle cord round frame sea", ropeRing()),
          ornament("Rosette", "flower badge round winner", rosette()),
          ornament("Ribbon", "banner band plate", ribbon()),
          ornament("Pennant", "flag swallow tail", polygon(0, 0, 100, 22, 76, 30, 100, 38, 0, 60)),
          ornament("Frame corners", "border crop edges", frameCorners()),
          ornament("Corner steps", "border edge corner", cornerSteps()),
          ornament("Corner bow", "border edge corner curl", cornerBow()),
          ornament("Brace", "bracket curly side", brace()),
          ornament("Long arrow", "pointer direction", longArrow()),
          ornament("Swept arrow", "pointer direction bow", sweptArrow()),
          ornament("Quote marks", "quotation words speech", quotationMarks()),
          ornament("Wave crest", "sea water surf", waveCrest()),
          ornament("Anchor", "sea harbour boat", anchor()));

  private OrnamentShelf() {}

  public static List<Ornament> all() {
    return ALL;
  }

  private static Ornament ornament(String name, String words, Shape shape) {
    Area area = new Area(shape);
    Rectangle2D box = area.getBounds2D();
    AffineTransform toBox =
        AffineTransform.getScaleInstance(1 / box.getWidth(), 1 / box.getHeight());
    toBox.translate(-box.getX(), -box.getY());
    return new Ornament(name, words, box.getWidth() / box.getHeight(), PathData.write(area, toBox));
  }

  private static Shape lozengeDivider() {
    return together(
        polygon(-5, 0, 0, -5, 5, 0, 0, 5),
        mirrored(bar(9, -0.6, 45, 1.2)),
        mirrored(disc(54, 0, 1.6)));
  }

  private static Shape threeDots() {
    return together(disc(0, 0, 4), mirrored(disc(14, 0, 2.8)), mirrored(disc(25, 0, 1.8)));
  }

  private static Shape swell() {
    return line(
        3, -60, 0, -50, -12, -40, -12, -30, 0, -20, 12, -10, 12, 0, 0, 10, -12, 20, -12, 30, 0, 40,
        12, 50, 12, 60, 0);
  }

  private static Shape waves() {
    Area all = new Area();
    double[] widths = {3.6, 2.8, 2};
    for (int i = 0; i < widths.length; i++) {
      all.add(
          new Area(
              shifted(
                  line(
                      widths[i],
                      "M-48 0C-40 -10 -32 -10 -24 0C-16 10 -8 10 0 0C8 -10 16 -10 24 0C32 10 40 10 48 0"),
                  0,
                  11.0 * i)));
    }
    return all;
  }

  private static Shape flourish() {
    return together(
        line(6, "M20 70C90 20 170 20 230 70C290 120 370 120 440 70"),
        line(5, "M230 70C210 110 160 116 150 88C144 66 172 58 180 76"),
        line(5, "M330 100C360 130 410 122 410 94C410 74 382 74 382 92"),
        line(4, "M440 70C480 50 510 52 540 70"),
        disc(20, 70, 9),
        disc(440, 70, 9));
  }

  private static Shape star() {
    Area points = new Area();
    for (int i = 0; i < 5; i++) {
      points.add(new Area(turned(polygon(0, -50, 12, -15, 0, 2, -12, -15), 72.0 * i)));
    }
    return points;
  }

  private static Shape ropeRing() {
    Shape strand =
        filled(
            "M-22 -144C-20 -164 -4 -188 16 -188C22 -188 18 -172 4 -154C-4 -142 -14 -140 -22 -144Z");
    return around(strand, 28);
  }

  private static Shape sweptArrow() {
    return together(
        line(16, "M20 190C60 70 200 30 330 86"), filled("M300 30L410 108L290 142L322 88Z"));
  }

  private static Shape waveCrest() {
    return filled(
        "M10 168C90 166 130 120 164 72C196 28 262 6 316 30C366 52 372 110 330 120C300 127 278 98 300 78C262 76 244 120 268 144C300 172 360 170 410 168L410 176L10 176Z");
  }

  private static Shape rope() {
    Area all = new Area();
    for (int i = -6; i <= 6; i++) {
      all.add(new Area(shifted(line(3, -4, 4, -1, 4, 1, -4, 4, -4), 8.0 * i, 0)));
    }
    return all;
  }

  private static Shape leafedLine() {
    Area half = new Area(bar(7, -0.5, 50, 1));
    for (int i = 0; i < 5; i++) {
      half.add(new Area(shifted(turned(leaf(11, 2.6), -35), 12 + 8.0 * i, 0)));
      half.add(new Area(shifted(turned(leaf(11, 2.6), 35), 12 + 8.0 * i, 0)));
    }
    return together(mirrored(half), disc(0, 0, 3));
  }

  private static Shape sprig() {
    Area all = new Area(line(2, -40, 6, -20, 6, 10, 2, 36, -12));
    double[][] places = {{-26, 6}, {-12, 5}, {2, 3}, {16, -2}, {27, -7}};
    for (double[] place : places) {
      all.add(new Area(shifted(turned(leaf(20, 6), -68), place[0], place[1])));
      all.add(new Area(shifted(turned(leaf(20, 6), 40), place[0], place[1])));
    }
    all.add(new Area(shifted(turned(leaf(20, 6), -25), 34, -11)));
    return all;
  }

  /** Two branches that meet below and leave a gap above. */
  private static Shape wreath() {
    Area half = new Area();
    for (int i = 0; i < 9; i++) {
      double degrees = 78 - 18.0 * i;
      for (double tilt : new double[] {-62, -118}) {
        Shape leaf = turned(leaf(17, 4.6), tilt);
        half.add(new Area(turned(shifted(leaf, 42, 0), degrees)));
      }
    }
    Area stem = ring(42.8, 41.2);
    stem.intersect(new Area(bar(0, -30, 60, 90)));
    half.add(stem);
    return mirrored(half);
  }

  private static Shape compassRose() {
    Area points = around(polygon(0, -50, 7, -7, 0, 0, -7, -7), 4);
    points.add(new Area(turned(around(polygon(0, -34, 6, -6, 0, 0, -6, -6), 4), 45)));
    points.add(ring(26, 23.5));
    points.subtract(new Area(disc(0, 0, 3.5)));
    return points;
  }

  private static Shape rosette() {
    Area petals = around(shifted(disc(0, 0, 10), 0, -34), 12);
    petals.add(new Area(disc(0, 0, 34)));
    petals.subtract(ring(28, 26));
    return petals;
  }

  private static Shape ribbon() {
    Area tails = mirrored(polygon(38, 4, 66, 4, 58, 14, 66, 24, 38, 24));
    tails.subtract(new Area(bar(-42.5, -12, 85, 28.5)));
    return together(tails, bar(-41, -12, 82, 27));
  }

  private static Shape frameCorners() {
    Shape corner = polygon(0, 0, 16, 0, 16, 2.4, 2.4, 2.4, 2.4, 16, 0, 16);
    return together(
        shifted(corner, -50, -32),
        shifted(turned(corner, 90), 50, -32),
        shifted(turned(corner, 180), 50, 32),
        shifted(turned(corner, 270), -50, 32));
  }

  private static Shape cornerSteps() {
    Area all = new Area();
    for (int i = 0; i < 3; i++) {
      double at = 9.0 * i;
      double reach = 60 - 2 * at;
      all.add(new Area(bar(at, at, reach, 2.6)));
      all.add(new Area(bar(at, at, 2.6, reach)));
    }
    return all;
  }

  private static Shape cornerBow() {
    return together(
        line(2.4, 0, 60, 0, 30, 4, 4, 30, 4, 44, 4, 46, 20, 34, 20, 27, 20, 26, 12, 32, 12),
        line(2.4, 60, 0, 30, 0, 4, 4, 4, 30, 4, 44, 20, 46, 20, 34, 20, 27, 12, 26, 12, 32));
  }

  private static Shape brace() {
    return line(
        4, 20, -50, 4, -50, 10, -40, 10, -20, 10, -6, 8, 0, 0, 0, 8, 0, 10, 6, 10, 20, 10, 40, 4,
        50, 20, 50);
  }

  private static Shape longArrow() {
    return polygon(0, -1.5, 88, -1.5, 82, -9, 86, -9, 100, 0, 86, 9, 82, 9, 88, 1.5, 0, 1.5);
  }

  private static Shape quotationMarks() {
    Area one = new Area(disc(0, 0, 9));
    one.add(new Area(line(4.5, -6.6, 0, -6.6, -12, 0, -20, 8, -22)));
    return together(one, shifted(one, 26, 0));
  }

  private static Shape anchor() {
    Area all = new Area(shifted(ring(8, 4.5), 0, -38));
    all.add(new Area(bar(-2.4, -31, 4.8, 70)));
    all.add(new Area(bar(-15, -24, 30, 4.4)));
    all.add(new Area(line(5, -30, 12, -30, 32, -14, 38, 0, 38, 14, 38, 30, 32, 30, 12)));
    all.add(mirrored(polygon(30, 2, 39, 19, 21, 19)));
    return all;
  }
}
