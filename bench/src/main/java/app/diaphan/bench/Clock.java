package app.diaphan.bench;

import java.util.Arrays;

/** Times work in a warm virtual machine. */
final class Clock {
  @FunctionalInterface
  interface Work {
    void run(int turn) throws Exception;
  }

  private Clock() {}

  /** The median of many turns after as many to warm up, in milliseconds. */
  static double median(int turns, Work work) throws Exception {
    for (int i = 0; i < turns; i++) {
      work.run(i);
    }
    double[] times = new double[turns];
    for (int i = 0; i < turns; i++) {
      long start = System.nanoTime();
      work.run(turns + i);
      times[i] = (System.nanoTime() - start) / 1e6;
    }
    Arrays.sort(times);
    return times[turns / 2];
  }

  static double percentile(double[] times, double share) {
    double[] sorted = times.clone();
    Arrays.sort(sorted);
    return sorted[(int) Math.min(sorted.length - 1, Math.ceil(share * sorted.length) - 1)];
  }
}
