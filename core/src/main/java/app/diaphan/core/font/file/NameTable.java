package app.diaphan.core.font.file;

import java.nio.ByteBuffer;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;

/** What a font says in words (OpenType, table "name"): English, or whatever there is. */
final class NameTable {
  static final int FAMILY = 1;
  static final int STYLE = 2;
  static final int TYPOGRAPHIC_FAMILY = 16;
  static final int TYPOGRAPHIC_STYLE = 17;

  private static final int MAC = 1;
  private static final int WINDOWS = 3;
  private static final int ENGLISH_ON_WINDOWS = 0x409;
  private static final int MOST_BYTES = 1000;

  private final Map<Integer, String> names = new HashMap<>();
  private final Map<Integer, Integer> ranks = new HashMap<>();

  NameTable(Sfnt font) {
    font.table("name").ifPresent(this::read);
  }

  private void read(ByteBuffer in) {
    in.getShort();
    int count = Short.toUnsignedInt(in.getShort());
    int strings = Short.toUnsignedInt(in.getShort());
    for (int i = 0; i < count; i++) {
      int platform = in.getShort();
      in.getShort();
      int language = Short.toUnsignedInt(in.getShort());
      int id = Short.toUnsignedInt(in.getShort());
      int length = Short.toUnsignedInt(in.getShort());
      int offset = Short.toUnsignedInt(in.getShort());
      int rank = rank(platform, language);
      if (length > MOST_BYTES || rank <= ranks.getOrDefault(id, 0)) {
        continue;
      }
      byte[] letters = new byte[length];
      in.get(strings + offset, letters);
      Charset charset = platform == MAC ? StandardCharsets.ISO_8859_1 : StandardCharsets.UTF_16BE;
      names.put(id, seen(new String(letters, charset)));
      ranks.put(id, rank);
    }
  }

  /** The higher, the sooner a name is taken; 0 for one that cannot be read with certainty. */
  private static int rank(int platform, int language) {
    return switch (platform) {
      case WINDOWS -> language == ENGLISH_ON_WINDOWS ? 4 : 2;
      case MAC -> language == 0 ? 2 : 0;
      default -> 3;
    };
  }

  /** Without characters that nobody sees. */
  private static String seen(String text) {
    return text.replaceAll("\\p{C}", "").strip();
  }

  /** Empty if the font does not say. */
  String of(int id) {
    return names.getOrDefault(id, "");
  }

  /** The first of these that the font says; empty if it says none. */
  String first(int... ids) {
    for (int id : ids) {
      if (!of(id).isEmpty()) {
        return of(id);
      }
    }
    return "";
  }
}
