package app.diaphan.core.font.file;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.brotli.dec.BrotliInputStream;

/** Unpacks a font (W3C Recommendation "WOFF File Format 2.0", sections 4 and 5). */
final class Woff2 {
  static final int SIGNATURE = Sfnt.tag("wOF2");

  private static final int HEADER = 48;
  private static final int GIVEN_TAG = 63;

  /** Section 5.2: tags that are written as numbers, in their order. */
  private static final String KNOWN =
      "cmapheadhheahmtxmaxpnameOS/2postcvt fpgmglyflocaprepCFF VORGEBDTEBLCgasphdmxkernLTSHPCLT"
          + "VDMXvheavmtxBASEGDEFGPOSGSUBEBSCJSTFMATHCBDTCBLCCOLRCPALSVG sbixacntavarbdatblocbsln"
          + "cvarfdscfeatfmtxfvargvarhstyjustlcarmortmorxopbdproptrakZapfSilfGlatGlocFeatSill";

  private Woff2() {}

  /** A table as the directory tells of it: how long it is packed, and whether rewritten. */
  private record Entry(String tag, int length, boolean rewritten) {}

  /**
   * @param most bytes that all of it may have when unpacked
   * @throws RuntimeException of many kinds if the bytes are not such a font
   */
  static Sfnt read(byte[] file, int most) {
    ByteBuffer in = ByteBuffer.wrap(file);
    in.position(4);
    int flavour = in.getInt();
    if (flavour == Sfnt.COLLECTION) {
      throw new UnsuitableFont(
          "is a packed collection; give it as the single fonts or as a TTC file");
    }
    in.getInt();
    int count = Short.toUnsignedInt(in.getShort());
    in.position(20);
    int packed = in.getInt();
    in.position(HEADER);
    List<Entry> entries = new ArrayList<>();
    long unpacked = 0;
    for (int i = 0; i < count; i++) {
      Entry entry = entry(in);
      entries.add(entry);
      unpacked += entry.length();
    }
    if (unpacked > most) {
      throw UnsuitableFont.tooLarge(most);
    }
    ByteBuffer data = unpacked(file, in.position(), packed, (int) unpacked);
    Map<String, ByteBuffer> parts = new HashMap<>();
    Map<String, byte[]> tables = new HashMap<>();
    for (Entry entry : entries) {
      byte[] part = new byte[entry.length()];
      data.get(part);
      if (entry.rewritten()) {
        parts.put(entry.tag(), ByteBuffer.wrap(part));
      } else {
        tables.put(entry.tag(), part);
      }
    }
    if (parts.containsKey("glyf")) {
      new Woff2Glyphs(parts.get("glyf"), most).into(tables);
    }
    if (parts.containsKey("hmtx")) {
      tables.put("hmtx", Woff2Metrics.read(parts.get("hmtx"), tables));
    }
    return new Sfnt(flavour, tables);
  }

  private static Entry entry(ByteBuffer in) {
    int flags = Byte.toUnsignedInt(in.get());
    int known = flags & GIVEN_TAG;
    String tag =
        known == GIVEN_TAG ? Sfnt.tag(in.getInt()) : KNOWN.substring(4 * known, 4 * known + 4);
    int version = flags >> 6;
    // Glyphs are as they were under number 3, all other tables under number 0.
    boolean glyphs = tag.equals("glyf") || tag.equals("loca");
    boolean rewritten = glyphs ? version != 3 : version != 0;
    int original = base128(in);
    return new Entry(tag, rewritten ? base128(in) : original, rewritten);
  }

  private static ByteBuffer unpacked(byte[] file, int from, int packed, int length) {
    try (BrotliInputStream in =
        new BrotliInputStream(new ByteArrayInputStream(file, from, packed))) {
      byte[] all = in.readNBytes(length);
      if (all.length < length) {
        throw new IllegalArgumentException("It ends early");
      }
      return ByteBuffer.wrap(all);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Section 4.1, "UIntBase128". */
  private static int base128(ByteBuffer in) {
    long value = 0;
    for (int i = 0; i < 5; i++) {
      int next = Byte.toUnsignedInt(in.get());
      value = value << 7 | next & 0x7f;
      if (next < 0x80) {
        return Math.toIntExact(value);
      }
    }
    throw new IllegalArgumentException("A length has too many bytes");
  }
}
