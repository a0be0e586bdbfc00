package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.frame.Area;
import java.util.List;
import java.util.function.UnaryOperator;

/** What a group is a copy of. */
public sealed interface CopyOf {
  CopyOf NOTHING = new Nothing();

  /** A group that follows no original. */
  record Nothing() implements CopyOf {}

  /**
   * An original in the library of the house. What the copy has otherwise than it was taken is its
   * own and stays when the original changes.
   *
   * @param original by which the house knows it
   * @param lines the shorter side of the frame that the original was made on, in display units; the
   *     copy's own units are those
   * @param taken the group as it came from the original, under the ids that it has here; copies in
   *     it are copies of nothing there
   * @param parts which piece of the copy is which of the original's
   */
  record OfOriginal(String original, double lines, GroupPiece taken, List<Part> parts)
      implements CopyOf {
    public OfOriginal {
      Require.present(original, "The original of a copy");
      if (original.isEmpty() || original.length() > LONGEST_NAME) {
        throw new InvalidInput(
            Sentence.of("The name of a copy's original has 1 to %d characters.", LONGEST_NAME));
      }
      Require.between(1, 100_000, lines, "The lines of the original \"" + original + "\"");
      Require.present(taken, "What the copy of \"" + original + "\" was taken as");
      Require.present(parts, "The parts of the copy of \"" + original + "\"");
      taken = whole(original, taken);
      parts = List.copyOf(parts);
    }

    /** Where a copy lies, how large and under which name is its own, and so not of the original. */
    private static GroupPiece whole(String original, GroupPiece taken) {
      return new GroupPiece(
          taken.id(),
          original,
          true,
          false,
          Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0),
          1,
          taken.look(),
          taken.finishing(),
          taken.stack().stream().map(piece -> alone(piece)).toList(),
          taken.slots());
    }

    /** Copies of copies would otherwise carry each other along once more for each level. */
    private static Piece alone(Piece piece) {
      return piece instanceof GroupPiece group
          ? group.withCopyOf(NOTHING).withStack(group.stack().stream().map(p -> alone(p)).toList())
          : piece;
    }

    public OfOriginal withTaken(GroupPiece other) {
      return new OfOriginal(original, lines, other, parts);
    }

    /** The same under other ids. */
    OfOriginal withIds(UnaryOperator<String> other) {
      return new OfOriginal(
          original,
          lines,
          (GroupPiece) PieceIds.exchanged(taken, other),
          parts.stream().map(part -> new Part(other.apply(part.id()), part.original())).toList());
    }
  }

  /**
   * @param id of the piece here
   * @param original the id that it has in the original
   */
  record Part(String id, String original) {
    public Part {
      PieceRules.checkId(id);
      PieceRules.checkId(original);
    }
  }

  /** Characters. */
  int LONGEST_NAME = 60;
}
