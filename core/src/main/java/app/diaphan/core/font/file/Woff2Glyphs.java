package app.diaphan.core.font.file;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.util.Arrays;
import java.util.Map;

/**
 * Puts outlines together that were taken apart to be packed (WOFF 2.0, section 5.1). Streams of the
 * parts lie one behind the other.
 */
final class Woff2Glyphs {
  private static final int COMPOSITE = -1;
  private static final int LONG_OFFSETS = 1;
  private static final int WHERE_OFFSETS_ARE_SAID = 50;

  // Flags of composite glyphs (OpenType, table "glyf").
  private static final int WORDS = 0x0001;
  private static final int ONE_SCALE = 0x0008;
  private static final int MORE = 0x0020;
  private static final int TWO_SCALES = 0x0040;
  private static final int FOUR_SCALES = 0x0080;
  private static final int INSTRUCTIONS = 0x0100;

  // Flags of points.
  private static final int ON_CURVE = 0x01;
  private static final int X_IS_SHORT = 0x02;
  private static final int Y_IS_SHORT = 0x04;
  private static final int X_IS_SAME_OR_POSITIVE = 0x10;
  private static final int Y_IS_SAME_OR_POSITIVE = 0x20;
  private static final int OVERLAPS = 0x40;

  private final int most;
  private final int glyphs;
  private final ByteBuffer contours;
  private final ByteBuffer points;
  private final ByteBuffer flags;
  private final ByteBuffer coordinates;
  private final ByteBuffer composites;
  private final ByteBuffer bounded;
  private final ByteBuffer bounds;
  private final ByteBuffer instructions;
  private final ByteBuffer overlapping;
  private final ByteArrayOutputStream table = new ByteArrayOutputStream();

  Woff2Glyphs(ByteBuffer in, int most) {
    this.most = most;
    in.getShort();
    boolean tellsOverlaps = (in.getShort() & 1) != 0;
    glyphs = Short.toUnsignedInt(in.getShort());
    in.getShort();
    int[] lengths = new int[7];
    for (int i = 0; i < lengths.length; i++) {
      lengths[i] = in.getInt();
    }
    contours = part(in, lengths[0]);
    points = part(in, lengths[1]);
    flags = part(in, lengths[2]);
    coordinates = part(in, lengths[3]);
    composites = part(in, lengths[4]);
    int bits = (glyphs + 31) / 32 * 4;
    bounded = part(in, bits);
    bounds = part(in, lengths[5] - bits);
    instructions = part(in, lengths[6]);
    overlapping = tellsOverlaps ? part(in, (glyphs + 7) / 8) : ByteBuffer.allocate(0);
  }

  private static ByteBuffer part(ByteBuffer in, int length) {
    ByteBuffer part = in.slice(in.position(), length);
    in.position(in.position() + length);
    return part;
  }

  /** Adds the tables "glyf" and "loca", and says in "head" how offsets are written. */
  void into(Map<String, byte[]> tables) {
    ByteBuffer offsets = ByteBuffer.allocate(4 * (glyphs + 1));
    for (int glyph = 0; glyph < glyphs; glyph++) {
      offsets.putInt(table.size());
      table.writeBytes(outline(glyph));
      while (table.size() % 4 != 0) {
        table.write(0);
      }
      if (table.size() > most) {
        throw UnsuitableFont.tooLarge(most);
      }
    }
    offsets.putInt(table.size());
    tables.put("glyf", table.toByteArray());
    tables.put("loca", offsets.array());
    ByteBuffer.wrap(tables.get("head")).putShort(WHERE_OFFSETS_ARE_SAID, (short) LONG_OFFSETS);
  }

  private byte[] outline(int glyph) {
    int count = contours.getShort();
    boolean hasBounds = bit(bounded, glyph);
    if (count == 0) {
      if (hasBounds) {
        throw new IllegalArgumentException("An empty glyph has bounds");
      }
      return new byte[0];
    }
    return count == COMPOSITE ? composite() : simple(glyph, count, hasBounds);
  }

  /** Bits are counted from each byte's highest one. */
  private static boolean bit(ByteBuffer bits, int at) {
    return (bits.get(at >> 3) & 0x80 >> (at & 7)) != 0;
  }

  private byte[] composite() {
    int from = composites.position();
    boolean instructed = false;
    int flag;
    do {
      flag = Short.toUnsignedInt(composites.getShort());
      composites.getShort();
      int rest = (flag & WORDS) != 0 ? 4 : 2;
      if ((flag & ONE_SCALE) != 0) {
        rest += 2;
      } else if ((flag & TWO_SCALES) != 0) {
        rest += 4;
      } else if ((flag & FOUR_SCALES) != 0) {
        rest += 8;
      }
      composites.position(composites.position() + rest);
      instructed |= (flag & INSTRUCTIONS) != 0;
    } while ((flag & MORE) != 0);
    byte[] parts = new byte[composites.position() - from];
    composites.get(from, parts);
    byte[] program = instructed ? program() : new byte[0];
    ByteBuffer out = ByteBuffer.allocate(12 + parts.length + program.length);
    out.putShort((short) COMPOSITE);
    putBounds(out);
    out.put(parts);
    if (instructed) {
      out.putShort((short) program.length).put(program);
    }
    return Arrays.copyOf(out.array(), out.position());
  }

  private byte[] program() {
    byte[] program = new byte[number255(coordinates)];
    instructions.get(program);
    return program;
  }

  private void putBounds(ByteBuffer out) {
    for (int i = 0; i < 4; i++) {
      out.putShort(bounds.getShort());
    }
  }

  private byte[] simple(int glyph, int count, boolean hasBounds) {
    if (count < 0) {
      throw new IllegalArgumentException("A glyph has fewer than no contours");
    }
    int[] ends = new int[count];
    int all = 0;
    for (int i = 0; i < count; i++) {
      all += number255(points);
      ends[i] = all - 1;
    }
    if (all > 0xffff) {
      throw new IllegalArgumentException("A glyph has too many points");
    }
    int[] across = new int[all];
    int[] down = new int[all];
    boolean[] onCurve = new boolean[all];
    for (int i = 0; i < all; i++) {
      readPoint(i, across, down, onCurve);
    }
    byte[] program = program();
    ByteBuffer out = ByteBuffer.allocate(12 + 2 * count + program.length + 5 * all);
    out.putShort((short) count);
    if (hasBounds) {
      putBounds(out);
    } else {
      putReckonedBounds(out, across, down);
    }
    for (int end : ends) {
      out.putShort((short) end);
    }
    out.putShort((short) program.length).put(program);
    boolean overlaps = overlapping.capacity() > 0 && bit(overlapping, glyph);
    for (int i = 0; i < all; i++) {
      int flag = onCurve[i] ? ON_CURVE : 0;
      flag |= flag(across[i], X_IS_SHORT, X_IS_SAME_OR_POSITIVE);
      flag |= flag(down[i], Y_IS_SHORT, Y_IS_SAME_OR_POSITIVE);
      out.put((byte) (i == 0 && overlaps ? flag | OVERLAPS : flag));
    }
    putSteps(out, across);
    putSteps(out, down);
    return Arrays.copyOf(out.array(), out.position());
  }

  private static int flag(int step, int isShort, int sameOrPositive) {
    if (step == 0) {
      return sameOrPositive;
    }
    if (Math.abs(step) > 255) {
      return 0;
    }
    return step > 0 ? isShort | sameOrPositive : isShort;
  }

  private static void putSteps(ByteBuffer out, int[] steps) {
    for (int step : steps) {
      if (Math.abs(step) > 255) {
        out.putShort((short) step);
      } else if (step != 0) {
        out.put((byte) Math.abs(step));
      }
    }
  }

  /** Section 5.2, "triplet encoding": steps from the point before. */
  private void readPoint(int i, int[] across, int[] down, boolean[] onCurve) {
    int flag = Byte.toUnsignedInt(flags.get());
    onCurve[i] = flag < 0x80;
    int kind = flag & 0x7f;
    if (kind < 10) {
      down[i] = signed(kind, ((kind & 14) << 7) + next());
    } else if (kind < 20) {
      across[i] = signed(kind, ((kind - 10 & 14) << 7) + next());
    } else if (kind < 84) {
      int base = kind - 20;
      int both = next();
      across[i] = signed(kind, 1 + (base & 0x30) + (both >> 4));
      down[i] = signed(kind >> 1, 1 + ((base & 0x0c) << 2) + (both & 0x0f));
    } else if (kind < 120) {
      int base = kind - 84;
      across[i] = signed(kind, 1 + (base / 12 << 8) + next());
      down[i] = signed(kind >> 1, 1 + (base % 12 >> 2 << 8) + next());
    } else if (kind < 124) {
      int first = next();
      int both = next();
      across[i] = signed(kind, (first << 4) + (both >> 4));
      down[i] = signed(kind >> 1, ((both & 0x0f) << 8) + next());
    } else {
      across[i] = signed(kind, (next() << 8) + next());
      down[i] = signed(kind >> 1, (next() << 8) + next());
    }
  }

  private int next() {
    return Byte.toUnsignedInt(coordinates.get());
  }

  private static int signed(int kind, int size) {
    return (kind & 1) != 0 ? size : -size;
  }

  private static void putReckonedBounds(ByteBuffer out, int[] across, int[] down) {
    int left = Integer.MAX_VALUE;
    int right = Integer.MIN_VALUE;
    int foot = Integer.MAX_VALUE;
    int top = Integer.MIN_VALUE;
    int x = 0;
    int y = 0;
    for (int i = 0; i < across.length; i++) {
      x += across[i];
      y += down[i];
      left = Math.min(left, x);
      right = Math.max(right, x);
      foot = Math.min(foot, y);
      top = Math.max(top, y);
    }
    if (across.length == 0) {
      left = right = foot = top = 0;
    }
    out.putShort((short) left).putShort((short) foot).putShort((short) right).putShort((short) top);
  }

  /** Section 4.2, "255UInt16". */
  private static int number255(ByteBuffer in) {
    int code = Byte.toUnsignedInt(in.get());
    return switch (code) {
      case 253 -> Short.toUnsignedInt(in.getShort());
      case 254 -> Byte.toUnsignedInt(in.get()) + 506;
      case 255 -> Byte.toUnsignedInt(in.get()) + 253;
      default -> code;
    };
  }
}
