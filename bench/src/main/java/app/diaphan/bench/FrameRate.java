package app.diaphan.bench;

import com.microsoft.playwright.Page;

/** How many pictures a second a page shows; one count at a time. */
final class FrameRate {
  private FrameRate() {}

  /** Begins to count anew; a count begun before comes to its end, or pictures are counted twice. */
  static void begin(Page page) {
    page.evaluate(
        "() => { const frames = []; window.frames = frames; const tick = t => {"
            + " if (window.frames !== frames) return; frames.push(t); requestAnimationFrame(tick); };"
            + " requestAnimationFrame(tick); }");
  }

  /** Pictures a second since the count began. */
  static double end(Page page) {
    return ((Number)
            page.evaluate(
                "() => { const frames = window.frames; window.frames = null;"
                    + " return 1000 * (frames.length - 1) / (frames.at(-1) - frames[0]); }"))
        .doubleValue();
  }
}
