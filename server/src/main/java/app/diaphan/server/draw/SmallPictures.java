package app.diaphan.server.draw;

import app.diaphan.core.deliver.StagePicture;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.paint.PictureFit;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import app.diaphan.server.store.PictureEntity;
import java.util.List;
import org.springframework.stereotype.Service;

/** Draws a package's pictures small, to choose one by its looks. */
@Service
public class SmallPictures {
  private static final int WIDTH = 192;
  private static final int HEIGHT = 128;

  private final DrawingService drawings;

  SmallPictures(DrawingService drawings) {
    this.drawings = drawings;
  }

  /** The whole picture as PNG, on clear ground. */
  public byte[] of(PictureEntity picture) {
    return of(picture.name(), drawings.rendererFor(picture.packageId()));
  }

  /** The same of what is kept under a digest, for a package or for a house. */
  public byte[] ofContent(String digest) {
    return of("picture", drawings.rendererOf("picture", digest));
  }

  private static byte[] of(String name, Renderer renderer) {
    PicturePiece piece =
        new PicturePiece(
            "picture",
            name,
            true,
            false,
            Place.at(PinPoint.TOP_LEFT, Area.FRAME, 0, 0),
            name,
            1,
            CutOut.NONE,
            Tint.NONE,
            Crop.NOTHING,
            PictureFit.CONTAIN,
            WIDTH,
            HEIGHT,
            Look.PLAIN);
    Overlay sample = new Overlay("picture", Frame.of(WIDTH, HEIGHT), List.of(piece));
    Rendering rendering = renderer.render(sample, Canvas.of(sample.frame()));
    return StagePicture.png(rendering, rendering.canvas().bounds());
  }
}
