package app.diaphan.core.cutout;

import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.picture.Picture;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;

/** Remembers pictures that were cut out; those not used for longest go first. */
public final class CutPictures {
  private static final int BYTES_PER_PIXEL = 16;

  private final long memory;
  private final Map<Key, Picture> known = new LinkedHashMap<>(16, 0.75f, true);
  private long used;

  /** Two pictures are equal only if they are the same one. */
  private record Key(Picture picture, CutOut cutOut, Tint tint) {}

  /**
   * @param memory bytes that the pictures may keep between drawings
   */
  public CutPictures(long memory) {
    this.memory = memory;
  }

  /** The same object again as long as it is remembered. */
  public Picture of(Picture picture, CutOut cutOut, Tint tint) {
    Key key = new Key(picture, cutOut, tint);
    synchronized (known) {
      Picture before = known.get(key);
      if (before != null) {
        return before;
      }
    }
    Picture cut = CutOuts.of(picture, cutOut, tint);
    if (cut != picture && weight(cut) <= memory) {
      remember(key, cut);
    }
    return cut;
  }

  private void remember(Key key, Picture cut) {
    synchronized (known) {
      if (known.put(key, cut) == null) {
        used += weight(cut);
      }
      Iterator<Picture> eldest = known.values().iterator();
      while (used > memory && eldest.hasNext()) {
        used -= weight(eldest.next());
        eldest.remove();
      }
    }
  }

  private static long weight(Picture picture) {
    return (long) BYTES_PER_PIXEL * picture.width() * picture.height();
  }
}
