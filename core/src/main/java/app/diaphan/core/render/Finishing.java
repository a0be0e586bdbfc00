package app.diaphan.core.render;

import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Halo;
import app.diaphan.core.overlay.finish.Inset;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Relief;
import app.diaphan.core.overlay.finish.Rim;
import app.diaphan.core.overlay.finish.Shadow;
import app.diaphan.core.overlay.finish.Soften;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.raster.Plane;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Puts the finishes of a look round a body. From back to front: shadows, halos, outlines outside,
 * the face, insets, rims, reliefs, outlines inside; equal kinds as they are listed. Then the edge
 * is softened.
 */
final class Finishing {
  private Finishing() {}

  private record Ranked(int rank, Layer layer, boolean heldOut) {}

  /**
   * @param amount what the piece cuts away behind it, if it punches
   * @param cutBehind what punches within it cut away behind it
   */
  static PaintedPiece of(
      Look look,
      Silhouette silhouette,
      Body plain,
      Optional<Plane> amount,
      Optional<Plane> cutBehind) {
    List<Ranked> behind = new ArrayList<>();
    List<Ranked> outlines = new ArrayList<>();
    List<Ranked> atop = new ArrayList<>();
    List<Soften> softening = new ArrayList<>();
    for (Finish finish : look.finishes()) {
      if (!finish.on()) {
        continue;
      }
      switch (finish) {
        case Shadow it when it.opacity() > 0 ->
            add(behind, 0, CastPainter.shadow(it, silhouette).behind(), it.underFace(), look);
        case Halo it when it.opacity() > 0 ->
            add(behind, 1, CastPainter.halo(it, silhouette).behind(), it.underFace(), look);
        case Outline it when it.opacity() > 0 -> {
          FinishLayers line = OutlinePainter.paint(it, silhouette);
          add(outlines, 0, line.behind(), it.underFace(), look);
          add(atop, 3, line.atop(), UnderFace.SHOWING, look);
        }
        case Inset it when it.opacity() > 0 ->
            add(atop, 0, InsetPainter.paint(it, silhouette).atop(), UnderFace.SHOWING, look);
        case Rim it when it.opacity() > 0 ->
            add(atop, 1, RimPainter.paint(it, silhouette).atop(), UnderFace.SHOWING, look);
        case Relief it when it.opacity() > 0 ->
            add(atop, 2, ReliefPainter.paint(it, silhouette).atop(), UnderFace.SHOWING, look);
        case Soften it when it.reach() > 0 -> softening.add(it);
        default -> {}
      }
    }
    Body body = withAtop(plain, layers(atop, false));
    Plane shape = body.shape();
    for (Ranked outline : outlines) {
      shape = Shapes.either(shape, outline.layer().coverage());
    }
    Optional<Plane> cut = amount;
    if (!softening.isEmpty()) {
      Softening soft = new Softening(silhouette);
      // One colour alone goes along with its coverage; all else has to be blurred as pixels.
      if (!outlines.isEmpty() || !atop.isEmpty() || !inked(body)) {
        Pixels hard = Pixels.of(List.of(hardened(outlines, body, shape)), shape.bounds());
        body = new Body.Ready(hard, shape, List.of(), 1);
      }
      for (Soften soften : softening) {
        Plane softer = soft.shape(shape, soften);
        body =
            switch (body) {
              case Body.Faced(Layer face, List<Layer> none) ->
                  new Body.Faced(new Layer(softer, face.shader(), face.opacity()), none);
              case Body.Ready(Pixels pixels, Plane hard, List<Layer> none, float opacity) ->
                  new Body.Ready(soft.pixels(pixels, shape, soften), softer, none, opacity);
            };
        cut = soft.cut(cut, shape, soften);
        shape = softer;
      }
    } else {
      behind.addAll(outlines.stream().map(it -> new Ranked(2, it.layer(), it.heldOut())).toList());
    }
    return PaintedPiece.of(
        layers(behind, false),
        layers(behind, true),
        body,
        shape,
        cut.map(plane -> new Cut(plane, look.punch() == Punch.EVERYTHING)),
        cutBehind,
        (float) look.overallOpacity());
  }

  private static boolean inked(Body body) {
    return body instanceof Body.Faced faced && faced.face().shader() instanceof Shader.Flat;
  }

  /** The body with its outlines, before it is softened. */
  private static PaintedPiece hardened(List<Ranked> outlines, Body body, Plane shape) {
    return PaintedPiece.of(
        layers(outlines, false),
        layers(outlines, true),
        body,
        shape,
        Optional.empty(),
        Optional.empty(),
        1);
  }

  private static void add(
      List<Ranked> to, int rank, List<Layer> layers, UnderFace underFace, Look look) {
    for (Layer layer : layers) {
      to.add(new Ranked(rank, layer, underFace.holdsOut(look.faceOpacity())));
    }
  }

  private static List<Layer> layers(List<Ranked> ranked, boolean heldOut) {
    return ranked.stream()
        .filter(it -> it.heldOut() == heldOut)
        .sorted(Comparator.comparingInt(Ranked::rank))
        .map(Ranked::layer)
        .toList();
  }

  private static Body withAtop(Body body, List<Layer> atop) {
    return switch (body) {
      case Body.Faced(Layer face, List<Layer> none) -> new Body.Faced(face, atop);
      case Body.Ready(Pixels pixels, Plane shape, List<Layer> none, float opacity) ->
          new Body.Ready(pixels, shape, atop, opacity);
    };
  }
}
