package app.diaphan.core.deliver;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.frame.Frame;

/**
 * One way of delivering an overlay.
 *
 * @param frame the frame the file is for, which need not be the overlay's master frame
 * @param compression of a TIFF file
 * @param level of deflating, 1 (quick) to 9 (small)
 * @param dither whether 8-bit files break up soft ramps by an ordered pattern
 * @param dotsPerInch the resolution written in the file; it changes no pixel
 */
public record Target(
    Frame frame,
    Extent extent,
    FileFormat format,
    BitDepth depth,
    AlphaKind alpha,
    Compression compression,
    int level,
    boolean dither,
    int dotsPerInch) {

  public Target {
    Require.present(frame, "The target's frame");
    Require.present(extent, "The target's extent");
    Require.present(format, "The target's file format");
    Require.present(depth, "The target's bit depth");
    Require.present(alpha, "The target's alpha kind");
    Require.present(compression, "The target's compression");
    Require.between(1, 9, level, "The compression level");
    Require.between(1, 10_000, dotsPerInch, "The dots per inch");
    if (format == FileFormat.PNG && alpha == AlphaKind.PREMULTIPLIED) {
      throw new InvalidInput(
          "A PNG file's alpha is always straight; choose TIFF for premultiplied alpha.");
    }
  }

  /**
   * A whole-frame PNG of 8 bits with straight alpha, packed quickly: an editor's disk has room, and
   * a large frame is written in two thirds of the time level 4 takes.
   */
  public static Target png(Frame frame) {
    return new Target(
        frame,
        Extent.FRAME,
        FileFormat.PNG,
        BitDepth.EIGHT,
        AlphaKind.STRAIGHT,
        Compression.DEFLATE,
        2,
        true,
        72);
  }

  /** A whole-frame TIFF of 16 bits with straight alpha. */
  public static Target tiff(Frame frame) {
    return png(frame).with(FileFormat.TIFF).with(BitDepth.SIXTEEN);
  }

  public Target with(FileFormat other) {
    return new Target(frame, extent, other, depth, alpha, compression, level, dither, dotsPerInch);
  }

  public Target with(BitDepth other) {
    return new Target(frame, extent, format, other, alpha, compression, level, dither, dotsPerInch);
  }

  public Target with(AlphaKind other) {
    return new Target(frame, extent, format, depth, other, compression, level, dither, dotsPerInch);
  }

  public Target with(Extent other) {
    return new Target(frame, other, format, depth, alpha, compression, level, dither, dotsPerInch);
  }

  public Target with(Compression other) {
    return new Target(frame, extent, format, depth, alpha, other, level, dither, dotsPerInch);
  }

  public Target withDither(boolean other) {
    return new Target(frame, extent, format, depth, alpha, compression, level, other, dotsPerInch);
  }
}
