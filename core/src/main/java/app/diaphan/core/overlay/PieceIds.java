package app.diaphan.core.overlay;

import java.util.function.UnaryOperator;

/** Gives pieces other ids, wherever they are named. */
public final class PieceIds {
  private PieceIds() {}

  /** The piece, with all that is in it, and what it hangs from and backs, under other ids. */
  public static Piece exchanged(Piece piece, UnaryOperator<String> ids) {
    Piece other = piece.withId(ids.apply(piece.id()));
    if (other.place().hook() instanceof Hook.OfPiece(String from)) {
      other = other.withPlace(other.place().withHook(new Hook.OfPiece(ids.apply(from))));
    }
    return switch (other) {
      case PlatePiece plate ->
          plate.withBacking(
              plate.backing().withPieces(plate.backing().pieces().stream().map(ids).toList()));
      case GroupPiece group ->
          group
              .withStack(group.stack().stream().map(inner -> exchanged(inner, ids)).toList())
              .withCopyOf(exchanged(group.copyOf(), ids));
      case FacedPiece same -> same;
    };
  }

  /** What a group is a copy of, told by other ids. */
  public static CopyOf exchanged(CopyOf copyOf, UnaryOperator<String> ids) {
    return switch (copyOf) {
      case CopyOf.Nothing nothing -> nothing;
      case CopyOf.OfOriginal of -> of.withIds(ids);
    };
  }
}
