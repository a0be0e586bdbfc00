package app.diaphan.core.overlay;

/** One thing on an overlay. */
public sealed interface Piece permits FacedPiece, GroupPiece {
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

  Piece withId(String other);

  Piece withShown(boolean other);

  Piece withPlace(Place other);

  Piece withLook(Look other);
}
