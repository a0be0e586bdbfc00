package app.diaphan.core.render;

import app.diaphan.core.overlay.cutout.Tint;

/**
 * Levels, then hue, saturation and lightness of a colour. Saturation is about the mean of its
 * largest and least channel, the lightness of the HSL model (A. R. Smith, "Color Gamut Transform
 * Pairs", SIGGRAPH 1978); hues turn within it.
 */
record Adjusting(Tint.Adjusted how) implements Tinted.Pixel {
  @Override
  public float change(int x, int y, float[] rgb, int at) {
    for (int c = at; c < at + 3; c++) {
      double value = Math.clamp((rgb[c] - how.low()) / (how.high() - how.low()), 0, 1);
      if (how.middle() != 1) {
        value = Math.pow(value, how.middle());
      }
      rgb[c] = (float) (how.inverted() ? 1 - value : value);
    }
    if (how.hue() != 0) {
      turn(rgb, at);
    }
    if (how.saturation() != 1) {
      float grey = (most(rgb, at) + least(rgb, at)) / 2;
      for (int c = at; c < at + 3; c++) {
        rgb[c] = Math.clamp((float) (grey + (rgb[c] - grey) * how.saturation()), 0f, 1f);
      }
    }
    float light = (float) how.lightness();
    for (int c = at; c < at + 3; c++) {
      rgb[c] += light > 0 ? (1 - rgb[c]) * light : rgb[c] * light;
    }
    return 1;
  }

  /** Moves the hue along, with the largest and the least channel kept as they are. */
  private void turn(float[] rgb, int at) {
    float most = most(rgb, at);
    float least = least(rgb, at);
    float span = most - least;
    if (span <= 0) {
      return;
    }
    double sixths;
    if (most == rgb[at]) {
      sixths = (rgb[at + 1] - rgb[at + 2]) / span;
    } else if (most == rgb[at + 1]) {
      sixths = 2 + (rgb[at + 2] - rgb[at]) / span;
    } else {
      sixths = 4 + (rgb[at] - rgb[at + 1]) / span;
    }
    sixths += how.hue() / 60;
    for (int c = 0; c < 3; c++) {
      // Each channel is highest within a sixth either side of its own hue.
      double away = Math.abs(Math.IEEEremainder(sixths - 2 * c, 6));
      rgb[at + c] = (float) (least + span * Math.clamp(2 - away, 0, 1));
    }
  }

  private static float most(float[] rgb, int at) {
    return Math.max(rgb[at], Math.max(rgb[at + 1], rgb[at + 2]));
  }

  private static float least(float[] rgb, int at) {
    return Math.min(rgb[at], Math.min(rgb[at + 1], rgb[at + 2]));
  }
}
