package app.diaphan.core.house;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.TestFonts;
import app.diaphan.core.font.file.FontFiles;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Run;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Fonts that a house has of its own, and what a change of their files touches. */
class HouseFontFilesTest {
  private static final FontFile BLOCKS = file("LanternBlocks.otf");
  private static final FontFile VARIABLE = file("Anybody.woff2");
  private static final House HOUSE = House.named("Regatta").withFontFiles(List.of(BLOCKS));

  private static FontFile file(String name) {
    return FontFiles.read(name, TestFonts.bytes(name));
  }

  private static FontFile named(FontFile file, String name, String content) {
    return new FontFile(name, content, file.faces(), file.embedding(), file.goesAlong());
  }

  private static Overlay wordsIn(String family) {
    return Samples.overlay(
        Samples.HD,
        Samples.text("words", "Words", Samples.centre(), 60, Samples.flat("#ffffff"))
            .withRuns(List.of(Run.of("A", family, 700, 60))));
  }

  private static String refused(FontFile... files) {
    return assertThrows(
            InvalidInput.class, () -> House.named("Regatta").withFontFiles(List.of(files)))
        .getMessage();
  }

  @Test
  void filesAndWeightsAreToldApart() {
    assertEquals(
        "Two font files of the house are named \"lanternblocks.OTF\"; rename one of them.",
        refused(BLOCKS, named(VARIABLE, "lanternblocks.OTF", "a")));
    assertEquals(
        "Both \"LanternBlocks.otf\" and \"again.otf\" are Lantern Blocks in the weight Bold; take one of them away.",
        refused(BLOCKS, named(BLOCKS, "again.otf", "a")));
    assertEquals(2, HOUSE.withFontFiles(List.of(BLOCKS, VARIABLE)).fontFiles().size());
  }

  @Test
  void anotherFileTouchesWhatIsSetInItsFamily() {
    House anew =
        HOUSE.withFontFiles(List.of(named(BLOCKS, "LanternBlocks.otf", "other"), VARIABLE));
    HouseChange change = new HouseChange(HOUSE, anew);
    assertEquals(Set.of("Lantern Blocks", "Anybody"), change.otherFamilies());
    assertTrue(change.touches(wordsIn("Lantern Blocks")));
    assertTrue(change.touches(wordsIn("Anybody")), "it was missed before");
    assertFalse(change.touches(wordsIn("Work Sans")));
  }

  @Test
  void whetherAFileGoesAlongAndWhatItIsCalledTouchesNothing() {
    FontFile along =
        new FontFile("renamed.otf", BLOCKS.content(), BLOCKS.faces(), BLOCKS.embedding(), true);
    HouseChange change = new HouseChange(HOUSE, HOUSE.withFontFiles(List.of(along)));
    assertEquals(Set.of(), change.otherFamilies());
    assertFalse(change.touches(wordsIn("Lantern Blocks")));
  }

  @Test
  void nobodyIsKeptAwayFromAnotherFile() {
    HouseChange change = new HouseChange(HOUSE, HOUSE.withFontFiles(List.of()));
    String said =
        assertThrows(InvalidInput.class, () -> change.keptAway(wordsIn("Lantern Blocks")))
            .getMessage();
    assertTrue(said.contains("is set in Lantern Blocks, whose files change"), said);
    assertEquals(List.of(), change.keptAway(wordsIn("Work Sans")).kept());
  }

  @Test
  void whatChangedIsSaid() {
    House both = HOUSE.withFontFiles(List.of(BLOCKS, VARIABLE));
    assertEquals(
        "The font file \"Anybody.woff2\" was added.", HouseDifferences.between(HOUSE, both));
    assertEquals(
        "The font file \"Anybody.woff2\" was taken away.", HouseDifferences.between(both, HOUSE));
    assertEquals(
        "The font file \"LanternBlocks.otf\" was changed.",
        HouseDifferences.between(
            HOUSE, HOUSE.withFontFiles(List.of(named(BLOCKS, "LanternBlocks.otf", "other")))));
  }
}
