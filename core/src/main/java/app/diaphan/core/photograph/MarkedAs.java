package app.diaphan.core.photograph;

import app.diaphan.core.photograph.file.PhotographFormat;
import java.util.Optional;

/** What format marked photographs are written in. */
public enum MarkedAs {
  SAME(Optional.empty(), "the kind that each photograph is"),
  JPEG(PhotographFormat.JPEG),
  PNG(PhotographFormat.PNG),
  TIFF(PhotographFormat.TIFF),
  WEBP(PhotographFormat.WEBP);

  private final Optional<PhotographFormat> format;
  private final String words;

  MarkedAs(Optional<PhotographFormat> format, String words) {
    this.format = format;
    this.words = words;
  }

  MarkedAs(PhotographFormat format) {
    this(Optional.of(format), format.words());
  }

  /** None for that of each photograph. */
  public Optional<PhotographFormat> format() {
    return format;
  }

  /** As it is told to the designer. */
  public String words() {
    return words;
  }
}
