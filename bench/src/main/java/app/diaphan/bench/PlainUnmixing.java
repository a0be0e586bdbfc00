package app.diaphan.bench;

import app.diaphan.core.picture.RasterPicture;

/**
 * What somebody would write in an afternoon who cuts a mark out of its ground with care: a ground
 * of second order fitted to the border, and either the least alpha that explains a pixel or the
 * share of the strongest colour within four pixels.
 */
final class PlainUnmixing {
  private static final int NEAR = 4;
  private static final int TERMS = 6;

  private final RasterPicture given;
  private final int width;
  private final int height;
  private final double[][] ground = new double[3][];
  private double noise;

  private PlainUnmixing(RasterPicture given) {
    this.given = given;
    width = given.width();
    height = given.height();
  }

  /** Premultiplied, by the least alpha of each pixel. */
  static float[] byLeastAlpha(RasterPicture given) {
    PlainUnmixing plain = new PlainUnmixing(given);
    plain.fit();
    float[] cut = new float[4 * plain.width * plain.height];
    for (int place = 0; place < plain.width * plain.height; place++) {
      double alpha = 0;
      for (int c = 0; c < 3; c++) {
        double ground = plain.ground(place, c);
        double away = given.value(4 * place + c) - ground;
        double room = away > 0 ? 1 - ground : ground;
        alpha = Math.max(alpha, room > 1e-6 && plain.differs(place) ? Math.abs(away) / room : 0);
      }
      plain.put(cut, place, Math.min(1, alpha));
    }
    return cut;
  }

  /** Premultiplied, by the share of the strongest colour nearby. */
  static float[] byStrongest(RasterPicture given) {
    PlainUnmixing plain = new PlainUnmixing(given);
    plain.fit();
    float[] cut = new float[4 * plain.width * plain.height];
    for (int place = 0; place < plain.width * plain.height; place++) {
      int strongest = place;
      for (int j = -NEAR; j <= NEAR; j++) {
        for (int i = -NEAR; i <= NEAR; i++) {
          int x = place % plain.width + i;
          int y = place / plain.width + j;
          if (x >= 0 && y >= 0 && x < plain.width && y < plain.height) {
            int other = y * plain.width + x;
            if (plain.strength(other) > plain.strength(strongest) + plain.noise) {
              strongest = other;
            }
          }
        }
      }
      double along = 0;
      double square = 0;
      for (int c = 0; c < 3; c++) {
        double full = given.value(4 * strongest + c) - plain.ground(strongest, c);
        along += full * (given.value(4 * place + c) - plain.ground(place, c));
        square += full * full;
      }
      double alpha = square > 0 && plain.differs(place) ? along / square : 0;
      plain.put(cut, place, Math.clamp(alpha, 0, 1));
    }
    return cut;
  }

  private void put(float[] cut, int place, double alpha) {
    for (int c = 0; c < 3; c++) {
      double own = given.value(4 * place + c) - (1 - alpha) * ground(place, c);
      cut[4 * place + c] = (float) Math.clamp(own, 0, alpha);
    }
    cut[4 * place + 3] = (float) alpha;
  }

  private boolean differs(int place) {
    return strength(place) > Math.max(2.0 / 255, 3 * noise);
  }

  private double strength(int place) {
    double most = 0;
    for (int c = 0; c < 3; c++) {
      most = Math.max(most, Math.abs(given.value(4 * place + c) - ground(place, c)));
    }
    return most;
  }

  private double ground(int place, int channel) {
    double[] at = terms(place);
    double sum = 0;
    for (int i = 0; i < TERMS; i++) {
      sum += ground[channel][i] * at[i];
    }
    return sum;
  }

  private double[] terms(int place) {
    double u = 2.0 * (place % width) / width - 1;
    double v = 2.0 * (place / width) / height - 1;
    return new double[] {1, u, v, u * u, u * v, v * v};
  }

  private void fit() {
    double squares = 0;
    int count = 0;
    for (int c = 0; c < 3; c++) {
      double[][] rows = new double[TERMS][TERMS + 1];
      for (int place = 0; place < width * height; place++) {
        if (border(place)) {
          double[] at = terms(place);
          for (int i = 0; i < TERMS; i++) {
            for (int j = 0; j < TERMS; j++) {
              rows[i][j] += at[i] * at[j];
            }
            rows[i][TERMS] += at[i] * given.value(4 * place + c);
          }
        }
      }
      ground[c] = solved(rows);
      for (int place = 0; place < width * height; place++) {
        if (border(place)) {
          double off = given.value(4 * place + c) - ground(place, c);
          squares += off * off;
          count++;
        }
      }
    }
    noise = Math.sqrt(squares / count);
  }

  private boolean border(int place) {
    int x = place % width;
    int y = place / width;
    return x < 2 || y < 2 || x >= width - 2 || y >= height - 2;
  }

  private static double[] solved(double[][] rows) {
    for (int i = 0; i < TERMS; i++) {
      double pivot = rows[i][i];
      for (int j = i; j <= TERMS; j++) {
        rows[i][j] /= pivot;
      }
      for (int k = 0; k < TERMS; k++) {
        double times = k == i ? 0 : rows[k][i];
        for (int j = i; j <= TERMS; j++) {
          rows[k][j] -= times * rows[i][j];
        }
      }
    }
    double[] result = new double[TERMS];
    for (int i = 0; i < TERMS; i++) {
      result[i] = rows[i][TERMS];
    }
    return result;
  }
}
