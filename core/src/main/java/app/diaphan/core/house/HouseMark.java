package app.diaphan.core.house;

import app.diaphan.core.Require;
import java.util.List;

/**
 * A mark of the brand, with what it may not be done to.
 *
 * @param clearSpace what has to stay free round it, as a share of its height
 * @param leastHeight how high it has to be at least, in display units of a frame of 1080 lines
 * @param colours which it may be shown in
 */
public record HouseMark(
    String name,
    List<String> formerly,
    HousePicture picture,
    double clearSpace,
    double leastHeight,
    MarkColours colours)
    implements Pictured {
  public HouseMark {
    formerly = Known.checkedNames(name, formerly, "mark");
    Require.present(picture, "The picture of the mark \"" + name + "\"");
    Require.between(0, 4, clearSpace, "The clear space of the mark \"" + name + "\"");
    Require.between(0, 1080, leastHeight, "The least height of the mark \"" + name + "\"");
    Require.present(colours, "The colours of the mark \"" + name + "\"");
  }
}
