package app.diaphan.core.render;

import app.diaphan.core.raster.Plane;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Pieces that a punch in front of them takes away up to their very edge. Of a pixel on an edge that
 * both share, each covers the same part; coverage alone does not tell, and would leave a line of
 * what one covers of what the other leaves. Where both cover every pixel alike the edges are the
 * same, and the face behind is not drawn at all: then nothing of it is left to be cut.
 */
final class CoincidingEdges {
  private CoincidingEdges() {}

  static List<Painted> known(List<Painted> backToFront) {
    List<Painted> known = new ArrayList<>(backToFront);
    for (int i = 1; i < known.size(); i++) {
      if (known.get(i) instanceof PaintedPiece front && cutsWholeShape(front)) {
        for (int j = 0; j < i; j++) {
          if (known.get(j) instanceof PaintedPiece behind
              && behind.cut().isEmpty()
              && behind.body() instanceof Body.Faced
              && same(behind.body().shape(), front.body().shape())) {
            known.set(j, withoutFace(behind));
          }
        }
      }
    }
    return List.copyOf(known);
  }

  private static boolean cutsWholeShape(PaintedPiece piece) {
    return piece.overallOpacity() == 1
        && piece.cut().filter(cut -> same(cut.amount(), piece.body().shape())).isPresent();
  }

  private static boolean same(Plane one, Plane other) {
    return one.bounds().equals(other.bounds())
        && !one.bounds().empty()
        && Arrays.equals(one.values(), other.values());
  }

  /** What stopped where the face began is cut there by the punch instead. */
  private static PaintedPiece withoutFace(PaintedPiece piece) {
    Plane face = piece.body().shape();
    Plane around = Plane.clear(piece.shape().bounds());
    for (int y = around.bounds().top(); y < around.bounds().bottom(); y++) {
      for (int x = around.bounds().left(); x < around.bounds().right(); x++) {
        int at = around.row(y) + x - around.bounds().left();
        around.values()[at] = Math.max(0, piece.shape().at(x, y) - face.at(x, y));
      }
    }
    return PaintedPiece.of(
        Stream.concat(piece.showing().stream(), piece.heldOut().stream()).toList(),
        List.of(),
        PaintedPiece.nothing().body(),
        around,
        Optional.empty(),
        piece.cutBehind(),
        piece.overallOpacity());
  }
}
