package app.diaphan.core.font.file;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A font as its tables (OpenType 1.9, "Organization of an OpenType font").
 *
 * @param flavour what its outlines are: 0x00010000 for TrueType's, "OTTO" for CFF
 * @param tables by tag
 */
record Sfnt(int flavour, Map<String, byte[]> tables) {
  static final int TRUE_TYPE = 0x0001_0000;
  static final int CFF = tag("OTTO");
  static final int MAC_TRUE_TYPE = tag("true");
  static final int COLLECTION = tag("ttcf");

  private static final int HEADER = 12;
  private static final int ENTRY = 16;
  private static final int MOST_TABLES = 200;

  Sfnt {
    tables = Collections.unmodifiableMap(new TreeMap<>(tables));
  }

  static int tag(String tag) {
    return ByteBuffer.wrap(tag.getBytes(StandardCharsets.US_ASCII)).getInt();
  }

  static String tag(int tag) {
    byte[] letters = ByteBuffer.allocate(4).putInt(tag).array();
    return new String(letters, StandardCharsets.ISO_8859_1);
  }

  /**
   * @param start where its directory begins; tables are counted from the file's start
   * @throws RuntimeException of many kinds if the bytes are not a font
   */
  static Sfnt read(byte[] file, int start) {
    ByteBuffer in = ByteBuffer.wrap(file).position(start);
    int flavour = in.getInt();
    int count = Short.toUnsignedInt(in.getShort());
    if (count == 0 || count > MOST_TABLES) {
      throw new IllegalArgumentException("It has " + count + " tables");
    }
    in.position(start + HEADER);
    Map<String, byte[]> tables = new HashMap<>();
    // Of tables that lie over each other no more is copied than the file has.
    long left = 2L * file.length;
    for (int i = 0; i < count; i++) {
      String tag = tag(in.getInt());
      in.getInt();
      int offset = in.getInt();
      int length = in.getInt();
      left -= length;
      if (length < 0 || left < 0) {
        throw new IllegalArgumentException("Its tables are longer than the file");
      }
      byte[] table = new byte[length];
      in.duplicate().position(offset).get(table);
      tables.put(tag, table);
    }
    return new Sfnt(flavour, tables);
  }

  Optional<ByteBuffer> table(String tag) {
    return Optional.ofNullable(tables.get(tag)).map(ByteBuffer::wrap);
  }

  boolean has(String tag) {
    return tables.containsKey(tag);
  }

  Sfnt with(String tag, byte[] table) {
    Map<String, byte[]> others = new HashMap<>(tables);
    others.put(tag, table);
    return new Sfnt(flavour, others);
  }

  /** The file of this font alone. */
  byte[] bytes() {
    int size = HEADER + ENTRY * tables.size();
    for (byte[] table : tables.values()) {
      size += padded(table.length);
    }
    ByteBuffer out = ByteBuffer.allocate(size);
    int largest = Integer.highestOneBit(tables.size());
    out.putInt(flavour).putShort((short) tables.size());
    out.putShort((short) (largest * ENTRY));
    out.putShort((short) Integer.numberOfTrailingZeros(largest));
    out.putShort((short) ((tables.size() - largest) * ENTRY));
    int at = HEADER + ENTRY * tables.size();
    for (Map.Entry<String, byte[]> entry : tables.entrySet()) {
      byte[] table = entry.getValue();
      out.putInt(tag(entry.getKey())).putInt(sum(table)).putInt(at).putInt(table.length);
      out.duplicate().position(at).put(table);
      at += padded(table.length);
    }
    return out.array();
  }

  private static int padded(int length) {
    return length + 3 & ~3;
  }

  private static int sum(byte[] table) {
    ByteBuffer words = ByteBuffer.wrap(Arrays.copyOf(table, padded(table.length)));
    int sum = 0;
    while (words.hasRemaining()) {
      sum += words.getInt();
    }
    return sum;
  }
}
