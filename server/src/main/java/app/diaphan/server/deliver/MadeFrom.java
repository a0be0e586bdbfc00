package app.diaphan.server.deliver;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.targets.PlannedFile;
import app.diaphan.server.json.DocumentJson;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** A digest of all that decides a delivered file, by which it is known whether anything changed. */
final class MadeFrom {
  private MadeFrom() {}

  /**
   * @param pictures digests of the package's pictures by name
   */
  static String of(PlannedFile planned, Map<String, String> pictures) {
    // What is said of other targets changes nothing here.
    Overlay overlay = planned.overlay().withForTargets(List.of());
    Map<String, String> used = new TreeMap<>();
    String document = DocumentJson.write(overlay);
    pictures.forEach(
        (name, digest) -> {
          if (document.contains(DocumentJson.write(name))) {
            used.put(name, digest);
          }
        });
    return sha256(
        document
            + DocumentJson.write(planned.target().of(overlay))
            + planned.name()
            + DocumentJson.write(used));
  }

  private static String sha256(String text) {
    try {
      byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e); // Every Java platform has SHA-256.
    }
  }
}
