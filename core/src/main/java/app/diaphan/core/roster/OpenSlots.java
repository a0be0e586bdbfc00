package app.diaphan.core.roster;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.WordedPiece;
import app.diaphan.core.overlay.slot.Slot;
import app.diaphan.core.overlay.slot.WordSlots;
import app.diaphan.core.roster.AskedColumn.Feeds;
import app.diaphan.core.roster.table.ColumnNames;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What an overlay leaves open. */
public final class OpenSlots {
  private OpenSlots() {}

  /** The columns that an overlay asks for, each once, from its front to its back. */
  public static List<AskedColumn> of(Overlay overlay) {
    Map<String, AskedColumn> asked = new LinkedHashMap<>();
    Pieces.all(overlay.stack()).forEach(piece -> add(piece, asked));
    return List.copyOf(asked.values());
  }

  /** Whether a row of a roster can change anything about an overlay. */
  public static boolean any(Overlay overlay) {
    return Pieces.all(overlay.stack())
        .anyMatch(
            piece ->
                !piece.slots().isEmpty()
                    || piece instanceof WordedPiece worded
                        && worded.stretches().stream()
                            .anyMatch(words -> !WordSlots.columns(words).isEmpty()));
  }

  private static void add(Piece piece, Map<String, AskedColumn> asked) {
    if (piece instanceof WordedPiece worded) {
      for (String words : worded.stretches()) {
        WordSlots.columns(words).forEach(name -> add(name, Feeds.WORDS, asked));
      }
    }
    for (Slot slot : piece.slots()) {
      switch (slot) {
        case Slot.PictureOf(String column) -> add(column, Feeds.PICTURE, asked);
        case Slot.ColourOf colour -> add(colour.column(), Feeds.COLOUR, asked);
        case Slot.ShownBy(String column) -> add(column, Feeds.SHOWN, asked);
        case Slot.FinishesOf(String column) -> add(column, Feeds.FINISHES, asked);
        case Slot.ShownWithWords _ -> {}
      }
    }
  }

  private static void add(String name, Feeds feeds, Map<String, AskedColumn> asked) {
    asked.merge(
        ColumnNames.key(name),
        new AskedColumn(name, feeds),
        (before, now) ->
            before.feeds().compareTo(now.feeds()) >= 0
                ? before
                : new AskedColumn(before.name(), now.feeds()));
  }
}
