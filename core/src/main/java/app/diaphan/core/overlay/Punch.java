package app.diaphan.core.overlay;

/** Whether a piece is painted, or cuts through what lies behind it. */
public enum Punch {
  /** It is painted. */
  NONE,
  /** It cuts what lies behind it in its own group; without a group, all that lies behind it. */
  GROUP,
  /** It cuts everything that lies behind it, out of its group as well. */
  EVERYTHING
}
