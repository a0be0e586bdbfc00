package app.diaphan.core.house;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Colours;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.dress.Dress;
import java.util.List;
import java.util.function.UnaryOperator;

/** Gives what follows a house the house's present values. */
final class Dressing {
  private final House house;
  private final Overlay overlay;
  private final Frame frame;
  private final Dress dress;

  /**
   * @param house as the overlay sees it
   */
  Dressing(House house, Overlay overlay) {
    this.house = house;
    this.overlay = overlay;
    frame = overlay.frame();
    dress = overlay.dress();
  }

  /** The same overlay where there is nothing to do. */
  Overlay dressed() {
    Overlay dressed =
        mapped(
            piece ->
                house.finishSet(piece.look().follows()).map(set -> in(set, piece)).orElse(piece));
    return dressed.equals(overlay) ? overlay : dressed;
  }

  /** With the finishes of one set on all that follows any, or on what stands by itself. */
  Overlay in(FinishSet set) {
    boolean follow =
        Pieces.all(overlay.stack()).anyMatch(piece -> !piece.look().follows().isEmpty());
    return follow
        ? mapped(piece -> piece.look().follows().isEmpty() ? piece : in(set, piece))
        : overlay.withStack(
            overlay.stack().stream().map(piece -> coloured(in(set, piece))).toList());
  }

  private Overlay mapped(UnaryOperator<Piece> finished) {
    return overlay.withStack(
        Pieces.mapped(overlay.stack(), piece -> lettered(coloured(finished.apply(piece)))));
  }

  private Piece in(FinishSet set, Piece piece) {
    return piece.withLook(piece.look().withFinishes(set.on(frame)));
  }

  private Piece coloured(Piece piece) {
    boolean follows = Colours.of(piece).stream().anyMatch(colour -> !colour.name().isEmpty());
    return follows ? Colours.mapped(piece, this::worn) : piece;
  }

  private Colour worn(Colour colour) {
    return colour.name().isEmpty()
        ? colour
        : house.colour(colour.name()).map(own -> own.wornBy(colour, dress)).orElse(colour);
  }

  private Piece lettered(Piece piece) {
    if (!(piece instanceof TextPiece text)) {
      return piece;
    }
    List<Run> runs = text.runs().stream().map(this::lettered).toList();
    return runs.equals(text.runs()) ? text : text.withRuns(runs);
  }

  private Run lettered(Run run) {
    return run.follows().isEmpty()
        ? run
        : house.font(run.follows()).map(font -> run.inFont(font.name(), font.family())).orElse(run);
  }
}
