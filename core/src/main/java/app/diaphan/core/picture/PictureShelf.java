package app.diaphan.core.picture;

import java.util.Optional;

/** Where the pictures of a package are found by name. */
@FunctionalInterface
public interface PictureShelf {
  PictureShelf EMPTY = name -> Optional.empty();

  /** The same object again for a name whose picture has not changed. */
  Optional<Picture> picture(String name);
}
