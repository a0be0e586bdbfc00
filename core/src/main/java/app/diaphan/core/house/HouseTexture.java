package app.diaphan.core.house;

import app.diaphan.core.Require;
import java.util.List;

/** A picture that is repeated to fill faces. */
public record HouseTexture(String name, List<String> formerly, HousePicture picture)
    implements Pictured {
  public HouseTexture {
    formerly = Known.checkedNames(name, formerly, "texture");
    Require.present(picture, "The picture of the texture \"" + name + "\"");
  }
}
