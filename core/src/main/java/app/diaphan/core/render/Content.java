package app.diaphan.core.render;

import app.diaphan.core.overlay.Paint;
import app.diaphan.core.picture.Picture;
import java.awt.Shape;

/** What a piece shows, in units within its box. */
public sealed interface Content {
  /** Letters or a plate's shape, to be filled with a paint. */
  record Painted(Shape outline, Paint paint) implements Content {}

  /** A picture stretched over the box. */
  record Pictured(Picture picture) implements Content {}

  /** Nothing: a picture that is not there. */
  record Absent() implements Content {}
}
