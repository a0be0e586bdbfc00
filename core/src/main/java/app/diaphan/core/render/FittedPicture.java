package app.diaphan.core.render;

import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.paint.PictureFit;
import app.diaphan.core.picture.Picture;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;

/**
 * Where a picture lies in a box.
 *
 * @param toBox from the picture's pixels to units within the box
 * @param footprint the part of the box that it covers
 */
public record FittedPicture(AffineTransform toBox, Rectangle2D footprint) {

  public static FittedPicture of(
      Picture picture, Crop crop, PictureFit fit, double width, double height) {
    double left = crop.left() * picture.ownWidth();
    double top = crop.top() * picture.ownHeight();
    double across = picture.ownWidth() * (1 - crop.left() - crop.right());
    double down = picture.ownHeight() * (1 - crop.top() - crop.bottom());
    double scaleX = width / across;
    double scaleY = height / down;
    switch (fit) {
      case CONTAIN -> scaleX = scaleY = Math.min(scaleX, scaleY);
      case COVER -> scaleX = scaleY = Math.max(scaleX, scaleY);
      case STRETCH -> {}
    }
    Rectangle2D whole =
        new Rectangle2D.Double(
            (width - across * scaleX) / 2,
            (height - down * scaleY) / 2,
            across * scaleX,
            down * scaleY);
    AffineTransform toBox = AffineTransform.getTranslateInstance(whole.getX(), whole.getY());
    toBox.scale(scaleX, scaleY);
    toBox.translate(-left, -top);
    return new FittedPicture(
        toBox, whole.createIntersection(new Rectangle2D.Double(0, 0, width, height)));
  }
}
