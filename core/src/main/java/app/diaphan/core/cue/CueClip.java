package app.diaphan.core.cue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.cue.time.CueTime;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.frame.Frame;

/**
 * The video that a cue list is for.
 *
 * @param name of a clip of the package or of a file of the designer's own; empty for none
 * @param width in pixels
 * @param height in lines
 * @param base how its pictures are numbered
 * @param start the number of its first picture: many videos begin at 01:00:00:00 or 10:00:00:00
 * @param length in pictures
 */
public record CueClip(String name, int width, int height, TimeBase base, long start, long length) {
  public CueClip {
    Require.present(name, "The name of the clip");
    Require.present(base, "How the pictures of the clip are numbered");
    Require.between(Frame.LEAST, Frame.MOST, width, "The width of the clip");
    Require.between(Frame.LEAST, Frame.MOST, height, "The height of the clip");
    if (start < 0 || length < 1 || start + length > base.day()) {
      throw new InvalidInput(
          "The clip has to begin at 00:00:00:00 or later, last a picture at least, and end within a day.");
    }
  }

  /** The same clip with pictures that are numbered otherwise, from the same timecode on. */
  CueClip numbered(TimeBase other) {
    long beginning = Math.min(other.day() - 1, CueTime.same(base.timecode(start), other));
    long pictures = Math.max(1, other.from(base.rate(), length));
    return new CueClip(
        name, width, height, other, beginning, Math.min(pictures, other.day() - beginning));
  }

  /** The first number behind its last picture. */
  public long end() {
    return start + length;
  }
}
