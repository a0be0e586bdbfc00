package app.diaphan.core.check;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.Samples;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Rendering;
import java.awt.geom.AffineTransform;
import org.junit.jupiter.api.Test;

class SeenTest {
  private static final Seen COLOURS =
      new Seen(new Bounds(10, 20, 12, 22), new int[] {0xff0000, 0x00ff00, 0x0000ff, 0x804020});
  private static final AffineTransform PIXELS = new AffineTransform();

  @Test
  void lightnessIsThatOfTheStandard() {
    assertEquals(0.2126, COLOURS.lightness(PIXELS, 10, 20), 1e-9);
    assertEquals(0.7152, COLOURS.lightness(PIXELS, 11, 20), 1e-9);
    assertEquals(0.0722, COLOURS.lightness(PIXELS, 10, 21), 1e-9);
    assertEquals(
        (0.2126 * 128 + 0.7152 * 64 + 0.0722 * 32) / 255, COLOURS.lightness(PIXELS, 11, 21), 1e-9);
  }

  @Test
  void roundWhatIsSeenItIsBlack() {
    assertEquals(0, COLOURS.lightness(PIXELS, 9, 20));
    assertEquals(0, COLOURS.lightness(PIXELS, 12, 20));
    assertEquals(0, COLOURS.lightness(PIXELS, 10, 19));
    assertEquals(0, COLOURS.lightness(PIXELS, 10, 22));
  }

  @Test
  void aGridIsSeenUprightAtTheSizeThatIsAsked() {
    // A grid whose squares are turned by a quarter: columns go down, rows to the left.
    AffineTransform turned = new AffineTransform(0, 1, -1, 0, 12, 20);
    assertArrayEquals(
        new int[] {
          0x00ff00, 0x00ff00, 0x804020, 0x804020,
          0x00ff00, 0x00ff00, 0x804020, 0x804020,
          0xff0000, 0xff0000, 0x0000ff, 0x0000ff,
          0xff0000, 0xff0000, 0x0000ff, 0x0000ff
        },
        COLOURS.upright(turned, 0, 2, 2));
    assertArrayEquals(new int[] {0, 0, 0, 0, 0, 0, 0, 0xff0000, 0x00ff00}, at(9, 19, 3));
  }

  private static int[] at(int column, int row, int count) {
    AffineTransform grid = AffineTransform.getTranslateInstance(column, row);
    int[] seen = COLOURS.upright(grid, 0, count, 1);
    return new int[] {
      seen[0], seen[1], seen[2], seen[3], seen[6], seen[6], seen[6], seen[4], seen[5]
    };
  }

  @Test
  void theOverlayLiesOverTheStill() {
    Frame frame = Frame.of(40, 20);
    Rendering rendering =
        Samples.renderer()
            .render(
                Samples.overlay(
                    frame,
                    Samples.plate(
                        new PlateShape.Rectangle(),
                        Samples.centre(),
                        20,
                        10,
                        Samples.flat("#ff400080"))),
                Canvas.of(frame));
    Still still =
        new Still("grey", new RasterPicture(1, 1, new float[] {0.2f, 0.4f, 0.6f, 1}, false));
    Seen seen = Seen.of(rendering, new Bounds(9, 4, 31, 16), still);
    assertEquals(0x336699, seen.rgb()[0]);
    double share = 128 / 255.0;
    int red = (int) Math.round(255 * share + 0x33 * (1 - share));
    int green = (int) Math.round(0x40 * share + 0x66 * (1 - share));
    int blue = (int) Math.round(0x99 * (1 - share));
    assertEquals(
        Integer.toHexString(red << 16 | green << 8 | blue),
        Integer.toHexString(seen.rgb()[5 * 22 + 11]));
  }
}
