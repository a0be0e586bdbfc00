package app.diaphan.server.web;

import app.diaphan.core.Require;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.reframe.OverlayCopy;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.roster.Filling;
import app.diaphan.server.draw.Backdrops;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.store.Deletions;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.OverlayRevision;
import app.diaphan.server.store.PackageStore;
import java.time.Instant;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Overlays and their revisions. */
@RestController
@RequestMapping("/api")
class OverlayApi {
  private final PackageStore store;
  private final Deletions deletions;
  private final DrawingService drawings;
  private final Backdrops backdrops;

  OverlayApi(
      PackageStore store, Deletions deletions, DrawingService drawings, Backdrops backdrops) {
    this.deletions = deletions;
    this.store = store;
    this.drawings = drawings;
    this.backdrops = backdrops;
  }

  record SavedOverlay(
      long id,
      long packageId,
      int revision,
      Instant savedAt,
      double displayWidth,
      Overlay overlay) {
    static SavedOverlay of(OverlayEntity entity, PackageStore store) {
      Overlay overlay = store.dressed(entity);
      return new SavedOverlay(
          entity.id(),
          entity.packageId(),
          entity.revision(),
          entity.savedAt(),
          overlay.frame().displayWidth(),
          overlay);
    }
  }

  record Save(int basedOn, Overlay overlay) {}

  record Copy(Frame frame, OverlayCopy.Lengths lengths) {
    Copy {
      Require.present(frame, "The frame of the copy");
      Require.present(lengths, "What becomes of the lengths of the copy");
    }
  }

  /**
   * @param name empty for a revision without one
   */
  record RevisionSummary(int number, Instant savedAt, String name) {
    static RevisionSummary of(OverlayRevision revision) {
      return new RevisionSummary(revision.number(), revision.savedAt(), revision.name().orElse(""));
    }
  }

  record RevisionName(String name) {}

  @GetMapping("/packages/{id}/overlays")
  List<SavedOverlay> overlays(@PathVariable long id) {
    return store.overlaysOf(id).stream().map(entity -> SavedOverlay.of(entity, store)).toList();
  }

  @PostMapping("/packages/{id}/overlays")
  @ResponseStatus(HttpStatus.CREATED)
  SavedOverlay add(@PathVariable long id, @RequestBody Overlay overlay) {
    return SavedOverlay.of(store.add(id, overlay), store);
  }

  @GetMapping("/overlays/{id}")
  SavedOverlay overlay(@PathVariable long id) {
    return SavedOverlay.of(store.overlay(id), store);
  }

  @PutMapping("/overlays/{id}")
  SavedOverlay save(@PathVariable long id, @RequestBody Save save) {
    return SavedOverlay.of(store.save(id, save.basedOn(), save.overlay()), store);
  }

  /**
   * Adds a variation of the overlay to its package, as it is saved.
   *
   * @param wanted with the frame of the variation
   */
  @PostMapping("/overlays/{id}/copies")
  @ResponseStatus(HttpStatus.CREATED)
  SavedOverlay copy(@PathVariable long id, @RequestBody Copy wanted) {
    return SavedOverlay.of(store.copy(id, wanted.frame(), wanted.lengths()), store);
  }

  /** It can be brought back for a month. */
  @DeleteMapping("/overlays/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    deletions.deleteOverlay(id);
  }

  @GetMapping("/overlays/{id}/revisions")
  List<RevisionSummary> revisions(@PathVariable long id) {
    return store.revisionsOf(id).stream()
        .map(line -> new RevisionSummary(line.number(), line.savedAt(), line.name()))
        .toList();
  }

  /** The overlay as it was at a save. */
  /** As it would be now: what follows the house has its present values. */
  @GetMapping("/overlays/{id}/revisions/{number}")
  Overlay revision(@PathVariable long id, @PathVariable int number) {
    return store
        .house(store.overlay(id).packageId())
        .dressed(PackageStore.documentOf(store.revision(id, number)));
  }

  @PutMapping("/overlays/{id}/revisions/{number}/name")
  RevisionSummary nameRevision(
      @PathVariable long id, @PathVariable int number, @RequestBody RevisionName given) {
    return RevisionSummary.of(store.nameRevision(id, number, given.name()));
  }

  /**
   * The saved overlay as a picture.
   *
   * @param width in pixels
   * @param backdrop "none" for clear ground, a colour such as "#808080", or "still-" and the number
   *     of one of the package's stills
   */
  @GetMapping(path = "/overlays/{id}/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> picture(
      @PathVariable long id,
      @RequestParam(defaultValue = "480") int width,
      @RequestParam(defaultValue = "none") String backdrop) {
    OverlayEntity entity = store.overlay(id);
    Overlay overlay = Filling.without(store.dressed(entity));
    double scale = (double) width / overlay.frame().width();
    byte[] png =
        backdrop.equals("none")
            ? drawings.picture(entity.packageId(), overlay, scale)
            : drawings.over(
                entity.packageId(),
                overlay,
                Canvas.scaled(overlay.frame(), scale),
                backdrops.get(backdrop));
    return ResponseEntity.ok().cacheControl(CacheControl.noCache()).body(png);
  }
}
