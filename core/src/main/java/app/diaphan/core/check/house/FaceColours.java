package app.diaphan.core.check.house;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.Colours;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Outline;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** The colours of faces and lines. Shadows, halos and the light of edges are none of a brand's. */
final class FaceColours {
  private FaceColours() {}

  static List<Colour> of(Piece piece) {
    List<Finish> lines =
        piece.look().finishes().stream()
            .filter(finish -> finish instanceof Outline && finish.on())
            .toList();
    return Colours.of(piece.withLook(piece.look().withFinishes(lines))).stream()
        .filter(colour -> colour.alpha() > 0)
        .toList();
  }

  static Piece mapped(Piece piece, UnaryOperator<Colour> other) {
    List<Finish> before = piece.look().finishes();
    Piece mapped =
        Colours.mapped(piece, colour -> colour.alpha() > 0 ? other.apply(colour) : colour);
    List<Finish> finishes = new ArrayList<>();
    for (int i = 0; i < before.size(); i++) {
      Finish was = before.get(i);
      finishes.add(was instanceof Outline && was.on() ? mapped.look().finishes().get(i) : was);
    }
    return mapped.withLook(mapped.look().withFinishes(finishes));
  }
}
