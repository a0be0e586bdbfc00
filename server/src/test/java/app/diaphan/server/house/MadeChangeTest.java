package app.diaphan.server.house;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import app.diaphan.core.house.House;
import app.diaphan.server.json.DocumentJson;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class MadeChangeTest {
  /** A change outlives the version that it was made with: it can still be taken back. */
  @Test
  void oneOfBeforeHousesHadFontsAndOriginalsIsReadAsItWas() {
    MadeChange made =
        new MadeChange(
            House.named("Regatta"),
            House.named("Winter"),
            1,
            1,
            List.of(),
            Map.of(),
            List.of(),
            Map.of());
    String older =
        DocumentJson.write(made)
            .replace("\"fontFiles\":[],", "")
            .replace(",\"originals\":[]", "")
            .replace(",\"overwritten\":{}", "");
    assertFalse(older.matches(".*(fontFiles|originals|overwritten).*"));
    assertEquals(made, DocumentJson.read(older, MadeChange.class, "It"));
  }
}
