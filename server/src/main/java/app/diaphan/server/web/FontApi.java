package app.diaphan.server.web;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.font.Axis;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.FontKind;
import app.diaphan.core.font.FontWeight;
import app.diaphan.core.font.file.FontFiles;
import app.diaphan.core.font.shelf.FontFamily;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.font.FontShelves;
import app.diaphan.server.house.HouseStore;
import app.diaphan.server.store.HouseEntity;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The fonts of packages, and files of fonts for their houses. */
@RestController
@RequestMapping("/api")
class FontApi {
  private final PackageStore packages;
  private final FontShelves shelves;
  private final DrawingService drawings;
  private final HouseStore houses;

  FontApi(PackageStore packages, FontShelves shelves, DrawingService drawings, HouseStore houses) {
    this.packages = packages;
    this.shelves = shelves;
    this.drawings = drawings;
    this.houses = houses;
  }

  /**
   * A family as it is offered.
   *
   * @param identity empty for a family that ships; otherwise a digest of the files it comes from
   * @param stepless the axis of its weight, if every weight on it can be had
   * @param axes what else of it can be chosen steplessly
   * @param features OpenType features that it has, in the order of their tags
   */
  record FontFamilyChoice(
      String name,
      FontKind kind,
      String identity,
      List<FontWeight> weights,
      Optional<Axis> stepless,
      List<Axis> axes,
      List<FontFeature> features) {
    static FontFamilyChoice of(FontFamily family) {
      return new FontFamilyChoice(
          family.name(),
          family.kind(),
          family.identity(),
          family.weights(),
          family.weightAxis(),
          family.axes(),
          family.features().entrySet().stream()
              .map(one -> new FontFeature(one.getKey(), one.getValue()))
              .sorted(Comparator.comparing(FontFeature::tag))
              .toList());
    }
  }

  /**
   * @param name what the font calls it; mostly empty
   */
  record FontFeature(String tag, String name) {}

  /** What the overlays of a package can be set in, the house's own fonts first. */
  @GetMapping("/packages/{id}/fonts")
  List<FontFamilyChoice> fonts(@PathVariable long id) {
    packages.get(id);
    return shelves.of(id).families().stream().map(FontFamilyChoice::of).toList();
  }

  /** Words in letters of a family, white on clear ground. */
  @GetMapping(path = "/packages/{id}/fonts/sample.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> fontSample(
      @PathVariable long id,
      @RequestParam String family,
      @RequestParam int weight,
      @RequestParam String words) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
        .body(drawings.fontSample(id, words, family, weight));
  }

  /** Tries a font's file and keeps it for the house of a package; it has to be put into it then. */
  @PostMapping(path = "/packages/{id}/house/fonts", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  FontFile addFont(@PathVariable long id, @RequestPart("file") MultipartFile file)
      throws IOException {
    String name = Uploads.nameOf(file);
    FontFiles.checkLength(name, file.getSize());
    Long house =
        packages
            .followedBy(id)
            .map(HouseEntity::id)
            .orElseThrow(
                () ->
                    new InvalidInput(
                        "The package follows no house yet, which would have the font; begin one first."));
    return houses.addFont(house, name, file.getBytes());
  }
}
