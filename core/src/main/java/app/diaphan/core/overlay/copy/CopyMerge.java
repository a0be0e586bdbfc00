package app.diaphan.core.overlay.copy;

import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Piece;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Brings a copy to what its original is now. What the copy has of its own stays: properties that it
 * has otherwise, pieces that were put into it, taken out of it or moved in it. All three are told
 * by the copy's ids.
 */
final class CopyMerge {
  private final GroupPiece copy;
  private final Held taken;
  private final Held here;
  private final Held now;
  private final GroupPiece takenWhole;
  private final GroupPiece nowWhole;
  private final List<OwnThing> own = new ArrayList<>();
  private final Map<String, String> holders = new HashMap<>();

  CopyMerge(GroupPiece taken, GroupPiece copy, GroupPiece now) {
    this.copy = copy;
    takenWhole = taken;
    nowWhole = now;
    this.taken = Held.by(taken);
    here = Held.by(copy);
    this.now = Held.by(now);
  }

  GroupPiece merged() {
    PieceMerge whole = new PieceMerge();
    GroupPiece merged = whole.whole(takenWhole, copy, nowWhole);
    note(copy, whole.own());
    Set<String> there = there();
    there.forEach(id -> holders.put(id, holder(id, there)));
    there.forEach(this::checkNoCircle);
    return merged.withStack(stackOf(copy.id()));
  }

  /** What stayed as the copy has it; known once it is merged. */
  List<OwnThing> own() {
    return own;
  }

  private void note(Piece piece, List<String> things) {
    things.forEach(what -> own.add(new OwnThing(piece.id(), piece.name(), what)));
  }

  /** All pieces that there are in the end. */
  private Set<String> there() {
    Set<String> there = new LinkedHashSet<>();
    for (String id : now.pieces().keySet()) {
      if (here.has(id) || !taken.has(id) && hasRoom(id, there)) {
        there.add(id);
      } else if (taken.has(id)) {
        note(now.pieces().get(id), List.of("that it is not there"));
      }
    }
    for (Piece piece : here.pieces().values()) {
      String id = piece.id();
      if (!taken.has(id)) {
        note(piece, List.of("all of it"));
        there.add(id);
      } else if (!now.has(id) && changed(id)) {
        there.add(id);
      }
    }
    return there;
  }

  /** What is new in the original is not in groups that were taken out of the copy. */
  private boolean hasRoom(String id, Set<String> there) {
    String holder = now.holders().get(id);
    return holder.equals(copy.id()) || there.contains(holder);
  }

  /** Whether the copy has anything of its own on a piece or in it. */
  private boolean changed(String id) {
    if (!taken.has(id)) {
      return true;
    }
    PieceMerge alone = new PieceMerge();
    alone.merged(taken.pieces().get(id), here.pieces().get(id), taken.pieces().get(id));
    return !alone.own().isEmpty() || here.inside(id).stream().anyMatch(this::changed);
  }

  private String holder(String id, Set<String> there) {
    boolean movedHere =
        here.has(id) && (!taken.has(id) || !here.holders().get(id).equals(taken.holders().get(id)));
    String wanted = movedHere || !now.has(id) ? here.holders().get(id) : now.holders().get(id);
    return there.contains(wanted) && isGroup(wanted) ? wanted : copy.id();
  }

  private boolean isGroup(String id) {
    return (here.has(id) ? here : now).pieces().get(id) instanceof GroupPiece;
  }

  /** Two groups can have been put into each other, here and in the original. */
  private void checkNoCircle(String id) {
    Set<String> met = new HashSet<>();
    for (String at = id; !at.equals(copy.id()); at = holders.get(at)) {
      if (!met.add(at)) {
        holders.put(at, copy.id());
        return;
      }
    }
  }

  private List<Piece> stackOf(String holder) {
    return order(holder).stream().map(this::piece).toList();
  }

  private Piece piece(String id) {
    Piece merged;
    if (!here.has(id)) {
      merged = now.pieces().get(id);
    } else if (!taken.has(id) || !now.has(id)) {
      merged = here.pieces().get(id);
    } else {
      PieceMerge alone = new PieceMerge();
      merged = alone.merged(taken.pieces().get(id), here.pieces().get(id), now.pieces().get(id));
      note(merged, alone.own());
    }
    return merged instanceof GroupPiece group ? copyOf(id, group).withStack(stackOf(id)) : merged;
  }

  /** A copy within the copy is one of what the original has it of, as far as it still is one. */
  private GroupPiece copyOf(String id, GroupPiece group) {
    boolean still = !group.copyOf().equals(CopyOf.NOTHING);
    return still && now.pieces().get(id) instanceof GroupPiece inner
        ? group.withCopyOf(inner.copyOf())
        : group;
  }

  /** As the original has them, unless the copy was put in another order. */
  private List<String> order(String holder) {
    List<String> members =
        holders.entrySet().stream()
            .filter(entry -> entry.getValue().equals(holder))
            .map(Map.Entry::getKey)
            .sorted()
            .toList();
    boolean ownOrder =
        !common(here.inside(holder), taken.inside(holder))
            .equals(common(taken.inside(holder), here.inside(holder)));
    if (ownOrder) {
      Piece group = holder.equals(copy.id()) ? copy : here.pieces().get(holder);
      note(group, List.of("the order of what is in it"));
    }
    List<String> first = ownOrder ? here.inside(holder) : now.inside(holder);
    List<String> then = ownOrder ? now.inside(holder) : here.inside(holder);
    List<String> order = new ArrayList<>(common(first, members));
    addInto(order, common(then, members));
    addInto(order, members);
    return order;
  }

  private static List<String> common(List<String> all, List<String> of) {
    return all.stream().filter(of::contains).toList();
  }

  /** Each behind what it lies behind in its own order. */
  private static void addInto(List<String> order, List<String> others) {
    String before = "";
    for (String id : others) {
      if (!order.contains(id)) {
        order.add(order.indexOf(before) + 1, id);
      }
      before = id;
    }
  }
}
