package app.diaphan.core.check;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What of the overlay itself lies behind a piece, on the average of where the piece is drawn. */
public final class Beneath {
  private static final double WIDEST = 640;
  private static final double LEAST_COVER = 0.1;

  private Beneath() {}

  /**
   * The mean colour behind a piece, solid.
   *
   * @return nothing if hardly anything of the overlay lies there
   * @throws app.diaphan.core.InvalidInput if there is no such piece
   */
  public static Optional<Colour> of(Renderer renderer, Overlay overlay, String id) {
    Pieces.get(overlay, id);
    Canvas canvas = Canvas.scaled(overlay.frame(), Math.min(1, WIDEST / overlay.frame().width()));
    List<PlacedPiece> placed = renderer.place(overlay, canvas);
    List<PlacedPiece> behind = new ArrayList<>();
    addBehind(placed, id, behind);
    PlacedPiece piece =
        placed.stream()
            .flatMap(PlacedPiece::all)
            .filter(other -> other.piece().id().equals(id))
            .findFirst()
            .orElseThrow();
    var mask = renderer.render(List.of(piece), canvas);
    var ground = renderer.render(behind, canvas);
    Bounds bounds = mask.drawn();
    int stride = 4 * canvas.width();
    float[] maskRow = new float[stride];
    float[] groundRow = new float[stride];
    double[] sums = new double[4];
    double weight = 0;
    for (int y = bounds.top(); y < bounds.bottom(); y++) {
      mask.rows(y, y + 1, maskRow);
      ground.rows(y, y + 1, groundRow);
      for (int x = bounds.left(); x < bounds.right(); x++) {
        float share = maskRow[4 * x + 3];
        weight += share;
        for (int c = 0; c < 4; c++) {
          sums[c] += share * groundRow[4 * x + c];
        }
      }
    }
    if (weight <= 0 || sums[3] / weight < LEAST_COVER) {
      return Optional.empty();
    }
    return Optional.of(
        new Colour(
            channel(sums[0] / sums[3]),
            channel(sums[1] / sums[3]),
            channel(sums[2] / sums[3]),
            255));
  }

  /** Adds what lies behind the piece; true once it was met. */
  private static boolean addBehind(
      List<PlacedPiece> frontToBack, String id, List<PlacedPiece> behind) {
    boolean met = false;
    for (PlacedPiece placed : frontToBack) {
      if (met) {
        behind.add(placed);
      } else if (placed.piece().id().equals(id)) {
        met = true;
      } else if (placed.piece().shown()) {
        met = addBehind(placed.inside(), id, behind);
      }
    }
    return met;
  }

  private static int channel(double value) {
    return (int) Math.clamp(Math.rint(value * 255), 0, 255);
  }
}
