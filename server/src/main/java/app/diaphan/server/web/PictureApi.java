package app.diaphan.server.web;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.cutout.CutView;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.server.disk.OnlyComputes;
import app.diaphan.server.draw.CutOutPictures;
import app.diaphan.server.draw.SmallPictures;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureEntity;
import app.diaphan.server.store.PictureFacts;
import app.diaphan.server.store.PictureStore;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
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
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The pictures of packages. */
@RestController
@RequestMapping("/api")
class PictureApi {
  private final PackageStore packages;
  private final PictureStore pictures;
  private final SmallPictures small;
  private final CutOutPictures looks;

  PictureApi(
      PackageStore packages, PictureStore pictures, SmallPictures small, CutOutPictures looks) {
    this.packages = packages;
    this.pictures = pictures;
    this.small = small;
    this.looks = looks;
  }

  /**
   * @param digest changes with the bytes
   * @param follows the mark or texture of the house that it always shows; empty for none
   * @param usedBy names of the package's saved overlays that show it
   */
  record PictureSummary(
      long id,
      String name,
      String format,
      double width,
      double height,
      String digest,
      PictureFacts facts,
      String follows,
      List<String> usedBy) {}

  private PictureSummary summary(PictureEntity picture, List<String> usedBy) {
    return new PictureSummary(
        picture.id(),
        picture.name(),
        picture.format(),
        picture.width(),
        picture.height(),
        picture.sha256(),
        pictures.facts(picture),
        picture.follows(),
        usedBy);
  }

  private PictureSummary summary(PictureEntity picture) {
    return summary(
        picture, pictures.uses(picture.packageId()).getOrDefault(picture.name(), List.of()));
  }

  /**
   * @param quick whether the look may be made of a smaller picture, to come sooner
   */
  record ToLookAt(
      String picture,
      CutOut cutOut,
      CutView view,
      CutOutPictures.PicturePart part,
      boolean quick) {}

  /** A part of a picture that is being cut out. */
  @OnlyComputes
  @PostMapping("/packages/{id}/cut-outs")
  CutOutPictures.SeenPart lookAt(@PathVariable long id, @RequestBody ToLookAt wanted) {
    return looks.look(
        id, wanted.picture(), wanted.cutOut(), wanted.view(), wanted.part(), wanted.quick());
  }

  record ToFind(String picture) {}

  /** How a picture is best cut out by its colour, as far as the picture itself tells. */
  @OnlyComputes
  @PostMapping("/packages/{id}/cut-outs/found")
  CutOut found(@PathVariable long id, @RequestBody ToFind wanted) {
    return looks.found(id, wanted.picture());
  }

  @GetMapping("/packages/{id}/pictures")
  List<PictureSummary> pictures(@PathVariable long id) {
    packages.get(id);
    Map<String, List<String>> uses = pictures.uses(id);
    return pictures.of(id).stream()
        .map(picture -> summary(picture, uses.getOrDefault(picture.name(), List.of())))
        .toList();
  }

  /** The same bytes again give the picture that the package has already. */
  @PostMapping(path = "/packages/{id}/pictures", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  PictureSummary addPicture(@PathVariable long id, @RequestPart("file") MultipartFile file)
      throws IOException {
    packages.get(id);
    String name = file.getOriginalFilename();
    if (name == null || name.isBlank()) {
      throw new InvalidInput("The picture came without a name; save it under one and try again.");
    }
    return summary(pictures.add(id, name, Uploads.bytes(file)));
  }

  /** Shows other bytes under the picture's name, wherever it is used. */
  @PutMapping(path = "/pictures/{id}", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  PictureSummary replacePicture(@PathVariable long id, @RequestPart("file") MultipartFile file)
      throws IOException {
    return summary(pictures.replace(id, Uploads.bytes(file)));
  }

  @DeleteMapping("/pictures/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void deletePicture(@PathVariable long id) {
    pictures.delete(id);
  }

  /** The picture, small, on clear ground. */
  @GetMapping(path = "/pictures/{id}/small.png", produces = MediaType.IMAGE_PNG_VALUE)
  ResponseEntity<byte[]> smallPicture(@PathVariable long id) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
        .body(small.of(pictures.get(id)));
  }
}
