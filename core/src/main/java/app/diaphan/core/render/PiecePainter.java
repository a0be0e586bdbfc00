package app.diaphan.core.render;

import app.diaphan.core.cutout.CutPictures;
import app.diaphan.core.overlay.FacedPiece;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.picture.FigureDrawing;
import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.VectorPicture;
import app.diaphan.core.raster.Bands;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.Plane;
import app.diaphan.core.type.SetText;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.List;
import java.util.Optional;

/** Turns a placed piece into the layers it is made of. */
final class PiecePainter {
  /** A picture drawn on no more pixels than this is sampled once and kept. */
  private static final int WORTH_KEEPING = 1 << 20;

  private PiecePainter() {}

  /**
   * @param pictures of the package, for finishes that show some
   */
  static PaintedPiece paint(
      PlacedPiece placed,
      FacedPiece piece,
      Canvas canvas,
      CutPictures cuts,
      PictureShelf pictures) {
    BoxPaints paints = new BoxPaints(placed, pictures);
    double unit = placed.unit(canvas);
    double unitX = unit * canvas.scaleX();
    double unitY = unit * canvas.scaleY();
    return switch (placed.content()) {
      case Content.Absent() -> PaintedPiece.nothing();
      case Content.Grouped() -> PaintedPiece.nothing();
      case Content.Shaped(Shape outline, Content.Fill fill, List<SetText.Inked> inked) ->
          outlined(placed, piece, canvas, paints, outline, fill, inked);
      case Content.Lettered(SetText set, Content.Fill fill) ->
          outlined(placed, piece, canvas, paints, set.outline(), fill, set.inked());
      case Content.Pictured pictured -> {
        Fill fill = pictured(placed, pictured, canvas, cuts);
        Silhouette silhouette =
            PixelSilhouette.of(
                fill.coverage(),
                unitX,
                unitY,
                canvas.bounds(),
                times ->
                    pictured(placed.finer(times), pictured, canvas.finer(times), cuts).coverage());
        yield finished(piece, silhouette, paints, fill);
      }
    };
  }

  private static PaintedPiece outlined(
      PlacedPiece placed,
      FacedPiece piece,
      Canvas canvas,
      BoxPaints paints,
      Shape outline,
      Content.Fill fill,
      List<SetText.Inked> inked) {
    AffineTransform toPixels = placed.toPixels();
    double unit = placed.unit(canvas);
    Silhouette silhouette =
        DrawnSilhouette.of(
            outline, toPixels, unit * canvas.scaleX(), unit * canvas.scaleY(), canvas.bounds());
    Shader shader = PaintShader.of(fill, placed.width(), placed.height(), toPixels);
    for (SetText.Inked part : inked) {
      Plane coverage =
          Coverage.of(toPixels.createTransformedShape(part.outline()), canvas.bounds());
      shader =
          new Shader.Inked(shader, coverage, silhouette.solid(), Shader.Flat.of(part.colour()));
    }
    return finished(piece, silhouette, paints, new Fill(silhouette.solid(), shader));
  }

  /** What the face is before its opacity. */
  private record Fill(Plane coverage, Shader shader) {}

  private static PaintedPiece finished(
      FacedPiece piece, Silhouette silhouette, BoxPaints paints, Fill fill) {
    Look look = piece.look();
    float face = (float) look.faceOpacity();
    if (look.punch() == Punch.NONE) {
      Body body = new Body.Faced(new Face(fill.coverage(), fill.shader(), face), List.of());
      return FinishesPainter.of(look, silhouette, paints, body, Optional.empty(), Optional.empty());
    }
    Plane amount = alphaOf(fill);
    for (int i = 0; i < amount.values().length; i++) {
      amount.values()[i] *= face;
    }
    Body body = new Body.Faced(new Face(fill.coverage(), fill.shader(), 0), List.of());
    return FinishesPainter.of(
        look, silhouette, paints, body, Optional.of(amount), Optional.empty());
  }

  /**
   * What a picture covers is where it is not clear; its paint is the colours that it has there. A
   * vector picture is drawn at the size it has here and kept as its pixels.
   */
  private static Fill pictured(
      PlacedPiece placed, Content.Pictured content, Canvas canvas, CutPictures cuts) {
    AffineTransform toPixels = placed.toPixels();
    FittedPicture fitted = content.fitted(placed.width(), placed.height());
    Plane footprint =
        Coverage.of(toPixels.createTransformedShape(fitted.footprint()), canvas.bounds());
    AffineTransform fromPicture = new AffineTransform(toPixels);
    fromPicture.concatenate(fitted.toBox());
    Shader own =
        switch (content.picture()) {
          case RasterPicture raster ->
              new Shader.Sampled(
                  new PictureSampler(
                      cuts.of(raster, content.cutOut()),
                      fromPicture,
                      PictureSampler.Beyond.ITS_EDGE));
          case VectorPicture vector ->
              new Shader.Kept(
                  footprint.bounds(),
                  FigureDrawing.of(
                      Repainted.of(vector.figures(fromPicture), content.tint()),
                      footprint.bounds()));
        };
    Shader tinted = Tinted.of(own, content.tint(), content.picture(), fromPicture);
    boolean keep = !(tinted instanceof Shader.Kept) && footprint.values().length <= WORTH_KEEPING;
    Shader shader = keep ? Shader.Kept.of(tinted, footprint.bounds()) : tinted;
    return new Fill(alphaOf(new Fill(footprint, shader)), new Shader.Solid(shader));
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
