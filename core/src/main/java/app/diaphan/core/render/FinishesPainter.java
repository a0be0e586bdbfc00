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
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * Puts the finishes of a look round a body. From back to front: shadows, halos, outlines outside,
 * the face, insets, rims, reliefs, outlines inside; equal kinds as they are listed. Then the edge
 * is softened.
 */
final class FinishesPainter {
  private FinishesPainter() {}

  private record Ranked(int rank, Layer layer, boolean heldOut) {}

  /**
   * @param behind its place among what lies behind the face, from the back
   * @param atop its place among what lies on it
   */
  private record Drawn(int behind, int atop, FinishLayers layers, UnderFace underFace) {
    static final Drawn NOTHING = new Drawn(0, 0, FinishLayers.NONE, UnderFace.SHOWING);

    static Drawn behind(int rank, FinishLayers layers, UnderFace underFace) {
      return new Drawn(rank, 0, layers, underFace);
    }

    static Drawn atop(int rank, FinishLayers layers) {
      return new Drawn(0, rank, layers, UnderFace.SHOWING);
    }
  }

  private static final int OUTLINE = 2;

  /** Pixels of a shape from which on its finishes are not drawn side by side. */
  private static final long LARGE = 4L << 20;

  /**
   * @param paints of finishes that take any
   * @param amount what the piece cuts away behind it, if it punches
   * @param cutBehind what punches within it cut away behind it
   */
  static PaintedPiece of(
      Look look,
      Silhouette silhouette,
      BoxPaints paints,
      Body plain,
      Optional<Plane> amount,
      Optional<Plane> cutBehind) {
    List<Ranked> behind = new ArrayList<>();
    List<Ranked> outlines = new ArrayList<>();
    List<Ranked> atop = new ArrayList<>();
    List<Soften> softening = new ArrayList<>();
    List<Finish> on = look.finishes().stream().filter(Finish::on).toList();
    for (Drawn drawn : drawn(on, silhouette, paints)) {
      boolean heldOut = drawn.underFace().holdsOut(look.faceOpacity());
      for (Layer layer : drawn.layers().behind()) {
        (drawn.behind() == OUTLINE ? outlines : behind)
            .add(new Ranked(drawn.behind(), layer, heldOut));
      }
      for (Layer layer : drawn.layers().atop()) {
        atop.add(new Ranked(drawn.atop(), layer, false));
      }
    }
    for (Finish finish : on) {
      if (finish instanceof Soften it && it.reach() > 0) {
        softening.add(it);
      }
    }
    Body body = withAtop(plain, layers(atop, false));
    Plane shape = body.shape();
    for (Ranked outline : outlines) {
      shape = Shapes.either(shape, outline.layer().coverage().unpacked());
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
              case Body.Faced(Face face, List<Layer> none) ->
                  new Body.Faced(new Face(softer, face.shader(), face.opacity()), none);
              case Body.Ready(Pixels pixels, Plane hard, List<Layer> none, float opacity) ->
                  new Body.Ready(soft.pixels(pixels, shape, soften), softer, none, opacity);
            };
        cut = soft.cut(cut, shape, soften);
        shape = softer;
      }
    } else {
      behind.addAll(outlines);
    }
    return PaintedPiece.of(
        layers(behind, false),
        layers(behind, true),
        body,
        shape,
        cut.map(plane -> new TakenAway(plane, look.punch() == Punch.EVERYTHING)),
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

  /**
   * Finishes do not need each other, so they are drawn side by side; large ones one after another,
   * since each needs planes of its own while it is drawn.
   */
  private static List<Drawn> drawn(List<Finish> finishes, Silhouette silhouette, BoxPaints paints) {
    Bounds bounds = silhouette.solid().bounds();
    boolean large = (long) bounds.width() * bounds.height() > LARGE;
    return (large ? finishes.stream() : finishes.parallelStream())
        .map(finish -> drawn(finish, silhouette, paints))
        .toList();
  }

  private static Drawn drawn(Finish finish, Silhouette silhouette, BoxPaints paints) {
    return switch (finish) {
      case Shadow it ->
          unlessClear(
              it.opacity(),
              () -> Drawn.behind(0, CastPainter.shadow(it, silhouette), it.underFace()));
      case Halo it ->
          unlessClear(
              it.opacity(),
              () -> Drawn.behind(1, CastPainter.halo(it, silhouette), it.underFace()));
      case Outline it ->
          unlessClear(
              it.opacity(),
              () ->
                  new Drawn(
                      OUTLINE,
                      3,
                      silhouette.exact()
                          ? OutlinePainter.paint(it, silhouette, paints)
                          : Fineness.of(
                              silhouette,
                              it.width(),
                              fine -> OutlinePainter.paint(it, fine, paints)),
                      it.underFace()));
      case Inset it ->
          unlessClear(
              it.opacity(),
              () ->
                  Drawn.atop(
                      0,
                      Fineness.of(
                          silhouette,
                          it.reach() + it.distance(),
                          fine -> InsetPainter.paint(it, fine))));
      case Rim it ->
          unlessClear(
              it.opacity(),
              () -> Drawn.atop(1, Fineness.of(silhouette, 0, fine -> RimPainter.paint(it, fine))));
      case Relief it ->
          unlessClear(it.opacity(), () -> Drawn.atop(2, ReliefPainter.paint(it, silhouette)));
      case Soften ofThePieceItself -> Drawn.NOTHING;
    };
  }

  private static Drawn unlessClear(double opacity, Supplier<Drawn> drawn) {
    return opacity > 0 ? drawn.get() : Drawn.NOTHING;
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
      case Body.Faced(Face face, List<Layer> none) -> new Body.Faced(face, atop);
      case Body.Ready(Pixels pixels, Plane shape, List<Layer> none, float opacity) ->
          new Body.Ready(pixels, shape, atop, opacity);
    };
  }
}
