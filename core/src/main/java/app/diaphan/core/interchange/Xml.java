package app.diaphan.core.interchange;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** How words and numbers stand in XML. */
final class Xml {
  private static final int DIGITS = 4;

  private Xml() {}

  static String escaped(String words) {
    return words
        .replaceAll("\\p{Cntrl}", " ")
        .replace("&", "&amp;")
        .replace("<", "&lt;")
        .replace(">", "&gt;")
        .replace("\"", "&quot;");
  }

  /** With four digits behind the point at most. */
  static String number(double value) {
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(DIGITS, RoundingMode.HALF_EVEN);
    return rounded.signum() == 0 ? "0" : rounded.stripTrailingZeros().toPlainString();
  }
}
