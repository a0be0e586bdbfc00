package app.diaphan.core.arrange;

import app.diaphan.core.overlay.Overlay;
import java.util.List;

/**
 * What came of an arrangement.
 *
 * @param chosen ids of the pieces to work on next
 */
public record Arranged(Overlay overlay, List<String> chosen) {}
