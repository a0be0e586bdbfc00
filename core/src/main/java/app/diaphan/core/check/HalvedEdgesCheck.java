package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.HalvedEdges;
import app.diaphan.core.file.Carried;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.render.PlacedPiece;
import java.util.List;
import java.util.Optional;

/**
 * Many editors make a still smaller by mixing its colours and its alpha apart. Where something thin
 * meets something solid of another colour no file of straight colours comes out of that right; the
 * proof says how far off it will be, and where.
 */
final class HalvedEdgesCheck implements Check {
  @Override
  public List<Finding> of(Proofed proofed) {
    boolean straight =
        proofed
            .delivered()
            .anyMatch(
                target ->
                    target.of(proofed.overlay()).file().carried() instanceof Carried.Straight);
    if (!straight) {
      return List.of();
    }
    HalvedEdges worst = HalvedEdges.of(proofed.rendering());
    if (worst.clean()) {
      return List.of();
    }
    Optional<PlacedPiece> piece = at(proofed, worst);
    return List.of(
        new Finding(
            CheckKind.HALVED_EDGES,
            false,
            piece.map(placed -> placed.piece().id()).orElse(""),
            Sentence.of(
                "An edge comes out up to %.0f of 255 off if an editor shows the still at half its size, worst%s at %d, %d: thin meets solid of another colour there.",
                worst.off(),
                piece
                    .map(placed -> Sentence.of(" beside \"%s\"", placed.piece().name()))
                    .orElse(""),
                worst.x(),
                worst.y()),
            "Have it used at its own size, or let its target be a TIFF with premultiplied alpha."));
  }

  /** The piece in front whose box reaches one of the four pixels that are halved together. */
  private static Optional<PlacedPiece> at(Proofed proofed, HalvedEdges worst) {
    return proofed
        .shown()
        .filter(placed -> !(placed.piece() instanceof GroupPiece))
        .filter(placed -> placed.bounds().intersects(worst.x(), worst.y(), 2, 2))
        .findFirst();
  }
}
