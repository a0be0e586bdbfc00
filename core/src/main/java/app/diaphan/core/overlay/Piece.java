package app.diaphan.core.overlay;

import app.diaphan.core.overlay.slot.Slot;
import java.util.List;

/** One thing on an overlay. */
public sealed interface Piece permits FacedPiece, GroupPiece {
  /** What kind of thing it is, in one word. */
  String kind();

  /** Names the piece within its overlay for as long as it lives. */
  String id();

  /** What the designer calls it. */
  String name();

  /** Whether it is drawn at all. */
  boolean shown();

  /** Whether it is kept from being taken by the hand. */
  boolean locked();

  Place place();

  Look look();

  /** What of it is left open for the rows of a roster; words are in the words themselves. */
  List<Slot> slots();

  Piece withId(String other);

  Piece withName(String other);

  Piece withShown(boolean other);

  Piece withPlace(Place other);

  Piece withLook(Look other);

  Piece withSlots(List<Slot> other);
}
