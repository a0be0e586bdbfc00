package app.diaphan.core.picture;

import java.awt.color.ICC_Profile;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;

/** The name that a colour profile gives itself, in its description tag (ICC.1:2022, 9.2.41). */
final class ProfileName {
  private static final String UNNAMED = "a profile without a name";

  private ProfileName() {}

  static String of(ICC_Profile profile) {
    byte[] tag = profile.getData(ICC_Profile.icSigProfileDescriptionTag);
    if (tag == null || tag.length < 12) {
      return UNNAMED;
    }
    try {
      ByteBuffer data = ByteBuffer.wrap(tag);
      String name =
          switch (new String(tag, 0, 4, StandardCharsets.US_ASCII)) {
            case "mluc" ->
                new String(tag, data.getInt(24), data.getInt(20), StandardCharsets.UTF_16BE);
            case "desc" -> new String(tag, 12, data.getInt(8), StandardCharsets.US_ASCII);
            default -> "";
          };
      String tidy = name.replaceAll("\\p{Cntrl}", "").strip();
      return tidy.isEmpty() ? UNNAMED : tidy;
    } catch (IndexOutOfBoundsException e) {
      return UNNAMED;
    }
  }
}
