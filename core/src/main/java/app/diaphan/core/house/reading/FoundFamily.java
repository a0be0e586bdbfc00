package app.diaphan.core.house.reading;

/**
 * A font family that could become one of a house.
 *
 * @param here whether it is on the shelf
 * @param where in words, such as "in 7 overlays"
 */
public record FoundFamily(String family, boolean here, String where) {}
