package app.diaphan.core.render;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.type.TextSetter;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds where every piece lies on a canvas. On another frame than the master's, a piece hangs from
 * the same point of the same area there, and its lengths follow the frames' shorter display sides.
 */
final class Layout {
  private final TextSetter setter;
  private final PictureShelf pictures;

  /**
   * @param pieces from front to back, those not shown too
   */
  record Placed(List<PlacedPiece> pieces, List<DrawingTrouble> troubles) {}

  Layout(TextSetter setter, PictureShelf pictures) {
    this.setter = setter;
    this.pictures = pictures;
  }

  Placed place(Overlay overlay, Canvas canvas) {
    double scale = canvas.frame().shortSide() / overlay.frame().shortSide();
    AffineTransform toPixels = canvas.toPixels();
    toPixels.scale(scale, scale);
    List<DrawingTrouble> troubles = new ArrayList<>();
    StackLayout stack =
        StackLayout.ofFrame(
            overlay.stack(),
            new Measuring(setter, pictures, troubles),
            canvas.frame().withMarginOf(overlay.frame()),
            scale);
    return new Placed(stack.placed(toPixels), troubles);
  }
}
