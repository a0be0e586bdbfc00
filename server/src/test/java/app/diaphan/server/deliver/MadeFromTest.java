package app.diaphan.server.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.targets.PlannedFile;
import app.diaphan.core.targets.TargetList;
import app.diaphan.server.TestOverlays;
import app.diaphan.server.deliver.MadeFrom.Makers;
import app.diaphan.server.json.DocumentJson;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MadeFromTest {
  private static final Makers MAKERS = new Makers("0.8.0", "fonts of today");

  private static PlannedFile file(String words, String name) {
    return new PlannedFile(
        0,
        TargetList.AS_DESIGNED.targets().getFirst(),
        DocumentJson.read(TestOverlays.lowerThird(words), Overlay.class, "The overlay"),
        name,
        List.of(name + ".png"),
        new Bounds(0, 0, 320, 180),
        "");
  }

  private static final String SAME =
      MadeFrom.of(file("Ysolde", "bug"), Map.of(), ShippedFonts.shelf(), MAKERS);

  @Test
  void whatIsTheSameInAllIsMadeFromTheSame() {
    assertEquals(
        SAME,
        MadeFrom.of(
            file("Ysolde", "bug"), Map.of("unused.png", "a"), ShippedFonts.shelf(), MAKERS));
  }

  @Test
  void otherWordsOrAnotherNameMakeAnotherFile() {
    assertNotEquals(SAME, MadeFrom.of(file("Bram", "bug"), Map.of(), ShippedFonts.shelf(), MAKERS));
    assertNotEquals(
        SAME, MadeFrom.of(file("Ysolde", "card"), Map.of(), ShippedFonts.shelf(), MAKERS));
  }

  @Test
  void anotherVersionOfTheProgramOrOfItsFontsMakesAnotherFile() {
    Makers later = new Makers("0.9.0", MAKERS.fonts());
    Makers otherFonts = new Makers(MAKERS.program(), "fonts of tomorrow");
    assertNotEquals(
        SAME, MadeFrom.of(file("Ysolde", "bug"), Map.of(), ShippedFonts.shelf(), later));
    assertNotEquals(
        SAME, MadeFrom.of(file("Ysolde", "bug"), Map.of(), ShippedFonts.shelf(), otherFonts));
  }
}
