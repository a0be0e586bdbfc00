package app.diaphan.core;

/** What holds for every name that a designer gives. */
public final class Names {
  private Names() {}

  /**
   * @param what how the sentence begins, such as "An overlay's name"
   * @param most characters
   * @return the name
   * @throws InvalidInput if it is missing, empty, too long, or holds characters that cannot be seen
   *     and change what is seen around them
   */
  public static String check(String name, int most, String what) {
    if (name == null || name.isBlank() || name.length() > most) {
      throw new InvalidInput(Sentence.of("%s has 1 to %d characters.", what, most));
    }
    checkSeen(name, what);
    return name;
  }

  /**
   * @throws InvalidInput if a text holds control or direction characters or halves of characters
   */
  public static void checkSeen(String text, String what) {
    text.codePoints()
        .filter(Names::unseen)
        .findFirst()
        .ifPresent(
            point -> {
              throw new InvalidInput(
                  Sentence.of(
                      "%s holds the invisible character U+%04X; type it anew without that.",
                      what, point));
            });
  }

  /** Control and direction characters (Unicode 16.0, section 23.2), and unpaired surrogates. */
  private static boolean unseen(int point) {
    return Character.isISOControl(point)
        || point >= 0x202a && point <= 0x202e
        || point >= 0x2066 && point <= 0x2069
        || point == 0x200e
        || point == 0x200f
        || point == 0x061c
        || point == 0xfeff
        || point >= Character.MIN_SURROGATE && point <= Character.MAX_SURROGATE;
  }

  /** The beginning of a text, no longer than this, with no character cut in two. */
  public static String shortened(String text, int most) {
    if (text.length() <= most) {
      return text;
    }
    return text.substring(0, Character.isHighSurrogate(text.charAt(most - 1)) ? most - 1 : most);
  }
}
