package app.diaphan.server.store;

import app.diaphan.core.house.House;
import app.diaphan.core.house.HouseOriginal;
import app.diaphan.core.house.Known;
import app.diaphan.core.house.OriginalPicture;
import app.diaphan.core.house.Pictured;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Tells the originals of a house by the names that their pictures have in a package. */
@Component
public class OriginalPictures {
  private final Pictures pictures;

  OriginalPictures(Pictures pictures) {
    this.pictures = pictures;
  }

  /**
   * A house as a package sees it.
   *
   * @param others digests of pictures that the package does not have yet, by the names they have
   *     here
   */
  public record SeenHouse(House house, Map<String, String> others) {}

  /**
   * The house with those originals whose pictures the package has: copies of the others stay as
   * they are.
   */
  public House known(Long packageId, House house) {
    Map<OriginalPicture, String> names = names(packageId, house);
    List<HouseOriginal> here =
        house.originals().stream()
            .filter(one -> names.keySet().containsAll(one.pictures()))
            .toList();
    return here.size() == house.originals().size()
        ? house.namingPictures(names)
        : house.withOriginals(here).namingPictures(names);
  }

  /** The house with all its originals, as the package sees it once it has their pictures. */
  public SeenHouse seen(Long packageId, House house) {
    Map<OriginalPicture, String> names = names(packageId, house);
    Map<String, String> others = new HashMap<>();
    for (HouseOriginal original : house.originals()) {
      for (OriginalPicture shown : original.pictures()) {
        if (!names.containsKey(shown)) {
          String content = shownBy(shown, house);
          String name = content + " " + shown.picture().file();
          names.put(shown, name);
          others.put(name, content);
        }
      }
    }
    return new SeenHouse(house.namingPictures(names), others);
  }

  private Map<OriginalPicture, String> names(Long packageId, House house) {
    Map<OriginalPicture, String> names = new HashMap<>();
    List<OriginalPicture> wanted = new ArrayList<>();
    house.originals().forEach(one -> wanted.addAll(one.pictures()));
    if (!wanted.isEmpty()) {
      List<PictureEntity> here = pictures.findByPackageIdOrderByName(packageId);
      wanted.forEach(
          shown -> find(here, shown, house).ifPresent(found -> names.put(shown, found.name())));
    }
    return names;
  }

  /** The one that follows the same mark; else one that shows the same and follows nothing. */
  private static Optional<PictureEntity> find(
      List<PictureEntity> here, OriginalPicture shown, House house) {
    Optional<Pictured> mark = house.pictured(shown.follows());
    String content = shownBy(shown, house);
    return mark.flatMap(one -> following(here, one))
        .or(() -> showing(here, content, true))
        .or(() -> showing(here, content, false));
  }

  private static Optional<PictureEntity> following(List<PictureEntity> here, Known mark) {
    return here.stream()
        .filter(picture -> !picture.follows().isEmpty())
        .filter(
            picture ->
                picture.follows().equals(mark.name())
                    || mark.formerly().contains(picture.follows()))
        .findFirst();
  }

  private static Optional<PictureEntity> showing(
      List<PictureEntity> here, String content, boolean byItself) {
    return here.stream()
        .filter(picture -> picture.sha256().equals(content))
        .filter(picture -> !byItself || picture.follows().isEmpty())
        .findFirst();
  }

  /** The digest of what an original's picture shows. */
  public static String shownBy(OriginalPicture shown, House house) {
    return house.pictured(shown.follows()).map(Pictured::picture).orElse(shown.picture()).content();
  }
}
