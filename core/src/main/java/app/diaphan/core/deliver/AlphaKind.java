package app.diaphan.core.deliver;

/** Whether the colours of a file stand as they are or are already multiplied by its alpha. */
public enum AlphaKind {
  STRAIGHT,
  PREMULTIPLIED
}
