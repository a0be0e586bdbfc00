package app.diaphan.core.cutout;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.overlay.Colour;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.picture.Picture;

/** Pictures as their pieces show them: cut out and tinted. */
public final class CutOuts {
  /** Larger pictures would need more memory than a server has to spare while they are cut out. */
  public static final int MOST_PIXELS = 24_000_000;

  private CutOuts() {}

  /**
   * The same picture if there is nothing to do.
   *
   * @throws InvalidInput if the picture is too large to be cut out
   */
  public static Picture of(Picture picture, CutOut cutOut, Tint tint) {
    if (!(cutOut instanceof CutOut.Uncut)
        && (long) picture.width() * picture.height() > MOST_PIXELS) {
      throw new InvalidInput(
          "A picture of %d × %d pixels is too large to be cut out; scale it down to %d megapixels."
              .formatted(picture.width(), picture.height(), MOST_PIXELS / 1_000_000));
    }
    return tinted(cut(picture, cutOut), tint);
  }

  private static Picture cut(Picture picture, CutOut cutOut) {
    return switch (cutOut) {
      case CutOut.Uncut() -> picture;
      case CutOut.ByColour how -> {
        Cut cut = ColourCut.of(picture, how);
        CutEdges.treat(cut, how.edge());
        yield cut.picture();
      }
      case CutOut.ByBrightness how -> {
        Cut cut = BrightnessCut.of(picture, how);
        CutEdges.treat(cut, how.edge());
        yield cut.picture();
      }
    };
  }

  private static Picture tinted(Picture picture, Tint tint) {
    return switch (tint) {
      case Tint.OwnColours() -> picture;
      case Tint.OneColour(Colour colour) -> {
        float[] pixels = new float[picture.pixels().length];
        float[] parts = {colour.red() / 255f, colour.green() / 255f, colour.blue() / 255f, 1};
        float share = colour.alpha() / 255f;
        for (int i = 0; i < pixels.length; i++) {
          pixels[i] = picture.pixels()[i | 3] * share * parts[i & 3];
        }
        yield new Picture(picture.width(), picture.height(), pixels, true);
      }
    };
  }
}
