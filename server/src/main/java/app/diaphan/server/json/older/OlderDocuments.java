package app.diaphan.server.json.older;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

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

  /** The version of documents as they are written now, which is that of bundles. */
  public static final int PRESENT = 16;

  /** What a kept document tells its version by. */
  private static final String VERSION = "documentVersion";

  private OlderDocuments() {}

  /** The document with the version that it is of told first. */
  public static ObjectNode versioned(ObjectNode document) {
    ObjectNode whole = document.objectNode().put(VERSION, PRESENT);
    return whole.setAll(document);
  }

  /**
   * Changes a kept document in place if it is of an older version, and takes out of it which it
   * was.
   *
   * @param where how an error sentence calls the document
   * @throws InvalidInput if a newer program kept it
   */
  public static void bringUpToDate(JsonNode document, String where) {
    int version = takenVersion(document);
    if (version > PRESENT) {
      throw new InvalidInput(
          Sentence.of(
              "%s was kept by a newer Diaphan: it is of version %d, and this one reads versions up to %d. Use the newer one.",
              where, version, PRESENT));
    }
    STEPS.stream().filter(step -> step.to() > version).forEach(step -> step.bring(document));
  }

  /** 0 for a document that does not tell. */
  private static int takenVersion(JsonNode document) {
    if (document instanceof ObjectNode whole && whole.path(VERSION).isInt()) {
      return whole.remove(VERSION).intValue();
    }
    return 0;
  }
}
