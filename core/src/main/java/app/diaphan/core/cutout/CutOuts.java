package app.diaphan.core.cutout;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.RasterPicture;

/** Gives pictures an alpha. */
public final class CutOuts {
  /** Larger pictures would need more memory than a server has to spare while they are cut out. */
  public static final int MOST_PIXELS = 24_000_000;

  private CutOuts() {}

  /**
   * The same picture if there is nothing to do.
   *
   * @throws InvalidInput if the picture is too large to be cut out
   */
  public static RasterPicture of(RasterPicture picture, CutOut cutOut) {
    if (!(cutOut instanceof CutOut.Uncut)
        && (long) picture.width() * picture.height() > MOST_PIXELS) {
      throw new InvalidInput(
          Sentence.of(
              "A picture of %d × %d pixels is too large to be cut out; scale it down to %d megapixels.",
              picture.width(), picture.height(), MOST_PIXELS / 1_000_000));
    }
    return switch (cutOut) {
      case CutOut.Uncut() -> picture;
      case CutOut.ByColour how -> {
        Cut cut = ColourCut.of(picture, how);
        CutEdges.treat(cut, how.edge());
        yield cut.picture();
      }
      case CutOut.ByMarks how -> {
        Cut cut = MarksCut.of(picture, how);
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
}
