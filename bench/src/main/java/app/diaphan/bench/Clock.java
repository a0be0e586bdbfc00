package app.diaphan.bench;

import java.util.Arrays;

/** Times work in a warm virtual machine. */
final class Clock {
  @FunctionalInterface
  interface Work {
    void run(int turn) throws Exception;
  }

  /** The least time of turns that are not counted; by then the compiler is mostly done. */
  private static final long WARMING = 2_000_000_000L;

  private Clock() {}

  /** The median of many turns after others to warm up, in milliseconds. */
  static double median(int turns, Work work) throws Exception {
    int warm = 0;
    for (long end = System.nanoTime() + WARMING; warm < turns || System.nanoTime() < end; warm++) {
      work.run(warm);
    }
    double[] times = new double[turns];
    for (int i = 0; i < turns; i++) {
      long start = System.nanoTime();
      work.run(warm + i);
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
