package app.diaphan.core.photograph.jpeg;

/** Takes what a scan is coded as. */
interface CodeSink {
  /** A symbol of a table of first coefficients. */
  void first(int table, int symbol);

  /** A symbol of a table of all other coefficients. */
  void other(int table, int symbol);

  /** Bits that follow a symbol, the last ones of a number. */
  void bits(int number, int count);

  /**
   * @param number 0–7
   */
  void restart(int number);
}
