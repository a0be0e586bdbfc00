package app.diaphan.server.bundle;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.house.House;
import app.diaphan.core.house.HousePicture;
import app.diaphan.core.targets.TargetList;
import app.diaphan.server.font.FontShelves;
import app.diaphan.server.font.FontStore;
import app.diaphan.server.house.HouseStore;
import app.diaphan.server.program.TemporaryFiles;
import app.diaphan.server.store.HouseEntity;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Houses as files: bundles without overlays. The house of any bundle can be taken out of it. */
@Service
public class HouseFiles {
  private final HouseStore houses;
  private final FontStore fonts;
  private final FontShelves shelves;
  private final TemporaryFiles temporary;

  HouseFiles(HouseStore houses, FontStore fonts, FontShelves shelves, TemporaryFiles temporary) {
    this.houses = houses;
    this.fonts = fonts;
    this.shelves = shelves;
    this.temporary = temporary;
  }

  public byte[] write(HouseEntity entity) throws IOException {
    House house = entity.house();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    BundleWriter.writeZip(
        new Bundle(
            house.name(),
            house,
            partsOf(house),
            fontsOf(house),
            TargetList.AS_DESIGNED,
            Set.of(),
            Map.of(),
            Map.of(),
            List.of(),
            List.of(),
            Map.of(),
            Map.of(),
            Map.of(),
            Map.of()),
        out);
    return out.toByteArray();
  }

  /** The pictures of a house by the names of their files. */
  Map<String, BundlePart> partsOf(House house) {
    Map<String, BundlePart> parts = new LinkedHashMap<>();
    for (HousePicture picture : house.pictures()) {
      parts.put(picture.file(), () -> houses.content(picture));
    }
    return parts;
  }

  /** The font files of a house by their names: those that go along and are here. */
  Map<String, BundlePart> fontsOf(House house) {
    Map<String, BundlePart> parts = new LinkedHashMap<>();
    for (FontFile file : shelves.here(house.fontFiles())) {
      if (file.goesAlong()) {
        parts.put(file.file(), () -> fonts.content(file));
      }
    }
    return parts;
  }

  /**
   * Takes the house of a bundle in, and nothing else of it.
   *
   * @throws InvalidInput if it is no bundle, or one without a house
   */
  public HouseEntity read(byte[] file) throws IOException {
    Path zip = temporary.fresh();
    try {
      Files.write(zip, file);
      return read(zip);
    } finally {
      Files.deleteIfExists(zip);
    }
  }

  /**
   * The same from a bundle on the disk.
   *
   * @param folderOrZip of the bundle
   */
  public HouseEntity read(Path folderOrZip) throws IOException {
    Bundle bundle = BundleReader.read(folderOrZip);
    if (bundle.house().empty()) {
      throw new InvalidInput("The file has no house in it; nothing was taken in.");
    }
    return take(bundle);
  }

  HouseEntity take(Bundle bundle) {
    Map<String, byte[]> pictures = new LinkedHashMap<>();
    bundle.housePictures().forEach((name, part) -> pictures.put(name, part.bytes()));
    Map<String, byte[]> letters = new LinkedHashMap<>();
    bundle.houseFonts().forEach((name, part) -> letters.put(name, part.bytes()));
    return houses.takeIn(bundle.house(), pictures, letters);
  }
}
