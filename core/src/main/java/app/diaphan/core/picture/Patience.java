package app.diaphan.core.picture;

/**
 * A time after which drawing is given up. It decides whether there is a picture, never which.
 *
 * @param end as {@link System#nanoTime} counts
 */
record Patience(long end) {
  /** So many seconds from now. */
  static Patience of(double seconds) {
    return new Patience(System.nanoTime() + (long) (seconds * 1e9));
  }

  /** Whether the time is over, or the thread was told to stop. */
  boolean over() {
    return System.nanoTime() - end > 0 || Thread.currentThread().isInterrupted();
  }
}
