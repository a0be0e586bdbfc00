package app.diaphan.server;

import app.diaphan.server.RunningServer.Answer;

/** Houses as the front end sends them. */
public final class TestHouses {
  private static final String NO_MARGIN =
      "{\"unit\":\"PERCENT\",\"left\":0,\"top\":0,\"right\":0,\"bottom\":0}";

  private TestHouses() {}

  /**
   * @param colours as JSON, with commas between
   */
  public static String of(String colours, String margin, String sets) {
    return """
        {"name":"Regatta","colours":[%s],"fonts":[],"fontFiles":[],"marks":[],"textures":[],
         "ownMargin":%s,"finishSets":[%s],"targets":[],"originals":[]}"""
        .formatted(colours, margin, sets);
  }

  public static String ofSets(String sets) {
    return of("", NO_MARGIN, sets);
  }

  public static String ofColours(String colours) {
    return of(colours, NO_MARGIN, "");
  }

  public static String colour(String name, String value) {
    return colour(name, value, value, "");
  }

  /**
   * @param formerly names as JSON, with commas between
   */
  public static String colour(String name, String light, String dark, String formerly) {
    return """
        {"name":"%s","formerly":[%s],"role":"","light":"%s","dark":"%s"}"""
        .formatted(name, formerly, light, dark);
  }

  /** Changes the house of a package as it stands now. */
  public static Answer keep(RunningServer server, long packageId, String house, Object... keptOut) {
    String path = "/api/packages/" + packageId + "/house";
    return server.put(
        path,
        "{\"basedOn\":%s,\"house\":%s,\"keptOut\":%s}"
            .formatted(
                server.get(path).body().path("revision"),
                house,
                RunningServer.JSON.writeValueAsString(keptOut)));
  }
}
