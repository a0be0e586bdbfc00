package app.diaphan.server.web;

import app.diaphan.core.ornament.Ornament;
import app.diaphan.core.ornament.OrnamentShelf;
import app.diaphan.core.overlay.paint.Pattern;
import app.diaphan.server.draw.PatternSamples;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The patterns and ornaments that Diaphan ships, to choose from. */
@RestController
@RequestMapping("/api")
class ShippedApi {
  private final PatternSamples samples;

  ShippedApi(PatternSamples samples) {
    this.samples = samples;
  }

  @GetMapping("/ornaments")
  List<Ornament> ornaments() {
    return OrnamentShelf.all();
  }

  /** A small picture of a pattern, light on dark. */
  @GetMapping(value = "/patterns/{pattern}/picture", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> picture(@PathVariable Pattern pattern) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(1, TimeUnit.HOURS))
        .contentType(MediaType.IMAGE_PNG)
        .body(samples.picture(pattern));
  }
}
