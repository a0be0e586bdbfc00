package app.diaphan.core.house.reading;

import java.util.List;

/** What was read that could become a house, what is used most first. */
public record HouseFound(List<FoundColour> colours, List<FoundFamily> families) {}
