package app.diaphan.core.overlay.copy;

/**
 * Something that a copy has otherwise than its original.
 *
 * @param piece id of the piece of the copy; of one that the copy no longer has as it had there
 * @param name of that piece
 * @param what in a few words, such as "its paint"
 */
public record OwnThing(String piece, String name, String what) {}
