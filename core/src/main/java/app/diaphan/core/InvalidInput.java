package app.diaphan.core;

/**
 * Something a designer gave cannot be used. The message is a whole sentence for the designer: what
 * is wrong, where, and what to do about it.
 */
public final class InvalidInput extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public InvalidInput(String message) {
    super(message);
  }

  public InvalidInput(String message, Throwable cause) {
    super(message, cause);
  }
}
