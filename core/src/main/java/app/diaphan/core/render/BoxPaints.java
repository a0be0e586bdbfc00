package app.diaphan.core.render;

import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureShelf;
import java.util.List;

/** The paints of a piece's finishes, measured by its box where it lies. */
record BoxPaints(PlacedPiece placed, PictureShelf pictures) {

  /** A picture that is not there paints nothing. */
  Shader shader(Paint paint) {
    Content.Fill fill = new Content.Fill(paint, paint.pictureName().flatMap(pictures::picture));
    return PaintShader.of(fill, placed.width(), placed.height(), placed.toPixels());
  }

  /** The pictures that decide how these finishes look. */
  List<Picture> pictures(Look look) {
    return PictureNames.inFinishes(look.finishes()).stream()
        .flatMap(name -> pictures.picture(name).stream())
        .toList();
  }
}
