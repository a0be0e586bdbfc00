package app.diaphan.server.web;

import app.diaphan.server.store.Clips;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.StillEntity;
import app.diaphan.server.store.Stills;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** What overlays are judged over: stills of clips, and the clips as they move. */
@RestController
@RequestMapping("/api")
class BackdropApi {
  private static final CacheControl NEVER_CHANGES =
      CacheControl.maxAge(Duration.ofDays(1)).cachePrivate();

  private final PackageStore store;

  BackdropApi(PackageStore store) {
    this.store = store;
  }

  record StillSummary(long id, String clip, int position) {
    static StillSummary of(Stills.Line still) {
      return new StillSummary(still.id(), still.clip(), still.position());
    }
  }

  record ClipSummary(long id, String name) {
    static ClipSummary of(Clips.Line clip) {
      return new ClipSummary(clip.id(), clip.name());
    }
  }

  @GetMapping("/packages/{id}/stills")
  List<StillSummary> stills(@PathVariable long id) {
    return store.stillLinesOf(id).stream().map(StillSummary::of).toList();
  }

  /** Adds a JPEG to the stills of a backdrop, which need not be there yet. */
  @PostMapping(path = "/packages/{id}/stills", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  StillSummary add(
      @PathVariable long id, @RequestParam String clip, @RequestPart("file") MultipartFile file)
      throws IOException {
    StillEntity still = store.addStill(id, clip, Uploads.bytes(file));
    return new StillSummary(still.id(), still.clip(), still.position());
  }

  @DeleteMapping("/stills/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    store.deleteStill(id);
  }

  @GetMapping(path = "/stills/{id}.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> still(@PathVariable long id) {
    return ResponseEntity.ok().cacheControl(NEVER_CHANGES).body(store.still(id).content());
  }

  @GetMapping("/packages/{id}/clips")
  List<ClipSummary> clips(@PathVariable long id) {
    return store.clipLinesOf(id).stream().map(ClipSummary::of).toList();
  }

  /** Parts of it can be asked for, as players do. */
  @GetMapping("/clips/{id}.webm")
  ResponseEntity<Resource> clip(@PathVariable long id) {
    return ResponseEntity.ok()
        .cacheControl(NEVER_CHANGES)
        .contentType(MediaType.parseMediaType("video/webm"))
        .body(new ByteArrayResource(store.clip(id).content()));
  }
}
