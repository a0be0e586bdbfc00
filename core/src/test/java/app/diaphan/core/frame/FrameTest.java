package app.diaphan.core.frame;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FrameTest {
  @ParameterizedTest
  @CsvSource({"0,100", "100,20000", "-5,100", "15,100", "16384,16384"})
  void impossibleSizesAreRefused(int width, int height) {
    InvalidInput refused = assertThrows(InvalidInput.class, () -> Frame.of(width, height));
    assertTrue(refused.getMessage().endsWith("."), refused.getMessage());
  }

  @Test
  void everyCatalogueFrameIsShownInAUsualShape() {
    assertEquals(18, FrameCatalogue.choices().size());
    for (FrameChoice choice : FrameCatalogue.choices()) {
      double shape = choice.frame().displayWidth() / choice.frame().displayHeight();
      assertTrue(shape > 0.5 && shape < 1.91, choice.name() + " " + shape);
      assertTrue(!choice.rates().isEmpty());
    }
  }

  @ParameterizedTest
  @CsvSource({
    "720,480,10/11,654.545",
    "720,480,40/33,872.727",
    "720,576,12/11,785.4545",
    "720,576,16/11,1047.2727",
    "1440,1080,4/3,1920",
    "960,720,4/3,1280"
  })
  void stretchedFramesHaveTheirExactAspect(int width, int height, String aspect, double shown) {
    Frame frame =
        FrameCatalogue.choices().stream()
            .map(FrameChoice::frame)
            .filter(f -> f.width() == width && f.height() == height)
            .filter(f -> f.pixelAspect().equals(PixelAspect.parse(aspect)))
            .findFirst()
            .orElseThrow();
    assertEquals(shown, frame.displayWidth(), 0.001);
  }

  @Test
  void safeAreasLieWhereTheirStandardSays() {
    Frame frame = Frame.of(1920, 1080);
    assertEquals(96, frame.area(Area.TITLE_SAFE).getMinX(), 1e-9);
    assertEquals(54, frame.area(Area.TITLE_SAFE).getMinY(), 1e-9);
    assertEquals(67.2, frame.area(Area.ACTION_SAFE).getMinX(), 1e-9);
    assertEquals(1920 - 67.2, frame.area(Area.ACTION_SAFE).getMaxX(), 1e-9);
  }

  private static Frame card(int videoHeight) {
    return new Frame(
        1920,
        3240,
        PixelAspect.SQUARE,
        Scan.PROGRESSIVE,
        SafeAreas.EBU_R95,
        OwnMargin.NONE,
        Frame.COMMON_DOTS,
        videoHeight);
  }

  @Test
  void aTallFrameIsMeasuredByTheVideoItIsScrolledThrough() {
    Frame card = card(1080);
    assertTrue(card.scrolled());
    assertEquals(3240, card.displayHeight());
    assertEquals(1080, card.shortSide());
    assertEquals(54, card.area(Area.TITLE_SAFE).getMinY(), 1e-9);
    assertEquals(3240 - 54, card.area(Area.TITLE_SAFE).getMaxY(), 1e-9);
    assertEquals("1920 × 3240 for a video of 1080 lines", card.sizeInWords());
  }

  @ParameterizedTest
  @CsvSource({"3241", "15", "0"})
  void aVideoIsNoHigherThanWhatIsScrolledThroughIt(int lines) {
    InvalidInput refused = assertThrows(InvalidInput.class, () -> card(lines));
    assertTrue(refused.getMessage().contains("video"), refused.getMessage());
  }

  @Test
  void aspectsAreReadFromFractions() {
    assertEquals(new PixelAspect(40, 33), PixelAspect.parse(" 40/33 "));
    for (String wrong : new String[] {"", "abc", "1/0", "99/1", "1.5"}) {
      assertThrows(InvalidInput.class, () -> PixelAspect.parse(wrong), wrong);
    }
  }

  @Test
  void ratesAreLabelledAsPeopleSayThem() {
    assertEquals("29.97", new FrameRate(30000, 1001).label());
    assertEquals("23.98", new FrameRate(24000, 1001).label());
    assertEquals("25", new FrameRate(25, 1).label());
  }
}
