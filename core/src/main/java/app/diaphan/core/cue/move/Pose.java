package app.diaphan.core.cue.move;

/**
 * How a still is held on one picture while it comes or goes.
 *
 * @param opacity 0–1
 * @param across how far it is moved to the right, in shares of the clip's width
 * @param down how far downwards, in shares of the clip's height
 * @param scale about its own middle; 1 is its size at rest
 */
public record Pose(double opacity, double across, double down, double scale) {
  public static final Pose AT_REST = new Pose(1, 0, 0, 1);

  /** Both at once, where a still goes before it has come. */
  public Pose and(Pose other) {
    return new Pose(
        opacity * other.opacity, across + other.across, down + other.down, scale * other.scale);
  }
}
