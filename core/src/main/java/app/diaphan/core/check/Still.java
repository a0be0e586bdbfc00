package app.diaphan.core.check;

import app.diaphan.core.picture.RasterPicture;

/**
 * A picture that an overlay may lie over.
 *
 * @param name as it is told to the designer: "White sails, still 3"
 */
public record Still(String name, RasterPicture picture) {}
