package app.diaphan.core.roster.table;

/** Whether the first row of a table holds the names of its columns. */
public enum Heading {
  /** As it looks. */
  FOUND_OUT,
  FIRST_ROW,
  NONE
}
