package app.diaphan.core.targets;

/** What is done when a file of the name is there already. */
public enum IfThere {
  /** It is replaced in one step; whoever linked to it sees the new one. */
  REPLACE,
  /** It stays, and the new one gets a number. */
  KEEP_BESIDE
}
