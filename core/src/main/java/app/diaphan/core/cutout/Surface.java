package app.diaphan.core.cutout;

import app.diaphan.core.picture.RasterPicture;

/**
 * A value over the pixels of a picture as a polynomial of up to second order: a + bu + cv + du² +
 * euv + fv², where u and v are −1 at the first and 1 at the last column and row.
 *
 * @param terms a to f; those not needed are 0
 */
record Surface(double[] terms, double middleX, double middleY, double halfX, double halfY) {
  /** How many terms a surface that changes evenly has. */
  static final int EVEN = 3;

  /** How many one of second order has. */
  static final int BENT = 6;

  /** Smaller pivots than this, against the number of places, tell nothing. */
  private static final double NOTHING = 1e-9;

  static Surface flat(double value) {
    return new Surface(new double[] {value, 0, 0, 0, 0, 0}, 0, 0, 1, 1);
  }

  /**
   * By least squares, with fewer terms where the places do not tell more.
   *
   * @param places pixels of the picture, of which those kept count
   * @param terms {@link #EVEN} or {@link #BENT}
   */
  static Surface fitted(
      RasterPicture picture, int[] places, boolean[] kept, int channel, int terms) {
    double middleX = (picture.width() - 1) / 2.0;
    double middleY = (picture.height() - 1) / 2.0;
    double halfX = Math.max(0.5, middleX);
    double halfY = Math.max(0.5, middleY);
    double[][] normal = new double[terms][terms + 1];
    double[] at = new double[BENT];
    int count = 0;
    for (int i = 0; i < places.length; i++) {
      if (kept[i]) {
        count++;
        double u = (places[i] % picture.width() - middleX) / halfX;
        double v = (places[i] / picture.width() - middleY) / halfY;
        values(u, v, at);
        double value = picture.value(4 * places[i] + channel);
        for (int row = 0; row < terms; row++) {
          for (int column = row; column < terms; column++) {
            normal[row][column] += at[row] * at[column];
          }
          normal[row][terms] += at[row] * value;
        }
      }
    }
    for (int row = 1; row < terms; row++) {
      for (int column = 0; column < row; column++) {
        normal[row][column] = normal[column][row];
      }
    }
    double mean = count == 0 ? 0 : normal[0][terms] / count;
    double[] solved = solved(normal, NOTHING * Math.max(1, count));
    if (solved.length == 0) {
      return terms > EVEN ? fitted(picture, places, kept, channel, EVEN) : flat(mean);
    }
    double[] all = new double[BENT];
    System.arraycopy(solved, 0, all, 0, terms);
    return new Surface(all, middleX, middleY, halfX, halfY);
  }

  private static void values(double u, double v, double[] at) {
    at[0] = 1;
    at[1] = u;
    at[2] = v;
    at[3] = u * u;
    at[4] = u * v;
    at[5] = v * v;
  }

  /**
   * Gauss's elimination without exchange, since the matrix is symmetric and not negative.
   *
   * @param rows the matrix with the right side as last column; changed
   * @return nothing if a pivot is too small
   */
  private static double[] solved(double[][] rows, double least) {
    int n = rows.length;
    for (int pivot = 0; pivot < n; pivot++) {
      if (rows[pivot][pivot] < least) {
        return new double[0];
      }
      for (int row = pivot + 1; row < n; row++) {
        double times = rows[row][pivot] / rows[pivot][pivot];
        for (int column = pivot; column <= n; column++) {
          rows[row][column] -= times * rows[pivot][column];
        }
      }
    }
    double[] result = new double[n];
    for (int row = n - 1; row >= 0; row--) {
      double sum = rows[row][n];
      for (int column = row + 1; column < n; column++) {
        sum -= rows[row][column] * result[column];
      }
      result[row] = sum / rows[row][row];
    }
    return result;
  }

  boolean bent() {
    return terms[3] != 0 || terms[4] != 0 || terms[5] != 0;
  }

  double at(int x, int y) {
    double u = (x - middleX) / halfX;
    double v = (y - middleY) / halfY;
    return terms[0]
        + terms[1] * u
        + terms[2] * v
        + terms[3] * u * u
        + terms[4] * u * v
        + terms[5] * v * v;
  }
}
