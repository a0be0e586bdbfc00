package app.diaphan.core.file;

/** How a TIFF file's pixels are packed. PNG files are always deflated. */
public enum Compression {
  NONE,
  LZW,
  DEFLATE
}
