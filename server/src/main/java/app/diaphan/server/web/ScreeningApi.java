package app.diaphan.server.web;

import app.diaphan.core.screening.AlphaReading;
import app.diaphan.server.screening.ScreeningService;
import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Delivered files as a simulated editing bench shows them. */
@RestController
@RequestMapping("/api/deliveries/{id}/screened")
class ScreeningApi {
  private final ScreeningService screening;

  ScreeningApi(ScreeningService screening) {
    this.screening = screening;
  }

  /** The part of a still that changes anything, in pixels of the still. */
  record ScreenedPart(int left, int top, int width, int height) {}

  @GetMapping
  ScreenedPart part(@PathVariable long id, @RequestParam AlphaReading reading) {
    ScreeningService.Screened screened = screening.screened(id, reading);
    return new ScreenedPart(screened.left(), screened.top(), screened.width(), screened.height());
  }

  /** Black, with the alpha that is taken from the clip. */
  @GetMapping(path = "/key.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> key(@PathVariable long id, @RequestParam AlphaReading reading) {
    return cached(screening.screened(id, reading).key());
  }

  /** Opaque colours that are added to the clip after that. */
  @GetMapping(path = "/light.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> light(@PathVariable long id, @RequestParam AlphaReading reading) {
    return cached(screening.screened(id, reading).light());
  }

  private static ResponseEntity<byte[]> cached(byte[] png) {
    // A delivery that is delivered again is another one.
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
        .body(png);
  }
}
