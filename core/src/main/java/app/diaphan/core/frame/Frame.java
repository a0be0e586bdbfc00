package app.diaphan.core.frame;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import java.awt.geom.Rectangle2D;

/**
 * A video picture size.
 *
 * <p>Overlays are laid out in <em>display units</em>: square, as many to the frame's height as the
 * frame has lines. A frame of 720×480 pixels with a pixel aspect of 40/33 is 872.7 units wide and
 * 480 high.
 *
 * @param width stored pixels in a line, 16 to 16384
 * @param height lines, 16 to 16384
 * @param dotsPerInch what the frame is marked with, 1 to 10,000; it changes no pixel
 * @param videoHeight lines of the video's picture that the frame is seen in: its own, or fewer for
 *     a card that is scrolled through it
 */
public record Frame(
    int width,
    int height,
    PixelAspect pixelAspect,
    Scan scan,
    SafeAreas safeAreas,
    OwnMargin ownMargin,
    int dotsPerInch,
    int videoHeight) {
  public static final int LEAST = 16;
  public static final int MOST = 16384;

  /** What a frame is marked with that was not measured in inches. */
  public static final int COMMON_DOTS = 72;

  /** The most pixels one frame may have: twice an 8K picture. */
  public static final long MOST_PIXELS = 2L * 7680 * 4320;

  public Frame {
    checkSide(width, "width");
    checkSide(height, "height");
    if ((long) width * height > MOST_PIXELS) {
      throw new InvalidInput(
          Sentence.of(
              "A frame of %d × %d pixels is larger than Diaphan can draw; keep it under %d megapixels.",
              width, height, MOST_PIXELS / 1_000_000));
    }
    Require.present(pixelAspect, "The frame's pixel aspect");
    Require.present(scan, "The frame's scan");
    Require.present(safeAreas, "The frame's safe areas");
    Require.present(ownMargin, "The frame's own margin");
    Require.between(1, 10_000, dotsPerInch, "The frame's dots per inch");
    Require.between(LEAST, height, videoHeight, "The height of the video that the frame is for");
  }

  /** A frame as high as the video it is for. */
  public static Frame of(
      int width, int height, PixelAspect aspect, Scan scan, SafeAreas areas, OwnMargin margin) {
    return new Frame(width, height, aspect, scan, areas, margin, COMMON_DOTS, height);
  }

  /** A progressive frame with square pixels and EBU R 95 safe areas. */
  public static Frame of(int width, int height) {
    return of(
        width, height, PixelAspect.SQUARE, Scan.PROGRESSIVE, SafeAreas.EBU_R95, OwnMargin.NONE);
  }

  /** Whether only a part of it is seen at a time. */
  public boolean scrolled() {
    return videoHeight < height;
  }

  /** This frame with another's own margin, as long on this one, where it has none itself. */
  public Frame withMarginOf(Frame other) {
    return ownMargin.equals(OwnMargin.NONE) && !other.ownMargin.equals(OwnMargin.NONE)
        ? new Frame(
            width,
            height,
            pixelAspect,
            scan,
            safeAreas,
            other.ownMargin.scaled(shortSide() / other.shortSide()),
            dotsPerInch,
            videoHeight)
        : this;
  }

  private static void checkSide(int pixels, String side) {
    if (pixels < LEAST || pixels > MOST) {
      throw new InvalidInput(
          Sentence.of(
              "The frame's %s is %d pixels; give a whole number from %d to %d.",
              side, pixels, LEAST, MOST));
    }
  }

  /** Width in display units. */
  public double displayWidth() {
    return width * pixelAspect.value();
  }

  /** Height in display units. */
  public double displayHeight() {
    return height;
  }

  /**
   * The shorter side of the video's picture in display units; lengths follow it from one frame to
   * another.
   */
  public double shortSide() {
    return Math.min(displayWidth(), videoHeight);
  }

  /** One of the frame's rectangles, in display units from the frame's top left corner. */
  public Rectangle2D area(Area area) {
    return switch (area) {
      case FRAME -> new Rectangle2D.Double(0, 0, displayWidth(), displayHeight());
      case ACTION_SAFE -> inset(safeAreas.actionX(), safeAreas.actionY());
      case TITLE_SAFE -> inset(safeAreas.titleX(), safeAreas.titleY());
      case OWN_MARGIN -> ownMargin.within(displayWidth(), displayHeight());
    };
  }

  private Rectangle2D inset(double percentX, double percentY) {
    double x = displayWidth() * percentX / 100;
    double y = videoHeight * percentY / 100;
    return new Rectangle2D.Double(x, y, displayWidth() - 2 * x, displayHeight() - 2 * y);
  }

  /** "1920 × 1080"; "1920 × 3240 for a video of 1080 lines". */
  public String sizeInWords() {
    String size = width + " × " + height;
    return scrolled() ? size + " for a video of " + videoHeight + " lines" : size;
  }
}
