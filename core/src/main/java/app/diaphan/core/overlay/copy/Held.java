package app.diaphan.core.overlay.copy;

import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Piece;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The pieces in a group, however deep, with what holds each.
 *
 * @param pieces by id, from front to back
 * @param holders id of the group that holds a piece
 * @param inside ids of what a group holds, from front to back
 */
record Held(
    Map<String, Piece> pieces, Map<String, String> holders, Map<String, List<String>> inside) {

  static Held by(GroupPiece group) {
    Held held = new Held(new LinkedHashMap<>(), new HashMap<>(), new HashMap<>());
    held.add(group);
    return held;
  }

  private void add(GroupPiece group) {
    inside.put(group.id(), group.stack().stream().map(Piece::id).toList());
    for (Piece piece : group.stack()) {
      pieces.put(piece.id(), piece);
      holders.put(piece.id(), group.id());
      if (piece instanceof GroupPiece inner) {
        add(inner);
      }
    }
  }

  boolean has(String id) {
    return pieces.containsKey(id);
  }

  List<String> inside(String holder) {
    return inside.getOrDefault(holder, List.of());
  }
}
