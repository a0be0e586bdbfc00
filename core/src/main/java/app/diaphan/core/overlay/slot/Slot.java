package app.diaphan.core.overlay.slot;

import app.diaphan.core.Require;
import java.util.Optional;

/**
 * A property of a piece that is left open: it shows what a column of a roster gives it, row by row.
 * Words need no slot of this kind, since they name their columns themselves ({@link WordSlots}).
 */
public sealed interface Slot {

  /** The name by which the design asks for the column that feeds it; nothing if none does. */
  default Optional<String> asked() {
    return switch (this) {
      case PictureOf(String column) -> Optional.of(column);
      case ColourOf(String column, _, _) -> Optional.of(column);
      case ShownBy(String column) -> Optional.of(column);
      case FinishesOf(String column) -> Optional.of(column);
      case ShownWithWords() -> Optional.empty();
    };
  }

  /** The picture that a piece shows, or that its paint does. */
  record PictureOf(String column) implements Slot {
    public PictureOf {
      SlotRules.checkColumn(column);
    }
  }

  /**
   * A colour of the piece.
   *
   * @param place which of its colours
   * @param index which stop of the gradient, or which finish, from 0; 0 for the others
   */
  record ColourOf(String column, ColourPlace place, int index) implements Slot {
    private static final int MOST = 63;

    public ColourOf {
      SlotRules.checkColumn(column);
      Require.present(place, "Which colour a column feeds");
      Require.between(0, MOST, index, "Which stop or finish a column feeds");
    }
  }

  /** Where a piece has colours. */
  enum ColourPlace {
    /** What fills the face, where that is one colour. */
    PAINT,
    /** A stop of the gradient that fills the face. */
    STOP,
    /** The one colour a picture is shown in. */
    TINT,
    /** The colour of a finish; of a relief that of its light. */
    FINISH
  }

  /** Whether the piece is shown at all. */
  record ShownBy(String column) implements Slot {
    public ShownBy {
      SlotRules.checkColumn(column);
    }
  }

  /** The finish set of the package that the piece follows. */
  record FinishesOf(String column) implements Slot {
    public FinishesOf {
      SlotRules.checkColumn(column);
    }
  }

  /** Hidden when its words, or for a group all words in it, are empty. */
  record ShownWithWords() implements Slot {}
}
