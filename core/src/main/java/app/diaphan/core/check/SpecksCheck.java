package app.diaphan.core.check;

import app.diaphan.core.cutout.Specks;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.render.Content;
import java.util.ArrayList;
import java.util.List;

/** A cut-out must not leave specks of what it took away. */
final class SpecksCheck implements Check {
  /** Parts of fewer pixels than this are specks. */
  static final int SPECK = 24;

  @Override
  public List<Found> of(Proofed proofed) {
    List<Found> found = new ArrayList<>();
    proofed
        .shown()
        .forEach(
            placed -> {
              if (placed.piece() instanceof PicturePiece piece
                  && placed.content() instanceof Content.Pictured content
                  && content.picture() instanceof RasterPicture picture
                  && !piece.cutOut().equals(CutOut.NONE)) {
                int specks = Specks.count(proofed.renderer().cut(picture, piece.cutOut()), SPECK);
                if (specks > 0) {
                  found.add(
                      new Found(
                          CheckKind.SPECKS,
                          true,
                          piece.id(),
                          "The cut-out of \"%s\" has left %d %s of fewer than %d px."
                              .formatted(
                                  piece.name(), specks, specks == 1 ? "speck" : "specks", SPECK),
                          "Let its edge drop specks, or mark them to be dropped."));
                }
              }
            });
    return found;
  }
}
