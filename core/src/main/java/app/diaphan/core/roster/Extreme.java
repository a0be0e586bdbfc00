package app.diaphan.core.roster;

/**
 * A row in which a design is most likely to fail.
 *
 * @param row its place, from 0
 * @param why in a few words, such as "longest name"
 */
public record Extreme(int row, String why) {}
