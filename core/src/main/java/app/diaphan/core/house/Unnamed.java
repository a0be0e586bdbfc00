package app.diaphan.core.house;

import app.diaphan.core.overlay.Colours;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.SizedPiece;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.dress.Dress;
import java.util.List;

/** An overlay by its looks alone: what it follows in a house changes none of its pixels. */
public final class Unnamed {
  private Unnamed() {}

  /** The same to look at, following nothing. */
  public static Overlay of(Overlay overlay) {
    return overlay
        .withStack(Pieces.mapped(overlay.stack(), Unnamed::piece))
        .withDress(Dress.LIGHT)
        .withKept(List.of());
  }

  private static Piece piece(Piece piece) {
    Piece plain = Colours.mapped(piece, colour -> colour.following(""));
    plain = plain.withLook(plain.look().following(""));
    return switch (plain) {
      case TextPiece text ->
          text.withRuns(text.runs().stream().map(run -> run.inFont("", run.family())).toList());
      case GroupPiece group -> group.withCopyOf(CopyOf.NOTHING);
      case SizedPiece sized -> sized;
    };
  }
}
