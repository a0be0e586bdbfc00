package app.diaphan.server.house;

import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseChange;
import app.diaphan.core.house.HouseOriginal;
import app.diaphan.core.house.OriginalPicture;
import app.diaphan.core.house.Pictured;
import app.diaphan.core.overlay.CopyOf;
import app.diaphan.core.overlay.Kept;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PictureNames;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.copy.Copies;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.store.OriginalPictures;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.Overlays;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureEntity;
import app.diaphan.server.store.PictureStore;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Brings what follows a house to what it has, and keeps aside what is kept away from that. */
@Component
class Following {
  private final PackageStore packages;
  private final Overlays overlays;
  private final PictureStore pictures;

  Following(PackageStore packages, Overlays overlays, PictureStore pictures) {
    this.packages = packages;
    this.overlays = overlays;
    this.pictures = pictures;
  }

  /** Writes the house's values into a saved overlay, so that it can be drawn without it. */
  void freshen(OverlayEntity entity, House house) {
    Overlay document = PackageStore.documentOf(entity);
    Overlay fresh = house.dressed(document);
    if (!fresh.equals(document)) {
      overlays.replaceDocument(entity.id(), DocumentJson.writeKept(fresh));
    }
  }

  /**
   * Gives a package's pictures that follow marks and textures what these show after a change.
   *
   * @param wanted names of pictures that are to be had as they were as well
   * @return for such a picture the name under which it is as it was
   */
  Map<String, String> keepPictures(Long packageId, HouseChange change, Set<String> wanted) {
    Map<String, String> copies = new HashMap<>();
    for (PictureEntity picture : pictures.of(packageId)) {
      Optional<Pictured> now = change.after().pictured(picture.follows());
      if (picture.follows().isEmpty() || now.isEmpty()) {
        continue;
      }
      pictures.follow(picture, now.get().name());
      String content = now.get().picture().content();
      if (content.equals(picture.sha256())) {
        continue;
      }
      byte[] was = pictures.content(picture);
      pictures.show(picture, content);
      if (wanted.contains(picture.name())) {
        copies.put(picture.name(), pictures.addKept(packageId, picture.name(), was));
      }
    }
    return copies;
  }

  /** Takes in what the originals of a house show that overlays of a package have copies of. */
  void takePictures(Long packageId, House house) {
    Set<String> followed =
        packages.overlaysOf(packageId).stream()
            .flatMap(entity -> Copies.in(PackageStore.documentOf(entity).stack()))
            .map(CopyOf.OfOriginal::original)
            .collect(Collectors.toSet());
    followed.forEach(name -> house.original(name).ifPresent(one -> take(packageId, house, one)));
  }

  /** Takes in what one original of a house shows, unless the package has it. */
  void take(Long packageId, House house, HouseOriginal original) {
    for (OriginalPicture shown : original.pictures()) {
      byte[] bytes = pictures.content(OriginalPictures.shownBy(shown, house));
      Optional<Pictured> mark = house.pictured(shown.follows());
      if (mark.isPresent()) {
        Pictured one = mark.get();
        pictures.addOfHouse(packageId, one.name(), one.picture().file(), bytes);
      } else if (pictures.of(packageId).stream()
          .noneMatch(here -> here.sha256().equals(shown.picture().content()))) {
        pictures.addKept(packageId, shown.picture().file(), bytes);
      }
    }
  }

  /** Gives overlays back copies that going back did not bring back, where nobody touched them. */
  void bringBack(Long overlayId, List<HouseChange.Overwritten> overwritten) {
    if (packages.hasOverlay(overlayId)) {
      OverlayEntity entity = packages.overlay(overlayId);
      Overlay document = PackageStore.documentOf(entity);
      Overlay now = document;
      for (HouseChange.Overwritten copy : overwritten) {
        now =
            Pieces.replaced(
                now, copy.back().id(), piece -> piece.equals(copy.back()) ? copy.was() : piece);
      }
      if (!now.equals(document)) {
        overlays.replaceDocument(entity.id(), DocumentJson.writeKept(now));
      }
    }
  }

  /** Takes out of an overlay what it kept because of a change. */
  void letGo(Long overlayId, List<Kept> kept) {
    if (packages.hasOverlay(overlayId)) {
      OverlayEntity entity = packages.overlay(overlayId);
      Overlay document = PackageStore.documentOf(entity);
      List<Kept> left = document.kept().stream().filter(one -> !kept.contains(one)).toList();
      packages.save(overlayId, entity.revision(), document.withKept(left));
    }
  }

  /** Lets overlays show a picture again instead of what was put aside for them. */
  void putBack(MadeChange.CopiedPicture copy, List<Long> overlayIds) {
    for (Long id : overlayIds) {
      if (packages.hasOverlay(id)) {
        OverlayEntity entity = packages.overlay(id);
        Overlay document = PackageStore.documentOf(entity);
        if (entity.packageId().equals(copy.packageId())
            && PictureNames.in(document.stack()).contains(copy.copy())) {
          packages.save(
              id,
              entity.revision(),
              PictureNames.replaced(document, Map.of(copy.copy(), copy.name())));
        }
      }
    }
    pictures.deleteUnused(copy.packageId(), copy.copy());
  }
}
