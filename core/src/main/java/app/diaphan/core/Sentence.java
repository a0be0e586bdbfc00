package app.diaphan.core;

import java.util.Locale;

/** Texts put together from parts, the same on every machine whatever its language is. */
public final class Sentence {
  private Sentence() {}

  /**
   * @param format as {@link String#format} takes it
   */
  public static String of(String format, Object... parts) {
    return String.format(Locale.ROOT, format, parts);
  }
}
