package app.diaphan.server.json.older;

import java.util.List;
import tools.jackson.databind.JsonNode;

/**
 * Brings documents of older versions to the present one, which says more, step by step. Versions
 * that are not named here (8 to 9, 12 to 13) brought new documents and changed no other.
 */
public final class OlderDocuments {
  private static final List<Upgrade> STEPS =
      List.of(
          new Upgrade1To2(),
          new Upgrade2To3(),
          new Upgrade3To4(),
          new Upgrade4To5(),
          new Upgrade5To6(),
          new Upgrade6To7(),
          new Upgrade7To8(),
          new Upgrade9To10(),
          new Upgrade10To11(),
          new Upgrade11To12(),
          new Upgrade13To14(),
          new Upgrade14To15(),
          new Upgrade15To16(),
          new UpgradeOfMarks());

  private OlderDocuments() {}

  /** Changes a document in place if it is of an older version. */
  public static void bringUpToDate(JsonNode document) {
    STEPS.forEach(step -> step.bring(document));
  }
}
