package app.diaphan.core.render;

import app.diaphan.core.overlay.Finish;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.raster.Bands;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.Plane;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

/** Turns a placed piece into the layers it is made of. */
final class PiecePainter {
  private PiecePainter() {}

  static PaintedPiece paint(PlacedPiece placed, Canvas canvas) {
    AffineTransform toPixels = placed.toPixels();
    // The turn does not change lengths, so the transform's parts give pixels for a unit as shown.
    double unit =
        Math.sqrt(Math.abs(toPixels.getDeterminant()) / (canvas.scaleX() * canvas.scaleY()));
    double unitX = unit * canvas.scaleX();
    double unitY = unit * canvas.scaleY();
    return switch (placed.content()) {
      case Content.Absent() -> PaintedPiece.nothing();
      case Content.Painted painted -> {
        Silhouette silhouette =
            DrawnSilhouette.of(painted.outline(), toPixels, unitX, unitY, canvas.bounds());
        Shader shader = Shader.of(painted.paint(), placed.width(), placed.height(), toPixels);
        yield finished(placed.piece(), silhouette, new Fill(silhouette.solid(), shader));
      }
      case Content.Pictured(Picture picture) -> {
        Fill fill = pictured(placed, picture, canvas);
        Silhouette silhouette = new PixelSilhouette(alphaOf(fill), unitX, unitY, canvas.bounds());
        yield finished(placed.piece(), silhouette, fill);
      }
    };
  }

  /** What the face is before its opacity. */
  private record Fill(Plane coverage, Shader shader) {}

  private static PaintedPiece finished(Piece piece, Silhouette silhouette, Fill fill) {
    List<Layer> showing = new ArrayList<>();
    List<Layer> heldOut = new ArrayList<>();
    List<Layer> atop = new ArrayList<>();
    for (Finish finish : piece.finishes()) {
      if (!finish.on() || finish.opacity() <= 0) {
        continue;
      }
      FinishLayers layers =
          switch (finish) {
            case Finish.Shadow shadow -> ShadowFinish.of(shadow, silhouette);
            case Finish.Outline outline -> OutlineFinish.of(outline, silhouette);
          };
      layers.behind().ifPresent(holdsOut(finish, piece) ? heldOut::add : showing::add);
      layers.atop().ifPresent(atop::add);
    }
    return PaintedPiece.of(
        showing,
        heldOut,
        new Layer(fill.coverage(), fill.shader(), (float) piece.faceOpacity()),
        atop,
        (float) piece.overallOpacity());
  }

  private static boolean holdsOut(Finish finish, Piece piece) {
    Finish.UnderFace underFace =
        switch (finish) {
          case Finish.Shadow shadow -> shadow.underFace();
          case Finish.Outline outline -> outline.underFace();
        };
    return switch (underFace) {
      case AUTOMATIC -> piece.faceOpacity() < 1;
      case HELD_OUT -> true;
      case SHOWING -> false;
    };
  }

  private static Fill pictured(PlacedPiece placed, Picture picture, Canvas canvas) {
    AffineTransform toPixels = placed.toPixels();
    Plane footprint =
        Coverage.of(
            toPixels.createTransformedShape(
                new Rectangle2D.Double(0, 0, placed.width(), placed.height())),
            canvas.bounds());
    AffineTransform fromPicture = new AffineTransform(toPixels);
    fromPicture.scale(placed.width() / picture.width(), placed.height() / picture.height());
    return new Fill(footprint, new Shader.Sampled(new PictureSampler(picture, fromPicture)));
  }

  private static Plane alphaOf(Fill fill) {
    Plane footprint = fill.coverage();
    Plane alpha = Plane.clear(footprint.bounds());
    int left = footprint.bounds().left();
    int width = footprint.bounds().width();
    Bands.over(
        footprint.bounds().top(),
        footprint.bounds().bottom(),
        width,
        (top, bottom) -> {
          float[] colours = new float[4 * width];
          for (int y = top; y < bottom; y++) {
            fill.shader().row(y, left, width, colours);
            int at = footprint.row(y);
            for (int x = 0; x < width; x++) {
              alpha.values()[at + x] = footprint.values()[at + x] * colours[4 * x + 3];
            }
          }
        });
    return alpha;
  }
}
