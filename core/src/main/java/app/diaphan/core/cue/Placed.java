package app.diaphan.core.cue;

import app.diaphan.core.cue.move.Course;
import app.diaphan.core.cue.move.Pose;
import app.diaphan.core.frame.Frame;

/** Where a still lies on the clip, in pixels of the clip, and how solid it is, 0–1. */
public record Placed(double left, double top, double width, double height, double opacity) {

  /** Where it rests; of one that scrolls, where it would if it did not. */
  public static Placed resting(CueStill still, Fit fit, CueClip clip) {
    Frame frame = still.frame();
    double scale = scale(frame, fit, clip);
    double across = clip.width() - frame.width() * scale * pixelShape(frame, fit);
    double down = clip.height() - frame.videoHeight() * scale;
    double shape = pixelShape(frame, fit);
    return new Placed(
        across / 2 + still.left() * scale * shape,
        down / 2 + still.top() * scale,
        still.width() * scale * shape,
        still.height() * scale,
        1);
  }

  /** How many times as high the video that a frame is for becomes on the clip. */
  public static double scale(Frame frame, Fit fit, CueClip clip) {
    return switch (fit) {
      case OWN -> 1;
      case FILL ->
          Math.min(
              clip.width() / frame.displayWidth(), (double) clip.height() / frame.videoHeight());
    };
  }

  /** Pixel on pixel nothing is stretched; brought to the clip's size, all pixels become square. */
  private static double pixelShape(Frame frame, Fit fit) {
    return switch (fit) {
      case OWN -> 1;
      case FILL -> frame.pixelAspect().value();
    };
  }

  /**
   * Where a cue's still is.
   *
   * @param at picture, counted from 00:00:00:00, within the cue
   */
  public static Placed at(Cue cue, CueStill still, CueClip clip, long at) {
    Placed rest = resting(still, cue.fit(), clip);
    Pose pose = Course.of(cue.coming(), cue.going()).at(at - cue.from(), cue.length());
    double top =
        cue.scrolls()
            ? clip.height() - cue.scroll() * clip.base().seconds(at - cue.from())
            : rest.top;
    return new Placed(
        rest.left + pose.across() * clip.width() + rest.width * (1 - pose.scale()) / 2,
        top + pose.down() * clip.height() + rest.height * (1 - pose.scale()) / 2,
        rest.width * pose.scale(),
        rest.height * pose.scale(),
        pose.opacity());
  }
}
