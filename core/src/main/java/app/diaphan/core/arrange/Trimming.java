package app.diaphan.core.arrange;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.VectorPicture;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.FittedPicture;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.Optional;

/** Crops a picture to what of it is not clear; what is seen stays where it is. */
final class Trimming {
  /** Less alpha than this is nothing that is seen. */
  private static final float SEEN = 1f / 255;

  private final Overlay overlay;
  private final Renderer renderer;

  Trimming(Overlay overlay, Renderer renderer) {
    this.overlay = overlay;
    this.renderer = renderer;
  }

  /**
   * @throws InvalidInput if the piece shows no picture, or nothing of it
   */
  Overlay trimmed(String id) {
    PlacedPiece placed = PlacedPieces.of(overlay, renderer).piece(id);
    if (!(placed.piece() instanceof PicturePiece piece)
        || !(placed.content() instanceof Content.Pictured content)) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" shows no picture, so there is nothing to trim.", placed.piece().name()));
    }
    double width = content.picture().ownWidth();
    double height = content.picture().ownHeight();
    Crop crop = piece.crop();
    Rectangle2D seen =
        drawn(content)
            .map(
                found ->
                    found.createIntersection(
                        new Rectangle2D.Double(
                            crop.left() * width,
                            crop.top() * height,
                            width * (1 - crop.left() - crop.right()),
                            height * (1 - crop.top() - crop.bottom()))))
            .filter(found -> found.getWidth() > 0 && found.getHeight() > 0)
            .orElseThrow(
                () ->
                    new InvalidInput(
                        Sentence.of(
                            "Nothing of \"%s\" is left to trim to; change its cut-out first.",
                            piece.name())));
    FittedPicture fitted = content.fitted(placed.width(), placed.height());
    Rectangle2D box =
        fitted
            .toBox()
            .createTransformedShape(seen)
            .getBounds2D()
            .createIntersection(fitted.footprint());
    Point2D centre =
        placed.toHolder().transform(new Point2D.Double(box.getCenterX(), box.getCenterY()), null);
    PicturePiece cropped =
        piece
            .withCrop(
                new Crop(
                    seen.getMinX() / width,
                    seen.getMinY() / height,
                    1 - seen.getMaxX() / width,
                    1 - seen.getMaxY() / height))
            .withSize(width(box), height(box));
    return Pieces.replaced(
        overlay,
        id,
        same ->
            cropped.withPlace(
                Placing.at(piece.place(), placed.hook(), width(box), height(box), centre)));
  }

  private static double width(Rectangle2D box) {
    return Placing.tidy(box.getWidth());
  }

  private static double height(Rectangle2D box) {
    return Placing.tidy(box.getHeight());
  }

  /** The part of a picture that is not clear, in its pixels. */
  private Optional<Rectangle2D> drawn(Content.Pictured content) {
    RasterPicture shown =
        switch (content.picture()) {
          case RasterPicture raster -> renderer.cut(raster, content.cutOut());
          case VectorPicture vector -> vector.asPaint();
        };
    int left = Integer.MAX_VALUE;
    int top = Integer.MAX_VALUE;
    int right = -1;
    int bottom = -1;
    for (int y = 0; y < shown.height(); y++) {
      for (int x = 0; x < shown.width(); x++) {
        if (shown.value(4 * (y * shown.width() + x) + 3) >= SEEN) {
          left = Math.min(left, x);
          top = Math.min(top, y);
          right = Math.max(right, x + 1);
          bottom = Math.max(bottom, y + 1);
        }
      }
    }
    if (right < 0) {
      return Optional.empty();
    }
    // Smoothing carries the outermost pixels a little beyond themselves.
    left = Math.max(0, left - 1);
    top = Math.max(0, top - 1);
    right = Math.min(shown.width(), right + 1);
    bottom = Math.min(shown.height(), bottom + 1);
    double across = content.picture().ownWidth() / shown.width();
    double down = content.picture().ownHeight() / shown.height();
    return Optional.of(
        new Rectangle2D.Double(
            left * across, top * down, (right - left) * across, (bottom - top) * down));
  }
}
