package app.diaphan.core.starter;

import app.diaphan.core.overlay.Overlay;

/**
 * An overlay kept as a beginning for others.
 *
 * @param about in a few words what it is for
 * @param overlay called as the starter is
 */
public record Starter(String about, Overlay overlay) {}
