package app.diaphan.core.house;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.Colours;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.TextPiece;
import java.util.Optional;

/** Lets overlays that were made without a house follow it, where they look the same. */
public final class Adopted {
  private Adopted() {}

  /**
   * The overlay, following the house in all that has a value of its own that the house has too. It
   * is drawn as before.
   */
  public static Overlay of(Overlay overlay, House house) {
    House seen = house.seenBy(overlay);
    Overlay adopted =
        overlay.withStack(Pieces.mapped(overlay.stack(), piece -> piece(piece, seen, overlay)));
    return adopted.equals(overlay) ? overlay : adopted;
  }

  private static Piece piece(Piece piece, House house, Overlay overlay) {
    Piece coloured = Colours.mapped(piece, colour -> colour(colour, house, overlay));
    return coloured instanceof TextPiece text
        ? text.withRuns(
            text.runs().stream()
                .map(
                    run ->
                        run.follows().isEmpty()
                            ? house.fonts().stream()
                                .filter(font -> font.family().equals(run.family()))
                                .findFirst()
                                .map(font -> run.inFont(font.name(), font.family()))
                                .orElse(run)
                            : run)
                .toList())
        : coloured;
  }

  private static Colour colour(Colour colour, House house, Overlay overlay) {
    if (!colour.name().isEmpty() || colour.alpha() == 0) {
      return colour;
    }
    Optional<HouseColour> same =
        house.colours().stream()
            .filter(own -> own.in(overlay.dress()).withAlpha(255).equals(colour.withAlpha(255)))
            .findFirst();
    return same.map(own -> colour.following(own.name())).orElse(colour);
  }
}
