package app.diaphan.core.overlay.finish;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.paint.Paint;
import java.util.List;

/** A finish of each kind to begin with, in the order in which they are offered. */
public final class FirstFinishes {
  private FirstFinishes() {}

  /**
   * @param size the shorter side of the piece in display units; lengths follow it
   * @param face the colour of the face; what goes round it stands out from that
   */
  public static List<Finish> of(double size, Colour face) {
    double unit = Math.clamp(size, 8, 400);
    Colour around = bright(face) ? Colour.BLACK : Colour.WHITE;
    return List.of(
        new Outline(
            true,
            length(0.035 * unit),
            Outline.Side.OUTSIDE,
            Outline.Corners.ROUND,
            new Paint.Flat(around),
            1,
            UnderFace.AUTOMATIC),
        new Halo(true, length(0.3 * unit), 0.3, around, 0.8, UnderFace.AUTOMATIC),
        new Shadow(
            true,
            60,
            length(0.05 * unit),
            length(0.16 * unit),
            0.1,
            Colour.BLACK,
            0.6,
            UnderFace.AUTOMATIC),
        new Inset(true, 60, length(0.03 * unit), length(0.1 * unit), 0.2, Colour.BLACK, 0.7),
        new Rim(true, length(0.12 * unit), 0.1, Colour.WHITE, 0.8),
        new Relief(
            true,
            length(0.07 * unit),
            Relief.Profile.ROUND,
            1,
            -120,
            40,
            false,
            Colour.WHITE,
            0.9,
            Colour.BLACK,
            0.7,
            1),
        new Soften(true, length(0.06 * unit), Soften.Side.BOTH));
  }

  private static boolean bright(Colour colour) {
    return 0.2126 * colour.red() + 0.7152 * colour.green() + 0.0722 * colour.blue() > 110;
  }

  private static double length(double units) {
    return Math.max(0.5, Math.rint(units * 2) / 2);
  }
}
