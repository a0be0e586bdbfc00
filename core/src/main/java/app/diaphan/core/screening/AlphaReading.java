package app.diaphan.core.screening;

/** How an editing program takes the alpha of a still, rightly or wrongly. */
public enum AlphaReading {
  /** Colours are as they are, alpha says how solid they are. */
  STRAIGHT,
  /** Colours have been multiplied by their alpha already. */
  PREMULTIPLIED,
  /** There is no alpha. */
  IGNORED
}
