package app.diaphan.server.web;

import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameCatalogue;
import app.diaphan.core.frame.FrameChoice;
import app.diaphan.core.frame.FrameRate;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.reframe.Reframed;
import app.diaphan.server.bundle.BundleFiles;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.draw.Drawing;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.roster.RosterDrawings;
import app.diaphan.server.store.GraphicsPackage;
import app.diaphan.server.store.PackageStore;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.io.IOException;
import java.util.List;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Packages and what they hold beside overlays; the frames that all share. */
@RestController
@RequestMapping("/api")
class PackageApi {
  private final PackageStore store;
  private final BundleFiles bundles;
  private final DrawingService drawings;
  private final RosterDrawings rows;

  PackageApi(
      PackageStore store, BundleFiles bundles, DrawingService drawings, RosterDrawings rows) {
    this.store = store;
    this.bundles = bundles;
    this.rows = rows;
    this.drawings = drawings;
  }

  record PackageSummary(long id, String name) {
    static PackageSummary of(GraphicsPackage graphics) {
      return new PackageSummary(graphics.id(), graphics.name());
    }
  }

  record NewPackage(String name) {}

  record FrameEntry(FrameChoice choice, double displayWidth, List<String> rates) {}

  record ToReframe(Overlay overlay, Frame frame) {}

  /**
   * @param scale drawing pixels for one stored pixel of the frame
   * @param editing the id of the text whose words are being typed and whose carets are wanted;
   *     empty for none
   * @param row the id of the roster's row that fills it; 0 for none
   */
  record ToDraw(Overlay overlay, double scale, String editing, long row) {}

  @GetMapping("/frames")
  List<FrameEntry> frames() {
    return FrameCatalogue.choices().stream()
        .map(
            choice ->
                new FrameEntry(
                    choice,
                    choice.frame().displayWidth(),
                    choice.rates().stream().map(FrameRate::label).toList()))
        .toList();
  }

  @GetMapping("/packages")
  List<PackageSummary> packages() {
    return store.all().stream().map(PackageSummary::of).toList();
  }

  @PostMapping("/packages")
  @ResponseStatus(HttpStatus.CREATED)
  PackageSummary create(@RequestBody NewPackage wanted) {
    return PackageSummary.of(store.create(wanted.name()));
  }

  @PutMapping("/packages/{id}/name")
  PackageSummary rename(@PathVariable long id, @RequestBody NewPackage wanted) {
    return PackageSummary.of(store.rename(id, wanted.name()));
  }

  @PostMapping(path = "/packages/bundle", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  PackageSummary importBundle(@RequestPart("file") MultipartFile file) throws IOException {
    return PackageSummary.of(bundles.add(file::transferTo));
  }

  @GetMapping(path = "/packages/{id}/bundle.zip", produces = "application/zip")
  ResponseEntity<Resource> exportBundle(@PathVariable long id) throws IOException {
    BundleFiles.Written written = bundles.write(id);
    return ResponseEntity.ok()
        .contentLength(written.length())
        .body(new InputStreamResource(written.content()));
  }

  /** The overlay on another master frame; nothing is saved. */
  @OnlyComputes
  @PostMapping("/reframed")
  Overlay reframed(@RequestBody ToReframe wanted) {
    return Reframed.of(wanted.overlay(), wanted.frame());
  }

  /** Draws an overlay that need not be saved. */
  @OnlyComputes
  @PostMapping("/packages/{id}/drawings")
  @ApiResponse(
      responseCode = "200",
      content = @Content(schema = @Schema(implementation = Drawing.class)))
  Drawing draw(@PathVariable long id, @RequestBody ToDraw toDraw) {
    Overlay shown = rows.shown(toDraw.overlay(), toDraw.row(), toDraw.editing());
    return drawings.draw(id, shown, toDraw.scale(), toDraw.editing());
  }
}
