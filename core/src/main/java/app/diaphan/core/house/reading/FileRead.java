package app.diaphan.core.house.reading;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.picture.NamedFamilies;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.VectorPicture;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** The colours and fonts of a brand sheet, or the colours of a picture. */
public final class FileRead {
  private static final int MOST = 24;

  private FileRead() {}

  /**
   * @param file as it was read
   * @param bytes of the file, which vector files name their fonts in
   */
  public static HouseFound of(PictureFile file, byte[] bytes, FontShelf fonts) {
    Picture picture = file.picture();
    return switch (picture) {
      case RasterPicture raster -> new HouseFound(PictureColours.of(raster), List.of());
      case VectorPicture vector -> new HouseFound(colours(vector), families(bytes, fonts));
    };
  }

  /** Of all its pages; those of the first, by how often they are drawn, come first. */
  private static List<FoundColour> colours(VectorPicture vector) {
    Set<Colour> colours = new LinkedHashSet<>();
    for (int page = 1; page <= vector.pageCount(); page++) {
      colours.addAll(vector.page(page).colours());
    }
    List<FoundColour> found = new ArrayList<>();
    for (Colour colour : colours) {
      if (found.size() < MOST) {
        found.add(new FoundColour(colour, ColourName.of(colour), 0, "drawn in the file"));
      }
    }
    return found;
  }

  private static List<FoundFamily> families(byte[] bytes, FontShelf fonts) {
    return NamedFamilies.in(bytes).stream()
        .limit(MOST)
        .map(family -> new FoundFamily(family, fonts.find(family).isPresent(), "named in the file"))
        .toList();
  }
}
