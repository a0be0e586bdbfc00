package app.diaphan.core.picture;

import java.util.Map;

/**
 * Says of what kind a picture is that is written into a file without it: both libraries leave such
 * pictures out.
 */
final class SvgImageData {
  private static final String UNTOLD = "data:;base64,";

  /** How a picture begins, in letters of base 64. */
  private static final Map<String, String> KINDS =
      Map.of(
          "iVBORw0KGgo", "image/png",
          "/9j/", "image/jpeg",
          "R0lGOD", "image/gif",
          "PHN2Z", "image/svg+xml",
          "PD94bWw", "image/svg+xml");

  private SvgImageData() {}

  /**
   * @param address as the file tells it
   */
  static String told(String address) {
    String target = address.strip();
    if (!target.startsWith(UNTOLD)) {
      return address;
    }
    String data = target.substring(UNTOLD.length()).stripLeading();
    return KINDS.entrySet().stream()
        .filter(kind -> data.startsWith(kind.getKey()))
        .findFirst()
        .map(kind -> "data:" + kind.getValue() + ";base64," + data)
        .orElse(address);
  }
}
