package app.diaphan.server.draw;

import app.diaphan.core.deliver.StagePicture;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.HouseStyle;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import app.diaphan.core.starter.StarterShelf;
import java.util.List;
import org.springframework.stereotype.Service;

/** The shipped starters with a small picture of each. */
@Service
public class StarterPictures {
  /** The longer side of a picture, in pixels. */
  private static final double LONGEST = 320;

  private final DrawingService drawings;
  private final DrawnPictures drawn;

  StarterPictures(DrawingService drawings, DrawnPictures drawn) {
    this.drawings = drawings;
    this.drawn = drawn;
  }

  /**
   * @param picture address of the whole frame with the starter on it
   */
  public record DrawnStarter(String about, Overlay overlay, String picture) {}

  public List<DrawnStarter> of(Frame frame, HouseStyle house) {
    Renderer renderer = drawings.rendererWithoutPictures();
    double scale = Math.min(1, LONGEST / Math.max(frame.displayWidth(), frame.displayHeight()));
    return StarterShelf.of(frame, house).stream()
        .map(
            starter ->
                new DrawnStarter(
                    starter.about(),
                    starter.overlay(),
                    drawn.keepForLater(
                        new DrawnPictures.Recipe(
                            () -> png(renderer, starter.overlay(), scale),
                            Memory.bytesOf(starter.overlay())))))
        .toList();
  }

  private static byte[] png(Renderer renderer, Overlay overlay, double scale) {
    Rendering rendering = renderer.render(overlay, Canvas.scaled(overlay.frame(), scale));
    return StagePicture.png(rendering, rendering.canvas().bounds());
  }
}
