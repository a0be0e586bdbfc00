package app.diaphan.bench;

/**
 * One measured line of the report.
 *
 * @param bar what it has to hold, such as "≤ 40"
 */
record Line(String name, double value, String unit, String bar, boolean holds) {
  static Line atMost(String name, double value, String unit, double bar) {
    return new Line(name, value, unit, "≤ " + plain(bar), value <= bar);
  }

  static Line atLeast(String name, double value, String unit, double bar) {
    return new Line(name, value, unit, "≥ " + plain(bar), value >= bar);
  }

  @Override
  public String toString() {
    return "%-58s %12s %-12s %-10s %s"
        .formatted(name, plain(value), unit, bar, holds ? "holds" : "FAILS");
  }

  private static String plain(double value) {
    return value == Math.rint(value) ? Long.toString((long) value) : "%.3f".formatted(value);
  }
}
