package app.diaphan.core.overlay.dress;

/** Which of the two values of the house's colours an overlay wears. */
public enum Dress {
  /** For light pictures and papers, or wherever nothing else is said. */
  LIGHT,
  /** For dark ones. */
  DARK;

  public Dress other() {
    return this == LIGHT ? DARK : LIGHT;
  }
}
