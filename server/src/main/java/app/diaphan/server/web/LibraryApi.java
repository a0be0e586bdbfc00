package app.diaphan.server.web;

import app.diaphan.core.Require;
import app.diaphan.core.arrange.Arranged;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.house.HouseLibrary;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The library of the house that a package follows, and copies of what it keeps. */
@RestController
@RequestMapping("/api/packages/{id}/house/originals")
class LibraryApi {
  private final HouseLibrary library;

  LibraryApi(HouseLibrary library) {
    this.library = library;
  }

  /**
   * @param chosen ids of the pieces that are to be an original
   * @param name that it has in the library; one that is there already is given another state
   */
  record ToMakeOriginal(Overlay overlay, List<String> chosen, String name) {
    ToMakeOriginal {
      Require.present(overlay, "The overlay");
      Require.present(chosen, "The pieces to keep");
      Require.present(name, "The name of the original");
    }
  }

  /**
   * @param followed whether the copy changes with its original from now on
   * @param right from the frame's middle to that of the copy, in display units
   */
  record ToLay(Overlay overlay, String original, boolean followed, double right, double down) {
    ToLay {
      Require.present(overlay, "The overlay");
      Require.present(original, "The original to lay");
      Require.between(-100_000, 100_000, right, "The way to the right");
      Require.between(-100_000, 100_000, down, "The way down");
    }
  }

  record ToStand(Overlay overlay) {
    ToStand {
      Require.present(overlay, "The overlay");
    }
  }

  @GetMapping
  List<HouseLibrary.OriginalLine> originals(@PathVariable long id) {
    return library.of(id);
  }

  /** The house with an original made of pieces; it is kept when the house is. */
  @PostMapping("/made")
  HouseLibrary.OriginalToKeep make(@PathVariable long id, @RequestBody ToMakeOriginal wanted) {
    return library.toKeep(id, wanted.overlay(), wanted.chosen(), wanted.name().strip());
  }

  /** An overlay with a copy of an original in front; it is saved by who shows it. */
  @PostMapping("/laid")
  Arranged lay(@PathVariable long id, @RequestBody ToLay wanted) {
    return library.laid(
        id, wanted.overlay(), wanted.original(), wanted.followed(), wanted.right(), wanted.down());
  }

  /** How the copies on an overlay stand to their originals. */
  @OnlyComputes
  @PostMapping("/standings")
  List<HouseLibrary.CopyStanding> standings(@PathVariable long id, @RequestBody ToStand wanted) {
    return library.standings(id, wanted.overlay());
  }

  /** One original, small, on clear ground. */
  @GetMapping(path = "/picture.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> picture(@PathVariable long id, @RequestParam String name) {
    return ResponseEntity.ok().cacheControl(CacheControl.noCache()).body(library.picture(id, name));
  }
}
