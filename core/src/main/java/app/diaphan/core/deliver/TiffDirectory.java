package app.diaphan.core.deliver;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.SortedMap;
import java.util.TreeMap;

/** The directory of a big-endian file with one picture (TIFF 6.0, section 2). */
final class TiffDirectory {
  /** Of the number of fields. */
  private static final int COUNT_BYTES = 2;

  private static final int FIELD_BYTES = 12;

  /** Of where the next picture's directory is; there is none. */
  private static final int NEXT_BYTES = 4;

  /** Longer values go behind the fields. */
  private static final int MOST_INLINE = 4;

  /** How values are written, with the numbers of section 2. */
  private enum Type {
    ASCII(2),
    SHORT(3),
    LONG(4),
    RATIONAL(5),
    UNDEFINED(7);

    final int number;

    Type(int number) {
      this.number = number;
    }
  }

  private record Value(Type type, int count, byte[] bytes) {
    boolean inline() {
      return bytes.length <= MOST_INLINE;
    }

    /** Values begin at even places. */
    int bytesBehind() {
      return inline() ? 0 : bytes.length + (bytes.length & 1);
    }
  }

  /** Readers may look for fields in the order of their numbers, which is that of the tags. */
  private final SortedMap<TiffTag, Value> fields = new TreeMap<>();

  TiffDirectory shorts(TiffTag tag, int... values) {
    ByteBuffer buffer = ByteBuffer.allocate(2 * values.length);
    for (int value : values) {
      buffer.putShort((short) value);
    }
    return put(tag, Type.SHORT, values.length, buffer.array());
  }

  TiffDirectory longs(TiffTag tag, int... values) {
    ByteBuffer buffer = ByteBuffer.allocate(4 * values.length);
    for (int value : values) {
      buffer.putInt(value);
    }
    return put(tag, Type.LONG, values.length, buffer.array());
  }

  TiffDirectory rational(TiffTag tag, int numerator, int denominator) {
    return put(
        tag,
        Type.RATIONAL,
        1,
        ByteBuffer.allocate(8).putInt(numerator).putInt(denominator).array());
  }

  TiffDirectory words(TiffTag tag, String text) {
    byte[] ended = (text + '\0').getBytes(StandardCharsets.US_ASCII);
    return put(tag, Type.ASCII, ended.length, ended);
  }

  TiffDirectory bytes(TiffTag tag, byte[] bytes) {
    return put(tag, Type.UNDEFINED, bytes.length, bytes);
  }

  private TiffDirectory put(TiffTag tag, Type type, int count, byte[] bytes) {
    fields.put(tag, new Value(type, count, bytes));
    return this;
  }

  /**
   * @param position where in the file it will stand
   */
  ByteBuffer at(int position) {
    int behind = COUNT_BYTES + FIELD_BYTES * fields.size() + NEXT_BYTES;
    int size = behind + fields.values().stream().mapToInt(Value::bytesBehind).sum();
    ByteBuffer buffer = ByteBuffer.allocate(size).putShort((short) fields.size());
    for (var field : fields.entrySet()) {
      Value value = field.getValue();
      buffer
          .putShort((short) field.getKey().number())
          .putShort((short) value.type().number)
          .putInt(value.count());
      if (value.inline()) {
        buffer.put(value.bytes()).put(new byte[MOST_INLINE - value.bytes().length]);
      } else {
        buffer.putInt(position + behind).put(behind, value.bytes());
        behind += value.bytesBehind();
      }
    }
    return buffer.putInt(0).rewind();
  }
}
