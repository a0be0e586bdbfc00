package app.diaphan.core.deliver;

import app.diaphan.core.Require;
import app.diaphan.core.frame.Frame;

/**
 * One way of delivering an overlay.
 *
 * @param frame the frame the file is for, which need not be the overlay's master frame
 */
public record Target(Frame frame, FileKind file) {
  public Target {
    Require.present(frame, "The target's frame");
    Require.present(file, "The target's file");
  }

  public static Target png(Frame frame) {
    return new Target(frame, FileKind.png());
  }

  public static Target tiff(Frame frame) {
    return new Target(frame, FileKind.tiff());
  }
}
