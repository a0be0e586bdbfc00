package app.diaphan.core.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.Colours;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.copy.Copies;
import app.diaphan.core.overlay.dress.Dress;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Gives what follows a house the house's present values. */
final class Dressing {
  private final House house;
  private final Dress dress;
  private final Map<String, GroupPiece> originals = new HashMap<>();

  /**
   * @param house as the overlay sees it
   * @param dress that is worn
   */
  Dressing(House house, Dress dress) {
    this.house = house;
    this.dress = dress;
  }

  /** The same overlay where there is nothing to do. */
  Overlay dressed(Overlay overlay) {
    double lines = overlay.frame().shortSide();
    List<Piece> worn = overlay.stack().stream().map(piece -> dressed(piece, lines)).toList();
    Overlay dressed = withCopiesBrought(overlay.withStack(worn));
    return dressed.equals(overlay) ? overlay : dressed;
  }

  /** Copies stay as they are where the overlay could not hold all that their originals became. */
  private Overlay withCopiesBrought(Overlay worn) {
    try {
      return worn.withStack(brought(worn.stack()));
    } catch (InvalidInput tooMuch) {
      return worn;
    }
  }

  /** With the finishes of one set on all that follows any, or on what stands by itself. */
  Overlay in(FinishSet set, Overlay overlay) {
    double lines = overlay.frame().shortSide();
    boolean follow =
        Pieces.all(overlay.stack()).anyMatch(piece -> !piece.look().follows().isEmpty());
    return overlay.withStack(
        overlay.stack().stream()
            .map(piece -> follow ? inInstead(set, piece, lines) : coloured(in(set, piece, lines)))
            .toList());
  }

  private Piece inInstead(FinishSet set, Piece piece, double lines) {
    double inside = inside(piece, lines);
    Piece other =
        piece instanceof GroupPiece group
            ? group.withStack(
                group.stack().stream().map(inner -> inInstead(set, inner, inside)).toList())
            : piece;
    return lettered(coloured(other.look().follows().isEmpty() ? other : in(set, other, inside)));
  }

  /**
   * A piece in the house's colours, fonts and finishes, with all in it.
   *
   * @param lines the shorter side of the frame that its lengths are for
   */
  private Piece dressed(Piece piece, double lines) {
    double inside = inside(piece, lines);
    Piece worn =
        piece instanceof GroupPiece group
            ? group
                .withStack(group.stack().stream().map(inner -> dressed(inner, inside)).toList())
                .withCopyOf(dressed(group.copyOf()))
            : piece;
    Piece finished =
        house.finishSet(worn.look().follows()).map(set -> in(set, worn, inside)).orElse(worn);
    return lettered(coloured(finished));
  }

  /** What came from the original is worn as the copy is: only then it is known what is its own. */
  private CopyOf dressed(CopyOf copyOf) {
    return switch (copyOf) {
      case CopyOf.Nothing nothing -> nothing;
      case CopyOf.OfOriginal of -> of.withTaken((GroupPiece) dressed(of.taken(), of.lines()));
    };
  }

  /** A copy is made of lengths for its original's frame, and scaled to its own. */
  private static double inside(Piece piece, double lines) {
    return piece instanceof GroupPiece group && group.copyOf() instanceof CopyOf.OfOriginal of
        ? of.lines()
        : lines;
  }

  private static Piece in(FinishSet set, Piece piece, double lines) {
    return piece.withLook(piece.look().withFinishes(set.on(lines)));
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

  /** The pieces with all copies among them as their originals are now. */
  private List<Piece> brought(List<Piece> stack) {
    Set<String> taken =
        Pieces.all(stack).map(Piece::id).collect(Collectors.toCollection(HashSet::new));
    return stack.stream().map(piece -> brought(piece, taken)).toList();
  }

  private Piece brought(Piece piece, Set<String> taken) {
    if (!(piece instanceof GroupPiece group)) {
      return piece;
    }
    GroupPiece is =
        group.copyOf() instanceof CopyOf.OfOriginal of ? brought(group, of, taken) : group;
    return is.withStack(is.stack().stream().map(inner -> brought(inner, taken)).toList());
  }

  private GroupPiece brought(GroupPiece copy, CopyOf.OfOriginal of, Set<String> taken) {
    Optional<HouseOriginal> found = house.original(of.original());
    return found
        .map(one -> Copies.brought(copy, of, one.name(), one.lines(), original(one), taken))
        .orElse(copy);
  }

  /** An original with all that it follows itself. */
  GroupPiece original(HouseOriginal original) {
    GroupPiece known = originals.get(original.name());
    if (known == null) {
      Piece worn = dressed(original.group(), original.lines());
      known = (GroupPiece) brought(List.of(worn)).getFirst();
      originals.put(original.name(), known);
    }
    return known;
  }
}
