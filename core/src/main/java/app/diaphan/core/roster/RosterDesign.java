package app.diaphan.core.roster;

import app.diaphan.core.overlay.Overlay;

/**
 * An overlay that rows are filled into.
 *
 * @param revision of which it is
 * @param filling how its rows fill it
 */
public record RosterDesign(Overlay overlay, int revision, Filling filling) {}
