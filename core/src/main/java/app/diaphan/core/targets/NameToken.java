package app.diaphan.core.targets;

/** What a pattern of file names can hold in braces. */
public enum NameToken {
  PACKAGE("the package's name"),
  OVERLAY("the overlay's name"),
  TARGET("the target's name"),
  FRAME("the frame, such as 1920x1080"),
  REVISION("the overlay's revision"),
  DATE("the day of delivery, such as 2026-06-30"),
  COUNTER("a number that counts the overlays of the target, such as 01"),
  LEFT("how far right a trimmed file lies on its frame, in pixels"),
  TOP("how far down it lies");

  private final String meaning;

  NameToken(String meaning) {
    this.meaning = meaning;
  }

  public String meaning() {
    return meaning;
  }

  /** As it is written: "{overlay}". */
  public String written() {
    return "{" + name().toLowerCase(java.util.Locale.ROOT) + "}";
  }
}
