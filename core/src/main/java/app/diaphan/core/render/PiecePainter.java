package app.diaphan.core.render;

import app.diaphan.core.overlay.FacedPiece;
import app.diaphan.core.overlay.Finish;
import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.raster.Bands;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.Plane;
import app.diaphan.core.type.SetText;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;

/** Turns a placed piece into the layers it is made of. */
final class PiecePainter {
  private PiecePainter() {}

  static PaintedPiece paint(PlacedPiece placed, FacedPiece piece, Canvas canvas) {
    AffineTransform toPixels = placed.toPixels();
    // The turn does not change lengths, so the transform's parts give pixels for a unit as shown.
    double unit =
        Math.sqrt(Math.abs(toPixels.getDeterminant()) / (canvas.scaleX() * canvas.scaleY()));
    double unitX = unit * canvas.scaleX();
    double unitY = unit * canvas.scaleY();
    return switch (placed.content()) {
      case Content.Absent() -> PaintedPiece.nothing();
      case Content.Grouped() -> PaintedPiece.nothing();
      case Content.Shaped(Shape outline, Content.Fill fill) -> {
        Silhouette silhouette =
            DrawnSilhouette.of(outline, toPixels, unitX, unitY, canvas.bounds());
        Shader shader = PaintShader.of(fill, placed.width(), placed.height(), toPixels);
        yield finished(piece, silhouette, new Fill(silhouette.solid(), shader));
      }
      case Content.Lettered(SetText set, Content.Fill fill) -> {
        Silhouette silhouette =
            DrawnSilhouette.of(set.outline(), toPixels, unitX, unitY, canvas.bounds());
        Shader shader = PaintShader.of(fill, placed.width(), placed.height(), toPixels);
        for (SetText.Inked inked : set.inked()) {
          Plane letters =
              Coverage.of(toPixels.createTransformedShape(inked.outline()), canvas.bounds());
          shader =
              new Shader.Inked(shader, letters, silhouette.solid(), Shader.Flat.of(inked.colour()));
        }
        yield finished(piece, silhouette, new Fill(silhouette.solid(), shader));
      }
      case Content.Pictured pictured -> {
        Fill fill = pictured(placed, pictured, canvas);
        Silhouette silhouette = new PixelSilhouette(alphaOf(fill), unitX, unitY, canvas.bounds());
        yield finished(piece, silhouette, fill);
      }
    };
  }

  /** What the face is before its opacity. */
  private record Fill(Plane coverage, Shader shader) {}

  private static PaintedPiece finished(FacedPiece piece, Silhouette silhouette, Fill fill) {
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

  private static boolean holdsOut(Finish finish, FacedPiece piece) {
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

  private static Fill pictured(PlacedPiece placed, Content.Pictured content, Canvas canvas) {
    AffineTransform toPixels = placed.toPixels();
    FittedPicture fitted =
        FittedPicture.of(
            content.picture(), content.crop(), content.fit(), placed.width(), placed.height());
    Plane footprint =
        Coverage.of(toPixels.createTransformedShape(fitted.footprint()), canvas.bounds());
    AffineTransform fromPicture = new AffineTransform(toPixels);
    fromPicture.concatenate(fitted.toBox());
    return new Fill(
        footprint,
        new Shader.Sampled(
            new PictureSampler(content.picture(), fromPicture, PictureSampler.Beyond.ITS_EDGE)));
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
