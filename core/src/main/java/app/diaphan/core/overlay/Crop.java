package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;

/** Shares of a picture's sides that are left out, each 0–1. */
public record Crop(double left, double top, double right, double bottom) {
  public static final Crop NOTHING = new Crop(0, 0, 0, 0);
  private static final double LEAST_LEFT_OVER = 0.001;

  public Crop {
    Require.between(0, 1, left, "The share cropped on the left");
    Require.between(0, 1, top, "The share cropped above");
    Require.between(0, 1, right, "The share cropped on the right");
    Require.between(0, 1, bottom, "The share cropped below");
    if (left + right > 1 - LEAST_LEFT_OVER || top + bottom > 1 - LEAST_LEFT_OVER) {
      throw new InvalidInput("The crop leaves nothing of the picture; take a side back.");
    }
  }
}
