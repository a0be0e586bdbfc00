package app.diaphan.core.screening;

import app.diaphan.core.file.Carried;

/** How an editing program takes the alpha of a still, rightly or wrongly. */
public enum AlphaReading {
  /** Colours are as they are, alpha says how solid they are. */
  STRAIGHT,
  /** Colours have been multiplied by their alpha already. */
  PREMULTIPLIED,
  /** There is no alpha. */
  IGNORED;

  /** The right one for a file. */
  public static AlphaReading of(Carried carried) {
    return switch (carried) {
      case Carried.Straight _ -> STRAIGHT;
      case Carried.Premultiplied _ -> PREMULTIPLIED;
      case Carried.FillAndKey _, Carried.OverColour _ -> IGNORED;
    };
  }
}
