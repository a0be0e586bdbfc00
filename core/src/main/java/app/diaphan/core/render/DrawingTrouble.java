package app.diaphan.core.render;

/**
 * Something the designer should know about a piece as it was drawn.
 *
 * @param piece the id of the piece
 * @param sentence what it is and what to do
 * @param prevents whether the overlay cannot be delivered like this
 */
public record DrawingTrouble(String piece, String sentence, boolean prevents) {}
