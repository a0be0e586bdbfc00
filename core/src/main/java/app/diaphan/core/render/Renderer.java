package app.diaphan.core.render;

import app.diaphan.core.overlay.FacedPiece;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.type.FontShelf;
import app.diaphan.core.type.TextSetter;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

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
    return drawn(layout.pieces(), layout.findings(), canvas);
  }

  /** Draws only these pieces, from front to back, as they lie on a canvas. */
  public Rendering render(List<PlacedPiece> placed, Canvas canvas) {
    return drawn(placed, List.of(), canvas);
  }

  private Rendering drawn(List<PlacedPiece> pieces, List<Finding> findings, Canvas canvas) {
    List<Painted> backToFront = new ArrayList<>();
    paint(pieces, canvas, backToFront);
    Set<String> shown = new HashSet<>();
    addShown(pieces, shown);
    return new Rendering(
        canvas,
        pieces,
        backToFront,
        findings.stream().filter(finding -> shown.contains(finding.piece())).toList());
  }

  private void paint(List<PlacedPiece> frontToBack, Canvas canvas, List<Painted> backToFront) {
    for (PlacedPiece placed : frontToBack.reversed()) {
      if (!placed.piece().shown()) {
        continue;
      }
      switch (placed.piece()) {
        case FacedPiece faced -> backToFront.add(remembered.of(placed, faced, canvas));
        case GroupPiece group when group.overallOpacity() == 1 ->
            paint(placed.inside(), canvas, backToFront);
        case GroupPiece group -> {
          List<Painted> inside = new ArrayList<>();
          paint(placed.inside(), canvas, inside);
          backToFront.add(Painted.Group.of(inside, (float) group.overallOpacity()));
        }
      }
    }
  }

  private static void addShown(List<PlacedPiece> pieces, Set<String> ids) {
    for (PlacedPiece placed : pieces) {
      if (placed.piece().shown()) {
        ids.add(placed.piece().id());
        addShown(placed.inside(), ids);
      }
    }
  }

  /** Where the pieces would lie, without drawing them. */
  public List<PlacedPiece> place(Overlay overlay, Canvas canvas) {
    return new Layout(setter, pictures).place(overlay, canvas).pieces();
  }

  /** Where the carets of a text stand, as {@link TextSetter#carets} gives them. */
  public double[] carets(TextPiece text) {
    return setter.carets(text);
  }
}
