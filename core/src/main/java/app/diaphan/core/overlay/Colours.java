package app.diaphan.core.overlay;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.finish.Finish;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The colours that pieces show: of paints, inks, tints and finishes. What a cut-out takes away is
 * none of them.
 */
public final class Colours {
  private Colours() {}

  /** The piece with other colours; what lies in a group stays. */
  public static Piece mapped(Piece piece, UnaryOperator<Colour> other) {
    Piece painted =
        switch (piece) {
          case TextPiece text ->
              text.withPaint(text.paint().recoloured(other))
                  .withRuns(text.runs().stream().map(run -> mapped(run, other)).toList());
          case CodePiece code ->
              code.withPaint(code.paint().recoloured(other)).withInk(other.apply(code.ink()));
          case FilledPiece filled -> filled.withPaint(filled.paint().recoloured(other));
          case PicturePiece picture -> picture.withTint(picture.tint().recoloured(other));
          case GroupPiece group -> group;
        };
    List<Finish> finishes = piece.look().finishes();
    return finishes.isEmpty()
        ? painted
        : painted.withLook(
            painted
                .look()
                .withFinishes(finishes.stream().map(finish -> finish.recoloured(other)).toList()));
  }

  private static Run mapped(Run run, UnaryOperator<Colour> other) {
    return switch (run.ink()) {
      case Run.Ink.Own(Colour colour) -> run.withInk(new Run.Ink.Own(other.apply(colour)));
      case Run.Ink.Shared _ -> run;
    };
  }

  /** Every colour of a piece in order, one that it shows twice twice. */
  public static List<Colour> of(Piece piece) {
    List<Colour> colours = new ArrayList<>();
    mapped(
        piece,
        colour -> {
          colours.add(colour);
          return colour;
        });
    return colours;
  }
}
