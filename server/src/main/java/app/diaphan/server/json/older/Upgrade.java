package app.diaphan.server.json.older;

import tools.jackson.databind.JsonNode;

/**
 * One step of a document to the next version, which gives what is new the value that draws as
 * before. Documents do not tell their version: each step knows those it is for by what they say,
 * and leaves all others as they are.
 */
interface Upgrade {
  /**
   * @param document of the step's older version or any other; changed in place
   */
  void bring(JsonNode document);
}
