package app.diaphan.core;

/** Checks of values that come from outside; each failure is an {@link InvalidInput} sentence. */
public final class Require {
  private Require() {}

  /**
   * @param what how the sentence names the value, such as "The face opacity"
   * @throws InvalidInput if the value is not a number within the limits, both included
   */
  public static double between(double least, double most, double value, String what) {
    if (!(value >= least && value <= most)) {
      throw new InvalidInput(
          Sentence.of(
              "%s is %s, but has to be between %s and %s.",
              what, plain(value), plain(least), plain(most)));
    }
    return value;
  }

  /**
   * @throws InvalidInput if the value is missing
   */
  public static <T> T present(T value, String what) {
    if (value == null) {
      throw new InvalidInput(what + " is missing.");
    }
    return value;
  }

  private static String plain(double value) {
    return value == Math.rint(value) && Math.abs(value) < 1e9
        ? Long.toString((long) value)
        : Double.toString(value);
  }
}
