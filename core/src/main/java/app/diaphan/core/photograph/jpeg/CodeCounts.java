package app.diaphan.core.photograph.jpeg;

import java.util.Arrays;

/** How often each symbol of each table comes. */
final class CodeCounts implements CodeSink {
  static final int TABLES = 4;
  private static final int SYMBOLS = 256;

  private final long[][] first = new long[TABLES][SYMBOLS];
  private final long[][] other = new long[TABLES][SYMBOLS];

  @Override
  public void first(int table, int symbol) {
    first[table][symbol]++;
  }

  @Override
  public void other(int table, int symbol) {
    other[table][symbol]++;
  }

  @Override
  public void bits(int number, int count) {}

  @Override
  public void restart(int number) {}

  long[] of(boolean others, int table) {
    return (others ? other : first)[table];
  }

  /** Whether a table has a code for each symbol that comes. */
  boolean coded(boolean others, int table, HuffmanCode code) {
    long[] counts = of(others, table);
    for (int symbol = 0; symbol < counts.length; symbol++) {
      if (counts[symbol] > 0 && (code == null || code.length(symbol) == 0)) {
        return false;
      }
    }
    return true;
  }

  static boolean none(long[] counts) {
    return Arrays.stream(counts).allMatch(count -> count == 0);
  }
}
