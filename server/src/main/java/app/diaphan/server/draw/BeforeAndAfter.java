package app.diaphan.server.draw;

import app.diaphan.core.check.StandingOut;
import app.diaphan.core.check.Still;
import app.diaphan.core.deliver.StagePicture;
import app.diaphan.core.house.House;
import app.diaphan.core.memory.Permits;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import app.diaphan.server.memory.MemoryBudget;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.Stills;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;

/** Draws an overlay small in two states, and says how its words stand out in each. */
@Service
public class BeforeAndAfter {
  /** The longer side of the frame as it is drawn, in pixels, before it is cut to what is drawn. */
  private static final double LONGEST = 640;

  private static final long BYTES_PER_PIXEL = 72;

  private final PackageStore store;
  private final DrawingService drawings;
  private final DrawnPictures drawn;
  private final StillPictures stillPictures;
  private final Permits work;

  BeforeAndAfter(
      PackageStore store,
      DrawingService drawings,
      DrawnPictures drawn,
      StillPictures stillPictures,
      MemoryBudget budget) {
    this.store = store;
    this.drawings = drawings;
    this.drawn = drawn;
    this.stillPictures = stillPictures;
    work = budget.work();
  }

  /**
   * @param before address of a picture on clear ground, cut to what is drawn in either state
   * @param contrastBefore how the words stand out that do so least, over the package's stills,
   *     1–21; 0 for an overlay without words
   */
  public record BothLooks(
      String before, String after, double contrastBefore, double contrastAfter) {}

  /**
   * @param was the house that the overlay follows before
   * @param is the one that it follows after
   * @param otherPictures digests of what pictures of the package show after, by their names
   */
  public BothLooks look(
      Long packageId,
      Overlay before,
      House was,
      Overlay after,
      House is,
      Map<String, String> otherPictures) {
    double longest = Math.max(before.frame().width(), before.frame().height());
    Canvas canvas = Canvas.scaled(before.frame(), Math.min(1, LONGEST / longest));
    List<Still> stills = stills(packageId);
    return work.with(
        BYTES_PER_PIXEL * canvas.width() * canvas.height(),
        () -> {
          Renderer own = drawings.rendererFor(packageId, was, Map.of());
          Renderer other = drawings.rendererFor(packageId, is, otherPictures);
          Rendering first = own.render(before, canvas).together();
          Rendering second = other.render(after, canvas).together();
          Bounds part = around(first.drawn(), second.drawn(), canvas);
          return new BothLooks(
              drawn.keep(StagePicture.png(first, part)),
              drawn.keep(StagePicture.png(second, part)),
              StandingOut.worst(own, before, first, stills).orElse(0),
              StandingOut.worst(other, after, second, stills).orElse(0));
        });
  }

  /** One of each clip: the stills of a clip are alike, and many looks are waited for. */
  private List<Still> stills(Long packageId) {
    Map<String, Still> stills = new LinkedHashMap<>();
    for (Stills.Line still : store.stillLinesOf(packageId)) {
      stills.computeIfAbsent(still.clip(), clip -> new Still(clip, stillPictures.of(still.id())));
    }
    return List.copyOf(stills.values());
  }

  /** What is drawn in either state, with a little of what is beside it. */
  private static Bounds around(Bounds was, Bounds is, Canvas canvas) {
    Bounds both = was.and(is);
    int beside = Math.max(4, (both.width() + both.height()) / 24);
    return both.empty() ? canvas.bounds() : both.grown(beside, beside).within(canvas.bounds());
  }
}
