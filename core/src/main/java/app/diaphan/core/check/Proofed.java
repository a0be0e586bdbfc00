package app.diaphan.core.check;

import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.reframe.Retargeting;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.TargetList;
import java.util.List;
import java.util.stream.Stream;

/**
 * An overlay as its own frame shows it, with what it may lie over.
 *
 * @param rendering all pieces together, at the frame's own size
 * @param targets where the package's overlays are delivered
 */
record Proofed(
    Renderer renderer,
    Overlay overlay,
    Rendering rendering,
    List<Still> stills,
    TargetList targets) {
  static Proofed of(Renderer renderer, Overlay overlay, List<Still> stills, TargetList targets) {
    return new Proofed(
        renderer, overlay, renderer.render(overlay, Canvas.of(overlay.frame())), stills, targets);
  }

  /** The targets that this overlay goes out to. */
  Stream<NamedTarget> delivered() {
    return targets.targets().stream()
        .filter(target -> Retargeting.delivers(overlay, target.name()));
  }

  /** The pieces that are shown, also those in groups that are, from front to back. */
  Stream<PlacedPiece> shown() {
    return shown(rendering.placed());
  }

  /** A shown piece with the picture of pixels that it shows. */
  record Pixelled(
      PlacedPiece placed, PicturePiece piece, Content.Pictured content, RasterPicture picture) {}

  Stream<Pixelled> pixelled() {
    return shown()
        .mapMulti(
            (placed, to) -> {
              if (placed.piece() instanceof PicturePiece piece
                  && placed.content() instanceof Content.Pictured content
                  && content.picture() instanceof RasterPicture picture) {
                to.accept(new Pixelled(placed, piece, content, picture));
              }
            });
  }

  /** Those of placed pieces that are shown, also in groups that are. */
  static Stream<PlacedPiece> shown(List<PlacedPiece> placed) {
    return placed.stream()
        .filter(one -> one.piece().shown())
        .flatMap(one -> Stream.concat(Stream.of(one), shown(one.inside())));
  }

  /** How solid the face of a piece is, with what the groups around it thin, 0–1. */
  double solidity(PlacedPiece placed) {
    double solidity = 1;
    List<PlacedPiece> around = rendering.placed();
    while (true) {
      PlacedPiece next =
          around.stream()
              .filter(
                  one ->
                      one.all().anyMatch(inner -> inner.piece().id().equals(placed.piece().id())))
              .findFirst()
              .orElseThrow();
      Look look = next.piece().look();
      solidity *= look.faceOpacity() * look.overallOpacity();
      if (next.piece().id().equals(placed.piece().id())) {
        return solidity;
      }
      around = next.inside();
    }
  }

  /** A piece by itself, as it lies on the frame. */
  Rendering alone(PlacedPiece placed) {
    return renderer.render(List.of(placed.painted()), rendering.canvas());
  }

  /** Pixels for a display unit of the piece, downwards. */
  static double unit(PlacedPiece placed, Canvas canvas) {
    return Math.sqrt(
        Math.abs(placed.toPixels().getDeterminant()) * canvas.scaleY() / canvas.scaleX());
  }
}
