package app.diaphan.core.font.shelf;

import app.diaphan.core.font.AxisValue;
import java.util.List;

/** Where the files of a family's fonts come from. */
public interface FontSource {
  /**
   * @param weight one that the family has
   * @param axes values of all its other axes
   * @return a plain TrueType or OpenType file
   */
  byte[] file(int weight, List<AxisValue> axes);

  /**
   * @param weight one that the family has
   * @return the file that a font of this weight comes from, which may be a variable one
   */
  default byte[] raw(int weight) {
    return file(weight, List.of());
  }
}
