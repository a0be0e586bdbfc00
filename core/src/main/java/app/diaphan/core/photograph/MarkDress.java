package app.diaphan.core.photograph;

/** The version of a mark for dark photographs, and the one for light ones. */
public enum MarkDress {
  LIGHT,
  DARK
}
