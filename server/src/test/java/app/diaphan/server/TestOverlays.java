package app.diaphan.server;

/** Overlay documents as the front end sends them. */
public final class TestOverlays {
  private static final String FRAME =
      """
      {"width":%s,"height":%s,"pixelAspect":"1/1","scan":"PROGRESSIVE",
       "safeAreas":{"name":"Own","actionX":4,"actionY":4,"titleX":6,"titleY":6}}""";

  private TestOverlays() {}

  public static String frame(Object width, Object height) {
    return FRAME.formatted(width, height);
  }

  public static String empty(Object width, Object height) {
    return "{\"name\":\"Blank\",\"frame\":%s,\"stack\":[]}".formatted(frame(width, height));
  }

  /** Words over a plate on a frame of 320 × 180. */
  public static String lowerThird(String words) {
    return lowerThird(words, 320, 180);
  }

  public static String lowerThird(String words, int width, int height) {
    return """
        {"name":"Lower third","frame":%s,"stack":[
         {"kind":"text","id":"name","name":"Name","shown":true,
          "place":{"point":"BOTTOM_LEFT","area":"TITLE_SAFE","right":10,"down":-8,"turn":0},
          "words":%s,
          "style":{"family":"Work Sans","weight":600,"size":24,"tracking":0,"leading":1.2,
                   "alignment":"LEFT"},
          "paint":{"kind":"flat","colour":"#ffffff"},
          "faceOpacity":1,"overallOpacity":1,"finishes":[]},
         {"kind":"plate","id":"plate","name":"Plate","shown":true,
          "place":{"point":"BOTTOM_LEFT","area":"TITLE_SAFE","right":0,"down":0,"turn":0},
          "shape":{"kind":"rounded","radius":6},"width":200,"height":44,
          "paint":{"kind":"flat","colour":"#124b5c"},
          "faceOpacity":1,"overallOpacity":1,"finishes":[
            {"kind":"shadow","on":true,"angle":90,"distance":2,"reach":8,"firmness":0.1,
             "colour":"#000000","opacity":0.5,"underFace":"AUTOMATIC"}]}]}"""
        .formatted(frame(width, height), RunningServer.JSON.writeValueAsString(words));
  }

  public static String target(int width, int height, String format, String depth) {
    return """
        {"frame":%s,"extent":"FRAME","format":"%s","depth":"%s","alpha":"STRAIGHT",
         "compression":"DEFLATE","level":6,"dither":true,"dotsPerInch":72}"""
        .formatted(frame(width, height), format, depth);
  }
}
