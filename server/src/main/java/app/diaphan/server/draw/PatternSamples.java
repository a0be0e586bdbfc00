package app.diaphan.server.draw;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.deliver.StagePicture;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.paint.Pattern;
import app.diaphan.core.pattern.PatternTile;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import java.util.List;
import org.springframework.stereotype.Service;

/** Small pictures of the patterns that Diaphan ships. */
@Service
public class PatternSamples {
  private static final Frame FRAME = Frame.of(144, 96);
  private static final Colour INK = Colour.parse("#f3ead2");
  private static final Colour GROUND = Colour.parse("#12495a");

  /** Widths at which a pattern is known on so small a picture, in pixels. */
  private static final double EDGED = 40;

  private static final double FINE = 144;

  public byte[] picture(Pattern pattern) {
    Paint paint =
        new Paint.Patterned(
            pattern, PatternTile.hasEdges(pattern) ? EDGED : FINE, 0, 0, 0, INK, GROUND);
    Place place = Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0);
    PlatePiece plate =
        new PlatePiece(
            "pattern",
            "Pattern",
            true,
            false,
            place,
            new PlateShape.Rectangle(),
            FRAME.width(),
            FRAME.height(),
            Backing.NOTHING,
            paint,
            Look.PLAIN,
            List.of());
    Rendering rendering =
        new Renderer(ShippedFonts.shelf(), PictureShelf.EMPTY, Memory.NONE)
            .render(new Overlay("Pattern", FRAME, List.of(plate)), Canvas.of(FRAME));
    return StagePicture.png(rendering, rendering.canvas().bounds());
  }
}
