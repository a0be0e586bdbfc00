package app.diaphan.server.web;

import app.diaphan.core.deliver.FileName;
import app.diaphan.core.interchange.OpenRasterFile;
import app.diaphan.core.interchange.SvgFile;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.roster.Filling;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Overlays in open formats that other programs can go on working with. */
@RestController
@RequestMapping("/api/overlays/{id}")
class InterchangeApi {
  private final PackageStore store;
  private final DrawingService drawings;

  InterchangeApi(PackageStore store, DrawingService drawings) {
    this.store = store;
    this.drawings = drawings;
  }

  /** Every piece as a layer. */
  @GetMapping("/layers.ora")
  ResponseEntity<byte[]> layers(@PathVariable long id) throws IOException {
    OverlayEntity entity = store.overlay(id);
    Overlay overlay = Filling.without(store.dressed(entity));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    OpenRasterFile.write(drawings.rendererFor(entity.packageId()), overlay, out);
    return file(overlay, "ora", "image/openraster", out.toByteArray());
  }

  /** Every piece as shapes; refused if SVG cannot carry one. */
  @GetMapping("/drawing.svg")
  ResponseEntity<byte[]> drawing(@PathVariable long id) {
    OverlayEntity entity = store.overlay(id);
    Overlay overlay = Filling.without(store.dressed(entity));
    String svg = SvgFile.of(drawings.rendererFor(entity.packageId()), overlay);
    return file(overlay, "svg", "image/svg+xml", svg.getBytes(StandardCharsets.UTF_8));
  }

  private static ResponseEntity<byte[]> file(
      Overlay overlay, String extension, String type, byte[] content) {
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(FileName.from(overlay.name()) + "." + extension, StandardCharsets.UTF_8)
                .build()
                .toString())
        .contentType(MediaType.parseMediaType(type))
        .body(content);
  }
}
