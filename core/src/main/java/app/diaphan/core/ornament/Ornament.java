package app.diaphan.core.ornament;

/**
 * A shape that Diaphan ships, to be put on a plate and painted as one likes.
 *
 * @param words by which it is also found, such as what it is used for
 * @param width over its height
 * @param path as path data in shares of its box, filled where it is wound around
 */
public record Ornament(String name, String words, double width, String path) {}
