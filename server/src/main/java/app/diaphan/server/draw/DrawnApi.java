package app.diaphan.server.draw;

import app.diaphan.server.store.Missing;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Hands out drawn pictures. An address names its bytes, so they may be kept for ever. */
@RestController
class DrawnApi {
  private final DrawnPictures pictures;

  DrawnApi(DrawnPictures pictures) {
    this.pictures = pictures;
  }

  @GetMapping(path = "/api/drawn/{key}.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> drawn(@PathVariable String key) {
    byte[] png =
        pictures
            .find(key)
            .orElseThrow(
                () -> new Missing("This drawing is no longer kept; draw the overlay again."));
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable())
        .body(png);
  }
}
