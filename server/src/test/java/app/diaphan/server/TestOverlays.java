package app.diaphan.server;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;

/** Overlay documents as the front end sends them. */
public final class TestOverlays {
  private static final String FRAME =
      """
      {"width":%1$s,"height":%2$s,"pixelAspect":"1/1","scan":"PROGRESSIVE",
       "safeAreas":{"name":"Own","actionX":4,"actionY":4,"titleX":6,"titleY":6},
       "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},
       "dotsPerInch":72,"videoHeight":%2$s}""";

  private static final String FRAME_1 =
      """
      {"width":320,"height":180,"pixelAspect":"1/1","scan":"PROGRESSIVE",
       "safeAreas":{"name":"Own","actionX":4,"actionY":4,"titleX":6,"titleY":6}}""";

  private TestOverlays() {}

  public static String frame(Object width, Object height) {
    return FRAME.formatted(width, height);
  }

  public static String empty(Object width, Object height) {
    return "{\"name\":\"Blank\",\"frame\":%s,\"stack\":[],\"forTargets\":[],\"dress\":\"LIGHT\",\"kept\":[]}"
        .formatted(frame(width, height));
  }

  /** Words over a plate on a frame of 320 × 180. */
  public static String lowerThird(String words) {
    return lowerThird(words, 320, 180);
  }

  public static String lowerThird(String words, int width, int height) {
    return """
        {"name":"Lower third","frame":%s,"stack":[
         {"kind":"text","id":"name","name":"Name","shown":true,"locked":false,
          "place":{"hook":{"kind":"frame","area":"TITLE_SAFE"},"point":"BOTTOM_LEFT",
                   "own":"BOTTOM_LEFT","right":10,"down":-8,"turn":0,"mirrored":false},
          "runs":[{"words":%s,"family":"Work Sans","weight":600,"axes":[],"size":24,"tracking":0,
                   "ink":{"kind":"shared"},"follows":""}],
          "setting":{"sizedBy":"FONT_SIZE","leading":1.2,"wordSpacing":0,"capitals":"AS_TYPED",
                     "letterforms":{"figures":"AS_DRAWN","widths":"AS_DRAWN",
                      "ligatures":"USUAL","alternates":[]},"alignment":"LEFT","hanging":false},
          "box":{"kind":"free"},
          "paint":{"kind":"flat","colour":"#ffffff"},
          "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"},"slots":[]},
         {"kind":"plate","id":"plate","name":"Plate","shown":true,
          "locked":false,
          "place":{"hook":{"kind":"frame","area":"TITLE_SAFE"},"point":"BOTTOM_LEFT",
                   "own":"BOTTOM_LEFT","right":0,"down":0,"turn":0,"mirrored":false},
          "shape":{"kind":"rounded","topLeft":6,"topRight":6,"bottomRight":6,"bottomLeft":6},
          "width":200,"height":44,
          "backing":{"pieces":[],"left":0,"top":0,"right":0,"bottom":0},
          "paint":{"kind":"flat","colour":"#124b5c"},
          "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[
            {"kind":"shadow","on":true,"angle":90,"distance":2,"reach":8,"firmness":0.1,
             "colour":"#000000","opacity":0.5,"underFace":"AUTOMATIC"}],
           "follows":"","punch":"NONE"},"slots":[]}],"forTargets":[],"dress":"LIGHT","kept":[]}"""
        .formatted(frame(width, height), RunningServer.JSON.writeValueAsString(words));
  }

  /** Words with a picture that column "pennant" names. */
  public static String pennant(String words) {
    return lowerThird(words, 1920, 1080)
        .replaceFirst("\"Lower third\"", "\"Pennant\"")
        .replaceFirst(
            "\"stack\":\\[",
            """
            "stack":[{"kind":"picture","id":"p","name":"Flag","shown":true,"locked":false,
             "place":{"hook":{"kind":"frame","area":"FRAME"},"point":"CENTRE","own":"CENTRE",
                      "right":0,"down":0,"turn":0,"mirrored":false},
             "picture":"greywick.svg","page":1,"cutOut":{"kind":"none"},"tint":{"kind":"own"},
             "crop":{"left":0,"top":0,"right":0,"bottom":0},"fit":"CONTAIN",
             "width":300,"height":200,
             "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"},
             "slots":[{"kind":"picture","column":"pennant"}]},""");
  }

  /** Much the same as version 2 wrote it. */
  public static String ofVersion2(String words) {
    return """
        {"name":"Lower third","frame":%s,"stack":[
         {"kind":"text","id":"name","name":"Name","shown":true,"locked":false,
          "place":{"hook":{"kind":"frame","area":"TITLE_SAFE"},"point":"BOTTOM_LEFT",
                   "own":"BOTTOM_LEFT","right":10,"down":-8,"turn":0,"mirrored":false},
          "runs":[{"words":%s,"family":"Work Sans","weight":600,"size":24,"tracking":0,
                   "ink":{"kind":"shared"}}],
          "setting":{"sizedBy":"FONT_SIZE","leading":1.2,"wordSpacing":0,"capitals":"AS_TYPED",
                     "alignment":"LEFT","hanging":false},
          "box":{"kind":"free"},
          "paint":{"kind":"flat","colour":"#ffffff"},
          "faceOpacity":1,"overallOpacity":1,"finishes":[]},
         {"kind":"plate","id":"plate","name":"Plate","shown":true,
          "locked":false,
          "place":{"hook":{"kind":"frame","area":"TITLE_SAFE"},"point":"BOTTOM_LEFT",
                   "own":"BOTTOM_LEFT","right":0,"down":0,"turn":0,"mirrored":false},
          "shape":{"kind":"rounded","topLeft":6,"topRight":6,"bottomRight":6,"bottomLeft":6},
          "width":200,"height":44,
          "hug":{"pieces":[],"left":0,"top":0,"right":0,"bottom":0},
          "paint":{"kind":"flat","colour":"#124b5c"},
          "faceOpacity":1,"overallOpacity":1,"finishes":[
            {"kind":"shadow","on":true,"angle":90,"distance":2,"reach":8,"firmness":0.1,
             "colour":"#000000","opacity":0.5,"underFace":"AUTOMATIC"},
            {"kind":"outline","on":true,"width":2,"side":"INSIDE","colour":"#ffffff","opacity":1,
             "underFace":"AUTOMATIC"}]},
         {"kind":"group","id":"group","name":"Group","shown":true,"locked":false,
          "place":{"hook":{"kind":"frame","area":"FRAME"},"point":"TOP_LEFT",
                   "own":"TOP_LEFT","right":0,"down":0,"turn":0,"mirrored":false},
          "scale":2,"overallOpacity":0.5,"stack":[
           {"kind":"plate","id":"inner","name":"Inner","shown":true,"locked":false,
            "place":{"hook":{"kind":"group"},"point":"TOP_LEFT",
                     "own":"TOP_LEFT","right":0,"down":0,"turn":0,"mirrored":false},
            "shape":{"kind":"rectangle"},"width":20,"height":10,
            "hug":{"pieces":[],"left":0,"top":0,"right":0,"bottom":0},
            "paint":{"kind":"flat","colour":"#124b5c"},
            "faceOpacity":0.2,"overallOpacity":1,"finishes":[]}]}]}"""
        .formatted(frame(320, 180), RunningServer.JSON.writeValueAsString(words));
  }

  /** The same on 320 × 180 as version 1 wrote it. */
  public static String ofVersion1(String words) {
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
        .formatted(FRAME_1, RunningServer.JSON.writeValueAsString(words));
  }

  /** A picture that looks like none of the overlays: a slope of colours, as a PNG. */
  public static byte[] photograph() {
    BufferedImage image = new BufferedImage(320, 180, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < 180; y++) {
      for (int x = 0; x < 320; x++) {
        image.setRGB(x, y, (x * 255 / 320) << 16 | (y * 255 / 180) << 8 | (x + y) % 256);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", out);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  /** A list of one target of a package. */
  public static String targets(int width, int height, String format, String depth, String names) {
    return "{\"targets\":[%s]}".formatted(target("Test", width, height, format, depth, names));
  }

  public static String target(
      String name, int width, int height, String format, String depth, String names) {
    return """
        {"name":"%s","frame":{"kind":"given","frame":%s},
         "file":{"extent":{"kind":"frame"},"format":"%s","depth":"%s",
                 "carried":{"kind":"straight"},"compression":"DEFLATE","level":6,"dither":true,
                 "resolution":{"kind":"frame"},"sidecar":false},
         "pattern":%s,"ifThere":"REPLACE"}"""
        .formatted(
            name,
            frame(width, height),
            format,
            depth,
            RunningServer.JSON.writeValueAsString(names));
  }

  /** A bundle as version 1 wrote it, with one overlay. */
  public static byte[] bundleOfVersion1(String words) {
    return bundle(
        """
        {"format":"diaphan-package","version":1,"name":"Old","overlays":["a.json"],"clips":[]}""",
        ofVersion1(words));
  }

  /** A zip with one overlay, called a.json. */
  public static byte[] bundle(String contents, String overlay) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("package.json"));
      zip.write(contents.getBytes(StandardCharsets.UTF_8));
      zip.putNextEntry(new ZipEntry("overlays/a.json"));
      zip.write(overlay.getBytes(StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }
}
