package app.diaphan.core.photograph;

import app.diaphan.core.overlay.Overlay;
import java.util.Optional;

/**
 * What a mark is drawn from.
 *
 * @param overlay as it is drawn
 * @param other its other dress; if there is none, light and dark are exchanged for it
 */
public record Dresses(Overlay overlay, Optional<Overlay> other) {}
