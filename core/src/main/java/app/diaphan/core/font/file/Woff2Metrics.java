package app.diaphan.core.font.file;

import java.nio.ByteBuffer;
import java.util.Map;

/**
 * Puts the widths of glyphs together again whose left sides were left out, since they are those of
 * the outlines (WOFF 2.0, section 5.4).
 */
final class Woff2Metrics {
  private static final int WHERE_METRICS_ARE_COUNTED = 34;

  private Woff2Metrics() {}

  /**
   * @param tables with the outlines already put together
   * @return the table "hmtx"
   */
  static byte[] read(ByteBuffer in, Map<String, byte[]> tables) {
    int flags = in.get();
    int full =
        Short.toUnsignedInt(
            ByteBuffer.wrap(tables.get("hhea")).getShort(WHERE_METRICS_ARE_COUNTED));
    ByteBuffer outlines = ByteBuffer.wrap(tables.get("glyf"));
    ByteBuffer offsets = ByteBuffer.wrap(tables.get("loca"));
    int glyphs = offsets.capacity() / 4 - 1;
    int[] widths = new int[full];
    for (int i = 0; i < full; i++) {
      widths[i] = in.getShort();
    }
    ByteBuffer out = ByteBuffer.allocate(4 * full + 2 * (glyphs - full));
    for (int i = 0; i < glyphs; i++) {
      boolean said = (flags & (i < full ? 1 : 2)) == 0;
      int left = said ? in.getShort() : left(outlines, offsets, i);
      if (i < full) {
        out.putShort((short) widths[i]);
      }
      out.putShort((short) left);
    }
    return out.array();
  }

  private static int left(ByteBuffer outlines, ByteBuffer offsets, int glyph) {
    int from = offsets.getInt(4 * glyph);
    return from == offsets.getInt(4 * glyph + 4) ? 0 : outlines.getShort(from + 2);
  }
}
