package app.diaphan.core.targets;

import app.diaphan.core.Require;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;

/** The frame that a target's files are for. */
public sealed interface TargetFrame {
  /** Each overlay's own master frame. */
  record OfOverlay() implements TargetFrame {}

  /** The same frame for all overlays. */
  record SameForAll(Frame frame) implements TargetFrame {
    public SameForAll {
      Require.present(frame, "The target's frame");
    }
  }

  TargetFrame OF_OVERLAY = new OfOverlay();

  default Frame of(Overlay overlay) {
    return switch (this) {
      case OfOverlay own -> overlay.frame();
      case SameForAll(Frame frame) -> frame;
    };
  }
}
