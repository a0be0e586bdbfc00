package app.diaphan.core.file;

/** How a file's pixels are packed; which of them a format has is told by {@link FileFormat}. */
public enum Compression {
  NONE,
  LZW,
  DEFLATE
}
