package app.diaphan.core.render;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.type.FontShelf;
import app.diaphan.core.type.TextSetter;
import java.util.ArrayList;
import java.util.List;

/**
 * Draws overlays: {@link Layout} places the pieces, {@link PiecePainter} turns each into layers of
 * coverage and paint, {@link Rendering} puts the layers together. Painted pieces are remembered, so
 * drawing an overlay again costs only what has changed.
 */
public final class Renderer {
  private final PictureShelf pictures;
  private final TextSetter setter;
  private final PaintedPieces remembered;

  /**
   * @param memory bytes that painted pieces may keep between drawings; 0 keeps none
   */
  public Renderer(FontShelf fonts, PictureShelf pictures, long memory) {
    this(new TextSetter(fonts), pictures, new PaintedPieces(memory));
  }

  private Renderer(TextSetter setter, PictureShelf pictures, PaintedPieces remembered) {
    this.setter = setter;
    this.pictures = pictures;
    this.remembered = remembered;
  }

  /** A renderer over other pictures that shares what this one remembers. */
  public Renderer with(PictureShelf other) {
    return new Renderer(setter, other, remembered);
  }

  /** Draws the shown pieces. */
  public Rendering render(Overlay overlay, Canvas canvas) {
    Layout.Placed layout = new Layout(setter, pictures).place(overlay, canvas);
    List<PaintedPiece> backToFront = new ArrayList<>();
    for (PlacedPiece placed : layout.pieces().reversed()) {
      if (placed.piece().shown()) {
        backToFront.add(remembered.of(placed, canvas));
      }
    }
    List<Finding> findings =
        layout.findings().stream().filter(finding -> shown(overlay, finding.piece())).toList();
    return new Rendering(canvas, layout.pieces(), backToFront, findings);
  }

  /** Where the pieces would lie, without drawing them. */
  public List<PlacedPiece> place(Overlay overlay, Canvas canvas) {
    return new Layout(setter, pictures).place(overlay, canvas).pieces();
  }

  private static boolean shown(Overlay overlay, String id) {
    return overlay.stack().stream().filter(Piece::shown).anyMatch(piece -> piece.id().equals(id));
  }
}
