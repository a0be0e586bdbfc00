package app.diaphan.core.check;

import app.diaphan.core.picture.RasterPicture;
import java.util.List;

/** What a package without stills is judged over. */
final class FlatStills {
  static final List<Still> ALL =
      List.of(flat("white", 1), flat("mid-grey", 0.5f), flat("black", 0));

  private FlatStills() {}

  private static Still flat(String name, float tone) {
    return new Still(name, new RasterPicture(1, 1, new float[] {tone, tone, tone, 1}, false));
  }
}
