package app.diaphan.core.cue;

import app.diaphan.core.cue.marker.Marker;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameRate;
import java.util.List;
import java.util.function.Function;

/** Cues as the tests need them: 25 pictures a second over a minute of 1920 × 1080. */
final class CueSamples {
  static final TimeBase PAL = TimeBase.of(new FrameRate(25, 1));
  static final CueClip CLIP = new CueClip("quay at dusk", 1920, 1080, PAL, 0, 1500);

  private CueSamples() {}

  static StillId id(int row) {
    return new StillId(1, row, "HD");
  }

  static Cue cue(int id, long from, long length, int lane) {
    return cue(id, from, length, lane, Move.CUT, Move.CUT);
  }

  static Cue cue(int id, long from, long length, int lane, Move coming, Move going) {
    return new Cue(id, id(id), from, length, lane, coming, going, 0, Fit.OWN);
  }

  static CueList list(Cue... cues) {
    return new CueList("Skippers at the quay", CLIP, 15, List.of(), List.of(cues));
  }

  static Marker marker(String words, long at) {
    return new Marker(words, at, 0);
  }

  /** A still of the whole frame with one line of words. */
  static CueStill still(StillId id, String words) {
    return still(id, Frame.of(1920, 1080), CueStill.Standing.DELIVERED, words);
  }

  static CueStill still(StillId id, Frame frame, CueStill.Standing standing, String... lines) {
    return new CueStill(
        id,
        "skipper-" + id.row() + ".png",
        "Skipper " + id.row(),
        frame,
        0,
        0,
        frame.width(),
        frame.height(),
        List.of(lines).stream().map(line -> new CueStill.Line(line, 60)).toList(),
        standing);
  }

  static Function<StillId, CueStill> stills(String words) {
    return id -> still(id, words);
  }
}
