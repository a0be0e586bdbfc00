package app.diaphan.server.draw;

import app.diaphan.core.deliver.StagePicture;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.House;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.reframe.Reframed;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import app.diaphan.core.starter.Lettering;
import app.diaphan.core.starter.StarterShelf;
import app.diaphan.server.store.StarterEntity;
import app.diaphan.server.store.StarterStore;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Starters with a small picture of each. */
@Service
public class StarterPictures {
  /** The longer side of a picture, in pixels. */
  private static final double LONGEST = 320;

  private final DrawingService drawings;
  private final DrawnPictures drawn;
  private final StarterStore own;

  StarterPictures(DrawingService drawings, DrawnPictures drawn, StarterStore own) {
    this.drawings = drawings;
    this.drawn = drawn;
    this.own = own;
  }

  /**
   * @param own the starter's id; 0 for one that Diaphan ships
   * @param packageId of the package whose own it is; 0 for one that Diaphan ships
   * @param picture address of the whole frame with the starter on it
   */
  public record DrawnStarter(
      long own, long packageId, String about, Overlay overlay, String picture) {}

  /**
   * Those that Diaphan ships, in a house's colours and a package's families.
   *
   * @param packageId whose fonts they are set in; 0 for those that ship
   */
  public List<DrawnStarter> shipped(Frame frame, House house, Lettering lettering, long packageId) {
    Renderer renderer =
        packageId == 0 ? drawings.rendererWithoutPictures() : drawings.rendererFor(packageId);
    return StarterShelf.of(frame, house, lettering).stream()
        .map(starter -> drawn(renderer, 0, 0, starter.about(), starter.overlay()))
        .toList();
  }

  /** A package's own and those of the house that it follows, brought to a frame. */
  public List<DrawnStarter> own(Frame frame, Long packageId) {
    List<DrawnStarter> all = new ArrayList<>();
    own.of(packageId).forEach(one -> all.add(drawn(one, frame, "Kept from this package")));
    own.ofHouse(packageId)
        .forEach(one -> all.add(drawn(one, frame, "Kept from another package of the house")));
    return all;
  }

  private DrawnStarter drawn(StarterEntity starter, Frame frame, String about) {
    return drawn(
        drawings.rendererFor(starter.packageId()),
        starter.id(),
        starter.packageId(),
        about,
        Reframed.of(own.dressed(starter), frame));
  }

  private DrawnStarter drawn(
      Renderer renderer, long id, long packageId, String about, Overlay overlay) {
    return new DrawnStarter(
        id,
        packageId,
        about,
        overlay,
        drawn.keepForLater(
            new DrawnPictures.Recipe(() -> png(renderer, overlay), Memory.bytesOf(overlay))));
  }

  private static byte[] png(Renderer renderer, Overlay overlay) {
    Frame frame = overlay.frame();
    double scale = Math.min(1, LONGEST / Math.max(frame.displayWidth(), frame.displayHeight()));
    Rendering rendering = renderer.render(overlay, Canvas.scaled(overlay.frame(), scale));
    return StagePicture.png(rendering, rendering.canvas().bounds());
  }
}
