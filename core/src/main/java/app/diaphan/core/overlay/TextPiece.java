package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import java.util.List;

/** Words, in one or more lines. */
public record TextPiece(
    String id,
    String name,
    boolean shown,
    Place place,
    String words,
    TextStyle style,
    Paint paint,
    double faceOpacity,
    double overallOpacity,
    List<Finish> finishes)
    implements Piece {
  public static final int MOST_CHARACTERS = 5000;

  public TextPiece {
    PieceRules.check(id, name, place, faceOpacity, overallOpacity, finishes);
    Require.present(words, "The words of \"" + name + "\"");
    if (words.length() > MOST_CHARACTERS) {
      throw new InvalidInput(
          "The words of \"%s\" have %d characters; a text holds at most %d. Split it into several."
              .formatted(name, words.length(), MOST_CHARACTERS));
    }
    Require.present(style, "The text style of \"" + name + "\"");
    Require.present(paint, "The paint of \"" + name + "\"");
    finishes = List.copyOf(finishes);
  }

  public TextPiece withWords(String other) {
    return new TextPiece(
        id, name, shown, place, other, style, paint, faceOpacity, overallOpacity, finishes);
  }
}
