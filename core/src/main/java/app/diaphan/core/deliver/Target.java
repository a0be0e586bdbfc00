package app.diaphan.core.deliver;

import app.diaphan.core.Require;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Frame;

/**
 * One way of delivering an overlay.
 *
 * @param frame the frame the file is for, which need not be the overlay's master frame
 */
public record Target(Frame frame, FileKind file) {
  private static final long MOST_BESIDE_ANOTHER = 3840L * 2160;

  public Target {
    Require.present(frame, "The target's frame");
    Require.present(file, "The target's file");
  }

  /** Whether its files are too large to be made beside another one, for their memory. */
  public boolean goesAlone() {
    return (long) frame.width() * frame.height() > MOST_BESIDE_ANOTHER;
  }

  /** What its files are marked with. */
  public int dotsPerInch() {
    return file.resolution().dotsPerInch(frame.dotsPerInch());
  }

  public static Target png(Frame frame) {
    return new Target(frame, FileKind.png());
  }

  public static Target tiff(Frame frame) {
    return new Target(frame, FileKind.tiff());
  }
}
