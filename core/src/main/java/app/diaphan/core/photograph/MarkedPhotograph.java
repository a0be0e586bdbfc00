package app.diaphan.core.photograph;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.photograph.jpeg.BlockMark;
import app.diaphan.core.photograph.jpeg.JpegFile;
import app.diaphan.core.photograph.jpeg.JpegFrame;
import app.diaphan.core.photograph.jpeg.NotByBlocks;
import app.diaphan.core.picture.Orientation;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Renderer;

/** Puts marks on photographs whose other blocks stay as they are. */
public final class MarkedPhotograph {
  private final Renderer renderer;
  private final Overlay overlay;
  private final Hanging hanging;

  public MarkedPhotograph(Renderer renderer, Overlay overlay, Hanging hanging) {
    this.renderer = renderer;
    this.overlay = overlay;
    this.hanging = hanging;
  }

  /**
   * @param orientation in which the photograph is stored
   * @return where the mark lies on the upright photograph, in its pixels
   * @throws InvalidInput if the photograph has no room for the mark
   * @throws NotByBlocks if the file's colours are not known
   */
  public Bounds lay(JpegFile file, Orientation orientation) throws NotByBlocks {
    JpegFrame frame = file.frame();
    int width = orientation.sideways() ? frame.height() : frame.width();
    int height = orientation.sideways() ? frame.width() : frame.height();
    MarkPicture mark =
        MarkPicture.of(renderer, overlay, hanging.longerSide(width, height))
            .thinned(hanging.opacity());
    Bounds place = hanging.place(width, height, mark.width(), mark.height());
    MarkPicture stored = mark.stored(orientation);
    int one = orientation.storedX(place.left(), place.top(), width, height);
    int other = orientation.storedX(place.right() - 1, place.bottom() - 1, width, height);
    int left = Math.min(one, other);
    one = orientation.storedY(place.left(), place.top(), width, height);
    other = orientation.storedY(place.right() - 1, place.bottom() - 1, width, height);
    int top = Math.min(one, other);
    BlockMark.lay(
        file, new Bounds(left, top, left + stored.width(), top + stored.height()), stored.pixels());
    return place;
  }
}
