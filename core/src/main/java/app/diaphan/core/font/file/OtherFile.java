package app.diaphan.core.font.file;

import java.nio.charset.StandardCharsets;

/** Says what a file is that is no font, by how it begins. */
final class OtherFile {
  private OtherFile() {}

  static String sentence(byte[] bytes) {
    String start = new String(bytes, 0, Math.min(bytes.length, 16), StandardCharsets.ISO_8859_1);
    if (start.startsWith("wOFF")) {
      return "is packed as WOFF 1.0; give it as WOFF2, TTF or OTF";
    }
    if (start.startsWith("%!PS") || start.startsWith("\u0080\u0001")) {
      return "is a Type 1 font, which is no longer made; give it as OTF";
    }
    if (start.startsWith("\u0089PNG")
        || start.startsWith("\u00ff\u00d8")
        || start.startsWith("GIF8")
        || start.startsWith("RIFF")
        || start.startsWith("BM")
        || start.startsWith("II*")
        || start.startsWith("MM\0*")) {
      return "is a picture; take it in as a mark or a picture instead";
    }
    if (start.stripLeading().startsWith("<") || start.startsWith("%PDF")) {
      return "is a drawing or a page; take it in as a mark or a picture instead";
    }
    if (start.startsWith("PK")) {
      return "is an archive; unpack it and give the fonts in it";
    }
    return bytes.length == 0 ? "is empty" : "is none; TTF, OTF, TTC and WOFF2 files can be read";
  }
}
