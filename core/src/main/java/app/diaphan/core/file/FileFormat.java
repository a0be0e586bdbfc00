package app.diaphan.core.file;

/** The formats that hold alpha and that Diaphan delivers. */
public enum FileFormat {
  PNG("png"),
  TIFF("tif");

  private final String extension;

  FileFormat(String extension) {
    this.extension = extension;
  }

  public String extension() {
    return extension;
  }
}
