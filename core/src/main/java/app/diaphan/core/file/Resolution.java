package app.diaphan.core.file;

import app.diaphan.core.Require;

/** The dots per inch that a file is marked with. They change no pixel. */
public sealed interface Resolution {
  /** Those of the frame that the file is for. */
  record FramesOwn() implements Resolution {}

  /** The same for all frames, 1 to 10,000. */
  record DotsPerInch(int dotsPerInch) implements Resolution {
    public DotsPerInch {
      Require.between(1, 10_000, dotsPerInch, "The dots per inch");
    }
  }

  Resolution OF_FRAME = new FramesOwn();

  /**
   * @param ofFrame the frame's dots per inch
   */
  default int dotsPerInch(int ofFrame) {
    return switch (this) {
      case FramesOwn own -> ofFrame;
      case DotsPerInch(int dots) -> dots;
    };
  }
}
