package app.diaphan.core.overlay.reframe;

import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.CopyName;
import app.diaphan.core.overlay.Overlay;
import java.util.Collection;

/** Makes a variation of an overlay. */
public final class OverlayCopy {
  private OverlayCopy() {}

  /** What becomes of lengths on another frame; pieces keep their pins. */
  public enum Lengths {
    /** They follow the frame, so that the overlay looks the same on it. */
    FOLLOW_FRAME,
    /** They stay as many pixels. */
    STAY
  }

  /**
   * @param frame of the copy; the overlay's own for one on the same
   * @param taken the names of the other overlays, the copied one's too
   * @return named as the overlay with the first free number behind it
   */
  public static Overlay of(
      Overlay overlay, Frame frame, Lengths lengths, Collection<String> taken) {
    Overlay copy =
        switch (lengths) {
          case FOLLOW_FRAME -> Reframed.of(overlay, frame);
          case STAY -> overlay.withFrame(frame.withMarginOf(overlay.frame()));
        };
    return copy.withName(CopyName.of(overlay.name(), taken));
  }
}
