package app.diaphan.bench;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Backing;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.FirstFinishes;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.server.bundle.BundleWriter;
import app.diaphan.server.json.DocumentJson;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;

/** A day's work at a small heap: nothing grows, nothing is refused, nothing becomes slow. */
final class MemoryBench {
  private static final String HEAP = "1g";
  private static final int DRAWINGS = 2000;
  private static final int PHOTOGRAPHS = 200;
  private static final int SOME = 50;
  private static final int LARGE = 3;
  private static final Pattern ADDRESS = Pattern.compile("\"picture\":\"(/api/drawn/[^\"]+)\"");
  private static final Pattern ID = Pattern.compile("\"id\":(\\d+)");

  private final ServerProcess server;
  private int refused;

  private MemoryBench(ServerProcess server) {
    this.server = server;
  }

  static List<Line> run(Demo demo) throws Exception {
    Path data = Files.createTempDirectory("diaphan-memory");
    try (ServerProcess server = ServerProcess.start(demo.root(), data, HEAP)) {
      return new MemoryBench(server).lines(demo);
    }
  }

  private List<Line> lines(Demo demo) throws IOException, InterruptedException {
    ByteArrayOutputStream bundle = new ByteArrayOutputStream();
    BundleWriter.writeZip(demo.bundle(), bundle);
    good(server.upload("/api/packages/bundle", "demo.zip", bundle.toByteArray()));
    double slower = drawings(DocumentJson.write(demo.lowerThird()));
    photographs();
    double fifty = fiftyMegapixels();
    int refusedBefore = refused;
    double finishes = manyFinishes();
    List<Line> lines = new ArrayList<>();
    lines.add(
        Line.atMost(
            "trust/memory: refused of %d drawings and %d photographs at 1 GiB"
                .formatted(DRAWINGS, PHOTOGRAPHS),
            refusedBefore,
            "",
            0));
    lines.add(
        Line.atMost(
            "trust/memory: refused of a plate of 3000 px with seven finishes five times at 1 GiB",
            refused - refusedBefore,
            "",
            0));
    lines.add(Line.atMost("trust/memory: drawing it", finishes / 1000, "s", 20));
    lines.add(Line.atMost("trust/memory: live heap after them", server.liveHeap(), "MiB", 600));
    lines.add(
        Line.atMost("trust/memory: the last drawings against the tenth", slower, "times", 1.2));
    lines.add(
        Line.atMost(
            "trust/memory: 50 megapixels: drawn first against drawn again", fifty, "times", 1.5));
    return lines;
  }

  private ServerProcess.Answer good(ServerProcess.Answer answer) {
    if (!answer.good()) {
      refused++;
      System.err.println("trust: " + answer.status() + " " + answer.text());
    }
    return answer;
  }

  /** A value of a finish that is dragged: each drawing is another one. */
  private double drawings(String overlay) {
    double[] tenth = new double[SOME];
    double[] last = new double[SOME];
    for (int i = 0; i < DRAWINGS; i++) {
      String dragged =
          overlay.replaceFirst("\"opacity\":[0-9.]+", "\"opacity\":" + (0.2 + 0.0003 * i));
      ServerProcess.Answer drawn = draw(1, dragged);
      if (i >= 10 && i < 10 + SOME) {
        tenth[i - 10] = drawn.milliseconds();
      }
      if (i >= DRAWINGS - SOME) {
        last[i - DRAWINGS + SOME] = drawn.milliseconds();
      }
      Matcher pictures = ADDRESS.matcher(drawn.text());
      for (int fetched = 0; fetched < 2 && pictures.find(); fetched++) {
        good(server.get(pictures.group(1)));
      }
    }
    return Clock.percentile(last, 0.5) / Clock.percentile(tenth, 0.5);
  }

  private ServerProcess.Answer draw(long packageId, String overlay) {
    return good(
        server.ask(
            "POST",
            "/api/packages/" + packageId + "/drawings",
            "{\"overlay\":%s,\"scale\":1,\"editing\":\"\",\"row\":0}".formatted(overlay)));
  }

  private void photographs() throws IOException {
    long packageId = id(server.ask("POST", "/api/packages", "{\"name\":\"Photographs\"}"));
    byte[] photograph = jpeg(4000, 3000);
    for (int i = 0; i < PHOTOGRAPHS; i++) {
      String name = "quay-%03d.jpg".formatted(i);
      good(server.upload("/api/packages/" + packageId + "/pictures", name, with(photograph, name)));
      String overlay = showing("Quay %03d".formatted(i), name);
      long id = id(server.ask("POST", "/api/packages/" + packageId + "/overlays", overlay));
      draw(packageId, overlay);
      good(
          server.ask(
              "POST",
              "/api/packages/" + packageId + "/checks",
              "{\"overlay\":%s}".formatted(overlay)));
      deliver(packageId, id);
    }
  }

  private void deliver(long packageId, long overlay) {
    long run =
        id(
            server.ask(
                "POST",
                "/api/packages/" + packageId + "/delivery-runs",
                "{\"overlays\":[%d],\"targets\":[],\"changedOnly\":false}".formatted(overlay)));
    server.get("/api/delivery-runs/" + run + "/events"); // Ends when the run does.
    ServerProcess.Answer ended = good(server.get("/api/delivery-runs/" + run));
    if (!ended.text().contains("It was delivered.")) {
      refused++;
      System.err.println("trust: " + ended.text());
    }
  }

  /** Milliseconds for drawing a large plate with more finishes than anybody needs. */
  private double manyFinishes() {
    long packageId = id(server.ask("POST", "/api/packages", "{\"name\":\"Finishes\"}"));
    List<Finish> finishes = new ArrayList<>();
    for (int i = 0; i < 5; i++) {
      finishes.addAll(FirstFinishes.of(400, Colour.WHITE));
    }
    PlatePiece plate =
        new PlatePiece(
            "plate",
            "Plate",
            true,
            false,
            Place.at(PinPoint.CENTRE, Area.FRAME, 0, 0),
            new PlateShape.RoundedRectangle(40, 40, 40, 40),
            3000,
            3000,
            Backing.NOTHING,
            new Paint.Flat(Colour.WHITE),
            new Look(1, 0.5, finishes, "", Punch.NONE),
            List.of());
    String overlay = DocumentJson.write(new Overlay("Plate", Frame.of(3200, 3200), List.of(plate)));
    double milliseconds = draw(packageId, overlay).milliseconds();
    deliver(packageId, id(server.ask("POST", "/api/packages/" + packageId + "/overlays", overlay)));
    return milliseconds;
  }

  /** Milliseconds for drawing it just after it was taken in, and elsewhere on the frame then. */
  /** How many times as long the first drawing took as the next; the middle of some pictures. */
  private double fiftyMegapixels() throws IOException {
    long packageId = id(server.ask("POST", "/api/packages", "{\"name\":\"Large\"}"));
    byte[] picture = jpeg(8000, 6250);
    double[] slower = new double[LARGE];
    for (int i = 0; i < LARGE; i++) {
      String name = "large-" + i + ".jpg";
      String pictures = "/api/packages/" + packageId + "/pictures";
      good(server.upload(pictures, name, with(picture, "Large " + i)));
      // So large that it is drawn from its own pixels, not from halvings, which would be made
      // first.
      String large =
          showing("Large", name)
              .replace("\"width\":1280,\"height\":960", "\"width\":2400,\"height\":1875");
      double first = draw(packageId, large).milliseconds();
      double again = draw(packageId, large.replace("\"down\":0,", "\"down\":5,")).milliseconds();
      slower[i] = first / again;
    }
    Arrays.sort(slower);
    return slower[LARGE / 2];
  }

  private long id(ServerProcess.Answer answer) {
    Matcher id = ID.matcher(good(answer).text());
    return id.find() ? Long.parseLong(id.group(1)) : 0;
  }

  static String showing(String name, String picture) {
    return """
        {"name":"%s","frame":{"width":1920,"height":1080,"pixelAspect":"1/1","scan":"PROGRESSIVE",
        "safeAreas":{"name":"Own","actionX":4,"actionY":4,"titleX":6,"titleY":6},
        "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},
          "dotsPerInch":72,"videoHeight":1080},"stack":[
        {"kind":"picture","id":"p","name":"Photograph","shown":true,"locked":false,
        "place":{"hook":{"kind":"frame","area":"FRAME"},"point":"CENTRE","own":"CENTRE",
        "right":0,"down":0,"turn":0,"mirrored":false},
        "picture":"%s","page":1,"cutOut":{"kind":"none"},"tint":{"kind":"own"},
        "crop":{"left":0,"top":0,"right":0,"bottom":0},"fit":"CONTAIN","width":1280,"height":960,
        "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"},"slots":[]}],
        "forTargets":[],"dress":"LIGHT","kept":[]}"""
        .formatted(name, picture);
  }

  /** A made photograph: waves of colour with grain. */
  static byte[] jpeg(int width, int height) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Random grain = new Random(7);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        int wave = (int) (90 + 60 * Math.sin(x / 90.0) * Math.cos(y / 70.0)) + grain.nextInt(16);
        image.setRGB(x, y, wave << 16 | wave + 20 << 8 | 255 - wave);
      }
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "jpeg", out);
    return out.toByteArray();
  }

  /** The same picture in a file of its own: with a comment (ITU-T T.81, B.2.4.5). */
  static byte[] with(byte[] jpeg, String comment) {
    byte[] words = comment.getBytes(StandardCharsets.US_ASCII);
    byte[] file = new byte[jpeg.length + 4 + words.length];
    System.arraycopy(jpeg, 0, file, 0, 2);
    file[2] = (byte) 0xff;
    file[3] = (byte) 0xfe;
    file[4] = 0;
    file[5] = (byte) (words.length + 2);
    System.arraycopy(words, 0, file, 6, words.length);
    System.arraycopy(jpeg, 2, file, 6 + words.length, jpeg.length - 2);
    return file;
  }
}
