package app.diaphan.server.draw;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.deliver.StagePicture;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.FacedPiece;
import app.diaphan.core.overlay.FilledPiece;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.Hook;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.FirstFinishes;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Small pictures of a piece with each finish that it could be given. */
@Service
public class FinishSamples {
  private static final int WIDTH = 72;
  private static final int HEIGHT = 48;
  private static final int MARGIN = 8;

  /** So that the frame around a thin piece is not smaller than frames may be. */
  private static final double MOST_ENLARGED = 3;

  private final DrawingService drawings;
  private final DrawnPictures drawn;

  FinishSamples(DrawingService drawings, DrawnPictures drawn) {
    this.drawings = drawings;
    this.drawn = drawn;
  }

  /**
   * @param finish with values that suit the piece
   * @param picture address of the piece's beginning, finished so
   */
  public record FinishSample(Finish finish, String picture) {}

  public List<FinishSample> of(Long packageId, Overlay overlay, String id) {
    Renderer renderer = drawings.rendererFor(packageId);
    Piece piece = Pieces.get(overlay, id);
    PlacedPiece placed =
        renderer.place(overlay, Canvas.of(overlay.frame())).stream()
            .flatMap(PlacedPiece::all)
            .filter(other -> other.piece().id().equals(id))
            .findFirst()
            .orElseThrow();
    double width = Math.max(1, placed.width());
    double height = Math.max(1, placed.height());
    double scale = Math.clamp((HEIGHT - 2.0 * MARGIN) / height, 0.02, MOST_ENLARGED);
    Frame frame = Frame.of((int) Math.ceil(WIDTH / scale), (int) Math.ceil(HEIGHT / scale));
    boolean whole = width * scale <= WIDTH - 2 * MARGIN;
    PinPoint pin = whole ? PinPoint.CENTRE : PinPoint.LEFT;
    Place place =
        new Place(new Hook.OfFrame(Area.FRAME), pin, pin, whole ? 0 : MARGIN / scale, 0, 0, false);
    Piece alone = piece.withPlace(place);
    if (alone instanceof PlatePiece plate) {
      alone = plate.withBacking(Backing.NOTHING).withSize(width, height);
    }
    List<FinishSample> samples = new ArrayList<>();
    for (Finish finish : FirstFinishes.of(Math.min(width, height), colourOf(piece))) {
      List<Finish> finishes = new ArrayList<>(piece.look().finishes());
      finishes.add(finish);
      Look look = piece.look().withFinishes(finishes).withPunch(Punch.NONE);
      Overlay sample = new Overlay(overlay.name(), frame, List.of(alone.withLook(look)));
      samples.add(new FinishSample(finish, drawn.keepForLater(recipe(renderer, sample, scale))));
    }
    return samples;
  }

  private static DrawnPictures.Recipe recipe(Renderer renderer, Overlay sample, double scale) {
    return new DrawnPictures.Recipe(() -> png(renderer, sample, scale), Memory.bytesOf(sample));
  }

  private static byte[] png(Renderer renderer, Overlay sample, double scale) {
    Rendering rendering = renderer.render(sample, Canvas.scaled(sample.frame(), scale));
    return StagePicture.png(rendering, rendering.canvas().bounds());
  }

  /** A colour to stand out from. */
  private static Colour colourOf(Piece piece) {
    return switch (piece) {
      case FilledPiece filled -> colourOf(filled.paint());
      case PicturePiece picture -> Colour.WHITE;
      case GroupPiece group ->
          Pieces.all(group.stack())
              .filter(FacedPiece.class::isInstance)
              .findFirst()
              .map(FinishSamples::colourOf)
              .orElse(Colour.WHITE);
    };
  }

  private static Colour colourOf(Paint paint) {
    return switch (paint) {
      case Paint.Flat flat -> flat.colour();
      case Paint.Linear linear -> linear.stops().getFirst().colour();
      case Paint.Radial radial -> radial.stops().getFirst().colour();
      case Paint.Conic conic -> conic.stops().getFirst().colour();
      case Paint.Patterned patterned -> patterned.ink();
      case Paint.Texture texture -> Colour.WHITE;
      case Paint.Pictured pictured -> Colour.WHITE;
    };
  }
}
