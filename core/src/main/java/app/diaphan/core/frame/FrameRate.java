package app.diaphan.core.frame;

import app.diaphan.core.Sentence;

/** Pictures a second as an exact fraction, such as 30000/1001. */
public record FrameRate(int pictures, int seconds) {
  /** "25", "29.97". */
  public String label() {
    return seconds == 1
        ? Integer.toString(pictures)
        : Sentence.of("%.2f", Math.floor(100.0 * pictures / seconds + 0.5) / 100);
  }
}
