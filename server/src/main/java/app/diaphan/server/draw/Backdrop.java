package app.diaphan.server.draw;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.picture.RasterPicture;

/** What an overlay is judged over. */
public sealed interface Backdrop {
  record Flat(Colour colour) implements Backdrop {}

  record Still(RasterPicture picture) implements Backdrop {}
}
