package app.diaphan.core.memory;

/**
 * The memory that the program was given does not do for something, though nothing is wrong with it.
 * The message is a sentence for the designer.
 */
public final class NoRoom extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NoRoom(String message, OutOfMemoryError cause) {
    super(message, cause);
  }
}
