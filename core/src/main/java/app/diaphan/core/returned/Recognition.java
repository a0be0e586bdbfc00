package app.diaphan.core.returned;

import app.diaphan.core.picture.RasterPicture;
import java.util.Optional;

/**
 * Finds the delivered file that a picture came from.
 *
 * @param <T> what stands for a delivered file
 */
public final class Recognition<T> {
  private final Likeness look;
  private final boolean hasAlpha;
  private double least = ReturnedCheck.MOST_DISTANCE;
  private T nearest;

  public Recognition(RasterPicture returned) {
    look = Likeness.of(returned);
    hasAlpha = returned.hasAlpha();
  }

  /**
   * Looks at one delivered file.
   *
   * @param handicap added to its distance, so that of two that look alike the other is taken
   */
  public void consider(T file, Likeness delivered, double handicap) {
    double distance = delivered.distance(look, hasAlpha) + handicap;
    if (distance < least) {
      least = distance;
      nearest = file;
    }
  }

  /** Nothing if none was like it. */
  public Optional<T> nearest() {
    return Optional.ofNullable(nearest);
  }
}
