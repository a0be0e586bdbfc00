package app.diaphan.core.cue.move;

import java.util.List;
import java.util.stream.IntStream;

/**
 * The poses of a still on its pictures. A move of n frames shows n pictures on its way, evenly
 * between away and at rest: none of them is wholly away, none at rest already.
 *
 * @param coming from its first picture on
 * @param going from its last picture backwards
 */
public record Course(List<Pose> coming, List<Pose> going) {
  /** How small a still begins to grow. */
  private static final double SMALL = 0.6;

  public static Course of(Move coming, Move going) {
    return new Course(poses(coming), poses(going));
  }

  private static List<Pose> poses(Move move) {
    int frames = move.length();
    return IntStream.range(0, frames)
        .mapToObj(at -> pose(move, (at + 1.0) / (frames + 1)))
        .toList();
  }

  /**
   * @param there 0 when it is away, 1 at rest
   */
  private static Pose pose(Move move, double there) {
    double eased = there * there * (3 - 2 * there);
    return switch (move) {
      case Move.Cut() -> Pose.AT_REST;
      case Move.Fade _ -> new Pose(there, 0, 0, 1);
      case Move.Slide(Side side, int _) ->
          new Pose(1, side.across() * (1 - eased), side.down() * (1 - eased), 1);
      case Move.Grow _ -> new Pose(eased, 0, 0, SMALL + (1 - SMALL) * eased);
    };
  }

  /**
   * @param at picture of the cue, from 0
   * @param length of the cue in pictures
   */
  public Pose at(long at, long length) {
    Pose come = at < coming.size() ? coming.get((int) at) : Pose.AT_REST;
    long left = length - 1 - at;
    return left < going.size() ? come.and(going.get((int) left)) : come;
  }
}
