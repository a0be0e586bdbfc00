package app.diaphan.server.json;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.house.House;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.TestOverlays;
import app.diaphan.server.json.older.OlderDocuments;
import org.junit.jupiter.api.Test;

/** Documents that are kept tell of which version they are, and come to the steps above it only. */
class KeptDocumentsTest {
  private static final String TOLD = "\"documentVersion\":" + OlderDocuments.PRESENT + ",";

  private static final Overlay OVERLAY =
      DocumentJson.read(TestOverlays.lowerThird("Ysolde"), Overlay.class, "The overlay");

  private static Overlay read(String text) {
    return DocumentJson.read(text, Overlay.class, "The saved overlay \"Bug\"");
  }

  @Test
  void whatIsKeptTellsItsVersionAndIsReadAsItWas() {
    String kept = DocumentJson.writeKept(OVERLAY);
    assertTrue(kept.startsWith("{" + TOLD), kept);
    assertEquals(OVERLAY, read(kept));
    House house = House.named("Regatta");
    assertEquals(house, DocumentJson.read(DocumentJson.writeKept(house), House.class, "The house"));
  }

  @Test
  void whatGoesOutTellsNone() {
    assertFalse(DocumentJson.write(OVERLAY).contains("documentVersion"));
    assertFalse(DocumentJson.writeReadable(OVERLAY).contains("documentVersion"));
  }

  /** Up to version 13 overlays had no dress. */
  @Test
  void anOlderOneComesToTheStepsAboveItsVersionOnly() {
    String older = TestOverlays.lowerThird("Ysolde").replace(",\"dress\":\"LIGHT\"", "");
    assertEquals(OVERLAY, read(older), "one that does not tell");
    assertEquals(OVERLAY, read("{\"documentVersion\":12," + older.strip().substring(1)));
    InvalidInput asPresent =
        assertThrows(InvalidInput.class, () -> read("{" + TOLD + older.strip().substring(1)));
    assertTrue(asPresent.getMessage().contains("dress"), asPresent::getMessage);
  }

  @Test
  void oneOfANewerProgramIsRefusedInWords() {
    String newer = DocumentJson.writeKept(OVERLAY).replace(TOLD, "\"documentVersion\":99,");
    InvalidInput refused = assertThrows(InvalidInput.class, () -> read(newer));
    assertEquals(
        "The saved overlay \"Bug\" was kept by a newer Diaphan: it is of version 99, and this one reads versions up to "
            + OlderDocuments.PRESENT
            + ". Use the newer one.",
        refused.getMessage());
  }

  @Test
  void aVersionThatIsNoNumberIsNone() {
    String odd = DocumentJson.writeKept(OVERLAY).replace(TOLD, "\"documentVersion\":\"16\",");
    assertThrows(InvalidInput.class, () -> read(odd));
  }
}
