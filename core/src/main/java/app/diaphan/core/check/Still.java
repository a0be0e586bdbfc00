package app.diaphan.core.check;

import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.render.Canvas;
import java.awt.geom.AffineTransform;

/**
 * A picture that an overlay may lie over.
 *
 * @param name as it is told to the designer: "White sails, still 3"
 */
public record Still(String name, RasterPicture picture) {
  /** The picture as it fills a canvas. */
  PictureSampler on(Canvas canvas) {
    return new PictureSampler(
        picture,
        AffineTransform.getScaleInstance(
            (double) canvas.width() / picture.width(), (double) canvas.height() / picture.height()),
        PictureSampler.Beyond.ITS_EDGE);
  }
}
