package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;

/**
 * One step of a document to the next version, which gives what is new the value that draws as
 * before. A document that tells its version comes only to the steps above it. Others, which
 * programs up to version 16 kept and bundles hold, come to all: each step knows those it is for by
 * what they say, and leaves all others as they are.
 */
interface Upgrade {
  /** The version that documents are of after it. */
  int to();

  /**
   * @param document of the step's older version or any other; changed in place
   */
  void bring(JsonNode document);
}
