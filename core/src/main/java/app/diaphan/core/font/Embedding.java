package app.diaphan.core.font;

/**
 * Who a font may be passed on to inside other files, as the font itself says (OpenType, "fsType" of
 * table "OS/2"). It is told, not enforced: what was agreed with the font's maker counts.
 */
public enum Embedding {
  /** May be passed on with files and installed. */
  INSTALLABLE,
  /** May be passed on inside files that others change. */
  EDITABLE,
  /** May be passed on inside files that others only look at or print. */
  VIEWING,
  /** May not be passed on without its maker's leave. */
  RESTRICTED;

  /** Whether a file of it goes with a bundle unless the designer says otherwise. */
  public boolean goesAlong() {
    return this == INSTALLABLE || this == EDITABLE;
  }

  /**
   * @param type as in the table; of several permissions the least restrictive counts
   */
  public static Embedding of(int type) {
    int permissions = type & 0xf;
    if ((permissions & 8) != 0) {
      return EDITABLE;
    }
    if ((permissions & 4) != 0) {
      return VIEWING;
    }
    return (permissions & 2) != 0 ? RESTRICTED : INSTALLABLE;
  }
}
