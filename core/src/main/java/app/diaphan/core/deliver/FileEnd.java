package app.diaphan.core.deliver;

/** What came of one overlay at one target when several were delivered in one go. */
public enum FileEnd {
  /** Its files were written and read back. */
  DELIVERED,
  /** It could not be written; nothing of it was kept. */
  FAILED,
  /** It was no longer to be delivered when its turn came. */
  SKIPPED,
  /** It had not come to its end, or had not begun, when the run ended. */
  BROKEN_OFF
}
