package app.diaphan.core.cutout;

import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.RasterPicture;

/** Remembers pictures that were cut out. */
public final class CutPictures {
  private final Remembered<Key, RasterPicture> remembered;

  private record Key(String picture, CutOut cutOut) {}

  public CutPictures(Memory memory) {
    remembered = memory.kind(Memory::bytesOf, RasterPicture::bytes);
  }

  /** The picture itself if there is nothing to do. */
  public RasterPicture of(RasterPicture picture, CutOut cutOut) {
    return cutOut.equals(CutOut.NONE)
        ? picture
        : remembered.of(new Key(picture.identity(), cutOut), () -> CutOuts.of(picture, cutOut));
  }
}
