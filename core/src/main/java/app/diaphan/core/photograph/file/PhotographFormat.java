package app.diaphan.core.photograph.file;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The formats of photographs, and what each of them can hold. */
public enum PhotographFormat {
  JPEG("JPEG", List.of("jpg", "jpeg", "jpe"), "image/jpeg", 8, false, true),
  PNG("PNG", List.of("png"), "image/png", 16, true, true),
  TIFF("TIFF", List.of("tif", "tiff"), "image/tiff", 16, true, true),
  WEBP("WebP", List.of("webp"), "image/webp", 8, true, true),
  /** What phones write; read by a program of its own, and never written. */
  HEIF("HEIC", List.of("heic", "heif"), "image/heic", 8, true, false),
  AVIF("AVIF", List.of("avif"), "image/avif", 8, true, false);

  /** As many bytes as a file's format is known by. */
  public static final int BEGINS_WITH = 16;

  private final String words;
  private final List<String> extensions;
  private final String mediaType;
  private final int mostBits;
  private final boolean alpha;
  private final boolean written;

  PhotographFormat(
      String words,
      List<String> extensions,
      String mediaType,
      int mostBits,
      boolean alpha,
      boolean written) {
    this.words = words;
    this.extensions = extensions;
    this.mediaType = mediaType;
    this.mostBits = mostBits;
    this.alpha = alpha;
    this.written = written;
  }

  /** As photographers call it. */
  public String words() {
    return words;
  }

  /** Without the dot, in small letters; files that are written anew have the first. */
  public List<String> extensions() {
    return extensions;
  }

  /** By the registry of IANA. */
  public String mediaType() {
    return mediaType;
  }

  /** Bits a channel at most. */
  public int mostBits() {
    return mostBits;
  }

  /** Whether pixels may be clear. */
  public boolean alpha() {
    return alpha;
  }

  /** Whether files of it can be made. */
  public boolean written() {
    return written;
  }

  /** The format of what becomes of such a photograph if nothing else is wanted. */
  public PhotographFormat result() {
    return written ? this : JPEG;
  }

  /** Whether a name ends as those of such files do. */
  public boolean named(String fileName) {
    int dot = fileName.lastIndexOf('.');
    return dot >= 0
        && extensions.stream().anyMatch(one -> one.equalsIgnoreCase(fileName.substring(dot + 1)));
  }

  /**
   * @param start of a file, {@link #BEGINS_WITH} bytes or all it has
   */
  public static Optional<PhotographFormat> beginning(byte[] start) {
    return Arrays.stream(values()).filter(format -> format.begins(start)).findFirst();
  }

  private boolean begins(byte[] start) {
    String letters = new String(start, StandardCharsets.ISO_8859_1);
    return switch (this) {
      case JPEG -> letters.startsWith("\u00ff\u00d8\u00ff");
      case PNG -> letters.startsWith("\u0089PNG\r\n");
      case TIFF ->
          letters.startsWith("II*\0")
              || letters.startsWith("MM\0*")
              || letters.startsWith("II+\0")
              || letters.startsWith("MM\0+");
      case WEBP -> letters.startsWith("RIFF") && letters.startsWith("WEBP", 8);
      case HEIF -> letters.startsWith("ftyp", 4) && !letters.startsWith("avi", 8);
      case AVIF -> letters.startsWith("ftypavi", 4);
    };
  }
}
