package app.diaphan.core.render;

import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.paint.PictureFit;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.type.SetText;
import java.awt.Shape;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What a piece shows, in units within its box. */
public sealed interface Content {
  /** Words after setting. */
  record Lettered(SetText set, Fill fill) implements Content {}

  /**
   * A shape.
   *
   * @param inked parts of it that are in colours of their own
   */
  record Shaped(Shape outline, Fill fill, List<SetText.Inked> inked) implements Content {}

  /** A picture in the box. */
  record Pictured(Picture picture, CutOut cutOut, Tint tint, Crop crop, PictureFit fit)
      implements Content {
    /** Where it lies in a box of this size. */
    public FittedPicture fitted(double width, double height) {
      return FittedPicture.of(picture, crop, fit, width, height);
    }
  }

  /** The pieces of a group, which are drawn by themselves. */
  record Grouped() implements Content {}

  /** Nothing: a picture that is not there. */
  record Absent() implements Content {}

  /**
   * A paint with the picture it names.
   *
   * @param picture nothing for a paint without one, or if the package does not have it
   */
  record Fill(Paint paint, Optional<Picture> picture) {}

  /** What decides how this looks besides what the piece says: pictures and fonts. */
  default List<String> madeOf() {
    return switch (this) {
      case Lettered lettered ->
          Stream.concat(of(lettered.fill()), lettered.set().ownFonts().stream()).toList();
      case Shaped shaped -> of(shaped.fill()).toList();
      case Pictured pictured -> List.of(pictured.picture().identity());
      case Grouped() -> List.of();
      case Absent() -> List.of();
    };
  }

  private static Stream<String> of(Fill fill) {
    return fill.picture().stream().map(Picture::identity);
  }
}
