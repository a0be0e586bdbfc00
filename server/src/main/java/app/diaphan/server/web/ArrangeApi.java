package app.diaphan.server.web;

import app.diaphan.core.arrange.Arranged;
import app.diaphan.core.arrange.Arrangement;
import app.diaphan.core.arrange.Arranger;
import app.diaphan.core.check.Beneath;
import app.diaphan.core.check.Contrast;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.house.FinishSet;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.core.overlay.Piece;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.draw.FinishSamples;
import app.diaphan.server.draw.FinishSamples.FinishSample;
import app.diaphan.server.store.PictureStore;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Arranges pieces of an overlay that need not be saved, and tells what lies behind one. */
@RestController
@RequestMapping("/api/packages/{id}")
class ArrangeApi {
  private final DrawingService drawings;
  private final PictureStore pictures;
  private final FinishSamples samples;

  ArrangeApi(DrawingService drawings, PictureStore pictures, FinishSamples samples) {
    this.drawings = drawings;
    this.pictures = pictures;
    this.samples = samples;
  }

  record ToArrange(Overlay overlay, List<String> chosen, Arrangement arrangement) {}

  /**
   * @param from the package that the pieces come from, to fetch their pictures from
   */
  record ToPaste(Overlay overlay, long from, Arrangement.Pasted paste) {}

  record ToGive(Overlay overlay, List<String> pieces, FinishSet set, boolean followed) {}

  record ToFinish(Overlay overlay, String piece) {}

  record ToCompare(Overlay overlay, String piece, Colour colour) {}

  /**
   * @param ratio by WCAG 2.2, 1 to 21; 0 if nothing of the overlay lies behind the piece
   * @param beneath the mean colour there
   */
  record ContrastBeneath(double ratio, String beneath) {}

  @OnlyComputes
  @PostMapping("/arranged")
  Arranged arrange(@PathVariable long id, @RequestBody ToArrange wanted) {
    return arranger(id).arrange(wanted.overlay(), wanted.chosen(), wanted.arrangement());
  }

  @PostMapping("/pasted")
  Arranged paste(@PathVariable long id, @RequestBody ToPaste wanted) {
    Arrangement.Pasted paste = wanted.paste();
    List<Piece> pieces = paste.pieces();
    if (wanted.from() != id) {
      Map<String, String> here = pictures.copy(wanted.from(), id, PictureNames.in(pieces));
      pieces = PictureNames.replaced(pieces, here);
    }
    return arranger(id)
        .arrange(
            wanted.overlay(),
            List.of(),
            new Arrangement.Pasted(pieces, paste.lines(), paste.right(), paste.down()));
  }

  /** Gives pieces the finishes of a set, which need not be one of the package's. */
  @OnlyComputes
  @PostMapping("/finished")
  Overlay finish(@PathVariable long id, @RequestBody ToGive wanted) {
    return wanted.set().given(wanted.overlay(), wanted.pieces(), wanted.followed());
  }

  /** The piece with each kind of finish, to choose one by its looks. */
  @OnlyComputes
  @PostMapping("/finish-samples")
  List<FinishSample> finishSamples(@PathVariable long id, @RequestBody ToFinish wanted) {
    return samples.of(id, wanted.overlay(), wanted.piece());
  }

  @OnlyComputes
  @PostMapping("/contrast")
  ContrastBeneath contrast(@PathVariable long id, @RequestBody ToCompare wanted) {
    return Beneath.of(drawings.rendererFor(id), wanted.overlay(), wanted.piece())
        .map(
            beneath ->
                new ContrastBeneath(Contrast.ratio(wanted.colour(), beneath), beneath.toString()))
        .orElseGet(() -> new ContrastBeneath(0, ""));
  }

  private Arranger arranger(long packageId) {
    return new Arranger(drawings.rendererFor(packageId));
  }
}
