package app.diaphan.server.bundle;

import app.diaphan.core.house.HouseStyle;
import app.diaphan.core.overlay.Overlay;
import java.util.List;
import java.util.Map;

/**
 * A package in the open project format.
 *
 * @param house what its overlays share
 * @param overlays by the names of their files, in the package's order
 * @param pictures files by name
 * @param clips stills by the name of their clip, in order
 */
public record Bundle(
    String name,
    HouseStyle house,
    Map<String, Overlay> overlays,
    Map<String, byte[]> pictures,
    Map<String, List<byte[]>> clips) {}
