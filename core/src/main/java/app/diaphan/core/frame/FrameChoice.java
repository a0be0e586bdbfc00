package app.diaphan.core.frame;

import java.util.List;

/**
 * One entry of the catalogue.
 *
 * @param group the shelf it stands on
 * @param name what a designer calls it
 * @param rates the usual frame rates of video of this size
 */
public record FrameChoice(String group, String name, Frame frame, List<FrameRate> rates) {}
