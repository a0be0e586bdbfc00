package app.diaphan.core.deliver;

/** Makes pictures smaller as editors do, every channel by itself. */
record Reduction(Filter filter, int times) {
  enum Filter {
    BOX(0.5),
    BILINEAR(1),
    LANCZOS(3);

    private final double reach;

    Filter(double reach) {
      this.reach = reach;
    }

    /**
     * @param away in pixels of the result
     */
    double weight(double away) {
      double x = Math.abs(away);
      if (x >= reach) {
        return 0;
      }
      return switch (this) {
        case BOX -> 1;
        case BILINEAR -> 1 - x;
        case LANCZOS -> sinc(x) * sinc(x / reach);
      };
    }

    private static double sinc(double x) {
      return x == 0 ? 1 : Math.sin(Math.PI * x) / (Math.PI * x);
    }
  }

  /**
   * @param pixels four values each
   */
  double[] of(double[] pixels, int width, int height) {
    int w = width / times;
    int h = height / times;
    double[] narrow = new double[4 * w * height];
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < w; x++) {
        mix(pixels, 4 * y * width, 4, width, x, narrow, 4 * (y * w + x));
      }
    }
    double[] small = new double[4 * w * h];
    for (int y = 0; y < h; y++) {
      for (int x = 0; x < w; x++) {
        mix(narrow, 4 * x, 4 * w, height, y, small, 4 * (y * w + x));
      }
    }
    return small;
  }

  private void mix(double[] from, int start, int step, int count, int place, double[] to, int at) {
    double middle = (place + 0.5) * times;
    double total = 0;
    int reach = (int) Math.ceil(filter.reach * times);
    for (int i = (int) middle - reach - 1; i <= middle + reach; i++) {
      double weight = filter.weight((i + 0.5 - middle) / times);
      int inside = Math.clamp(i, 0, count - 1);
      total += weight;
      for (int c = 0; c < 4; c++) {
        to[at + c] += weight * from[start + step * inside + c];
      }
    }
    for (int c = 0; c < 4; c++) {
      to[at + c] /= total;
    }
  }
}
