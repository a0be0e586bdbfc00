package app.diaphan.core.house.reading;

import app.diaphan.core.colour.Colour;

/**
 * A colour that could become one of a house.
 *
 * @param colour solid
 * @param proposed a name for it, by how it looks
 * @param share of what was read that has it, 0–1
 * @param where in words, such as "in 7 overlays"
 */
public record FoundColour(Colour colour, String proposed, double share, String where) {}
