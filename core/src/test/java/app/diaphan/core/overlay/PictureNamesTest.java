package app.diaphan.core.overlay;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.Samples;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.paint.PictureFit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PictureNamesTest {
  private static PlatePiece plate(String id, Paint paint) {
    return Samples.box(id, Samples.centre(), 40, 30).withPaint(paint);
  }

  /** A picture in a group, two paints of pictures, and one of none. */
  private static List<Piece> stack() {
    return List.of(
        Samples.group(
            "group", Samples.centre(), 1, Samples.picture("boat.jpg", Samples.centre(), 80, 60)),
        plate("woven", new Paint.Texture("canvas.png", 64, 30, 5, 7)),
        Samples.text(
            "words", "Tide", Samples.centre(), 40, new Paint.Pictured("sea.jpg", PictureFit.COVER)),
        plate("flat", Samples.flat("#ffffff")));
  }

  @Test
  void everyPictureIsNamedWhereverItIsUsed() {
    assertEquals(Set.of("boat.jpg", "canvas.png", "sea.jpg"), PictureNames.in(stack()));
    assertEquals(Set.of(), PictureNames.in(List.of(plate("flat", Samples.flat("#123456")))));
  }

  @Test
  void namesAreReplacedAndAllElseStays() {
    Map<String, String> names =
        Map.of("boat.jpg", "yawl.jpg", "canvas.png", "sail.png", "sea.jpg", "fog.jpg");
    List<Piece> replaced = PictureNames.replaced(stack(), names);
    assertEquals(Set.of("yawl.jpg", "sail.png", "fog.jpg"), PictureNames.in(replaced));
    Map<String, String> back =
        Map.of("yawl.jpg", "boat.jpg", "sail.png", "canvas.png", "fog.jpg", "sea.jpg");
    assertEquals(stack(), PictureNames.replaced(replaced, back));
  }

  @Test
  void aNameThatIsNotAmongThemStays() {
    assertEquals(stack(), PictureNames.replaced(stack(), Map.of("other.png", "another.png")));
  }
}
