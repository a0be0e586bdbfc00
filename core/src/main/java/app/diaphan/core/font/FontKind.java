package app.diaphan.core.font;

/** What a family is good for, to group it in a list. */
public enum FontKind {
  SANS,
  CONDENSED,
  SERIF,
  OTHER_SCRIPT
}
