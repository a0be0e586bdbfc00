package app.diaphan.core.returned;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.picture.RasterPicture;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class RecognitionTest {
  /** A solid bar from a row to another on clear ground. */
  private static RasterPicture bar(int width, int height, double from, double to, float red) {
    float[] pixels = new float[4 * width * height];
    for (int y = (int) (from * height); y < to * height; y++) {
      for (int x = 0; x < width; x++) {
        int i = 4 * (y * width + x);
        pixels[i] = red;
        pixels[i + 1] = 0.5f;
        pixels[i + 3] = 1;
      }
    }
    return new RasterPicture(width, height, pixels, true);
  }

  private static Likeness look(RasterPicture picture) {
    // As it is kept and read again.
    return Likeness.of(Likeness.of(picture).bytes());
  }

  @Test
  void theNearestIsFoundWhateverItsSize() {
    Recognition<String> recognition = new Recognition<>(bar(100, 60, 0.7, 0.9, 0.8f));
    recognition.consider("above", look(bar(320, 180, 0.1, 0.3, 0.8f)), 0);
    recognition.consider("below", look(bar(320, 180, 0.7, 0.9, 0.8f)), 0);
    recognition.consider("darker", look(bar(320, 180, 0.7, 0.9, 0.6f)), 0);
    assertEquals(Optional.of("below"), recognition.nearest());
  }

  @Test
  void ofTwoAlikeTheOneWithoutAHandicapIsTaken() {
    Recognition<String> recognition = new Recognition<>(bar(320, 180, 0.7, 0.9, 0.8f));
    Likeness same = look(bar(320, 180, 0.7, 0.9, 0.8f));
    recognition.consider("other size", same, 0.001);
    recognition.consider("same size", same, 0);
    assertEquals(Optional.of("same size"), recognition.nearest());
  }

  @Test
  void aStrangerIsNobody() {
    Recognition<String> recognition = new Recognition<>(bar(320, 180, 0, 1, 0.8f));
    recognition.consider("bar", look(bar(320, 180, 0.7, 0.9, 0.8f)), 0);
    assertEquals(Optional.empty(), recognition.nearest());
  }
}
