package app.diaphan.core.deliver;

/**
 * A file could not be delivered; nothing of it was left behind. The message is for the designer.
 */
public final class DeliveryFailed extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public DeliveryFailed(String message) {
    super(message);
  }

  public DeliveryFailed(String message, Throwable cause) {
    super(message, cause);
  }
}
