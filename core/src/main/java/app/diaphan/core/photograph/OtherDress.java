package app.diaphan.core.photograph;

import app.diaphan.core.Require;

/** What a mark's other dress is, for photographs on which its own does not stand out. */
public sealed interface OtherDress {
  /** The mark with light and dark exchanged. */
  record Exchanged() implements OtherDress {}

  /** The mark in the other dress of the house that it follows. */
  record OfHouse() implements OtherDress {}

  /**
   * The mark in other finishes.
   *
   * @param set the name of one of the house's finish sets
   */
  record InFinishes(String set) implements OtherDress {
    public InFinishes {
      Require.present(set, "The finishes of the other dress");
    }
  }

  /** Another overlay. */
  record AnotherOverlay(long overlay) implements OtherDress {}
}
