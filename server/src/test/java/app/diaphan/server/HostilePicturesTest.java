package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Pictures that would never be drawn to their end, and bundles that are not what they say. */
class HostilePicturesTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();

  private String path;

  @BeforeEach
  void newPackage() {
    long id = SERVER.post("/api/packages", "{\"name\":\"Regatta\"}").body().path("id").asLong();
    path = "/api/packages/" + id + "/pictures";
  }

  private void refused(String name, String content) {
    Answer answer = SERVER.upload(path, name, content.getBytes(StandardCharsets.ISO_8859_1));
    assertEquals(422, answer.status(), () -> name + ": " + answer.body());
    assertTrue(answer.detail().contains("not taken in"), answer.detail());
    assertEquals(0, SERVER.get(path).body().size());
    for (ProcessHandle child : ProcessHandle.current().children().toList()) {
      assertTrue(!busyTrial(child), "the process that tried it has ended");
    }
    // The next one has its turn at once.
    Answer good =
        SERVER.upload(
            path,
            "good.svg",
            "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><rect width='9' height='9'/></svg>"
                .getBytes(StandardCharsets.UTF_8));
    assertEquals(201, good.status(), () -> good.body().toString());
  }

  private static boolean busyTrial(ProcessHandle child) {
    return child.isAlive() && child.info().commandLine().orElse("").endsWith(" trial");
  }

  /** A page filled by a function that is worked out anew for every pixel. */
  private static String shading(String function) {
    String content = "/S sh";
    List<String> objects =
        List.of(
            "<< /Type /Catalog /Pages 2 0 R >>",
            "<< /Type /Pages /Kids [3 0 R] /Count 1 >>",
            "<< /Type /Page /Parent 2 0 R /MediaBox [0 0 800 800] /Contents 4 0 R "
                + "/Resources << /Shading << /S 5 0 R >> >> >>",
            "<< /Length %d >>\nstream\n%s\nendstream".formatted(content.length(), content),
            "<< /ShadingType 1 /ColorSpace /DeviceRGB /Domain [0 1 0 1] "
                + "/Matrix [800 0 0 800 0 0] /Function 6 0 R >>",
            ("<< /FunctionType 4 /Domain [0 1 0 1] /Range [0 1 0 1 0 1] /Length %d >>\n"
                    + "stream\n%s\nendstream")
                .formatted(function.length(), function));
    StringBuilder pdf = new StringBuilder("%PDF-1.4\n");
    List<Integer> places = new ArrayList<>();
    for (int i = 0; i < objects.size(); i++) {
      places.add(pdf.length());
      pdf.append(i + 1).append(" 0 obj\n").append(objects.get(i)).append("\nendobj\n");
    }
    int table = pdf.length();
    pdf.append("xref\n0 7\n0000000000 65535 f \n");
    places.forEach(place -> pdf.append("%010d 00000 n \n".formatted(place)));
    return pdf.append("trailer << /Size 7 /Root 1 0 R >>\nstartxref\n%d\n%%%%EOF".formatted(table))
        .toString();
  }

  @Test
  void aShadingThatIsWorkedOutForEverIsGivenUpOnWithItsProcess() {
    refused("endless.pdf", shading("{ add " + "sin cos exp ".repeat(65_000) + " dup dup }"));
  }

  @Test
  void whatIsTakenInCanBeDrawnHoweverLargeItsNumbersAre() {
    Answer taken =
        SERVER.upload(
            path,
            "tiny-view.svg",
            ("<svg xmlns='http://www.w3.org/2000/svg' width='100' height='100' viewBox='0 0 1e-30 1e-30'>"
                    + "<circle r='1e30' cx='1' cy='1'/></svg>")
                .getBytes(StandardCharsets.UTF_8));
    assertEquals(201, taken.status(), () -> taken.body().toString());
    Answer small = SERVER.get("/api/pictures/" + taken.body().path("id").asLong() + "/small.png");
    assertEquals(200, small.status());
  }

  private static byte[] bundle(String part, byte[] content) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.putNextEntry(new ZipEntry("package.json"));
      zip.write(
          """
          {"format":"diaphan-package","version":1,"name":"Old","overlays":["a.json"],"clips":["quay"]}"""
              .getBytes(StandardCharsets.UTF_8));
      zip.putNextEntry(new ZipEntry("overlays/a.json"));
      zip.write(TestOverlays.lowerThird("Ysolde").getBytes(StandardCharsets.UTF_8));
      zip.putNextEntry(new ZipEntry(part));
      zip.write(content);
    }
    return out.toByteArray();
  }

  @Test
  void partsOfABundleAreWhatTheyAreAndNotWhatTheyAreCalled() throws IOException {
    byte[] svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'/>"
            .getBytes(StandardCharsets.UTF_8);
    Answer still =
        SERVER.upload("/api/packages/bundle", "b.zip", bundle("backdrops/quay/01.jpg", svg));
    assertEquals(422, still.status());
    assertTrue(still.detail().contains("not a JPEG"), still.detail());
    byte[] page = "<html><script>alert(1)</script></html>".getBytes(StandardCharsets.UTF_8);
    Answer film =
        SERVER.upload("/api/packages/bundle", "b.zip", bundle("backdrops/quay/clip.webm", page));
    assertEquals(422, film.status());
    assertTrue(film.detail().contains("WebM"), film.detail());
    Answer picture =
        SERVER.upload("/api/packages/bundle", "b.zip", bundle("pictures/mark.png", page));
    assertEquals(422, picture.status(), () -> picture.body().toString());
  }

  @Test
  void everyDamagedBundleIsAnsweredInASentence() throws IOException {
    byte[] good = TestOverlays.bundleOfVersion1("Ysolde");
    Random random = new Random(12);
    for (int i = 0; i < 150; i++) {
      byte[] damaged = good.clone();
      damaged[random.nextInt(damaged.length)] ^= (byte) (1 << random.nextInt(8));
      Answer answer = SERVER.upload("/api/packages/bundle", "b.zip", damaged);
      assertTrue(
          answer.status() == 201 || answer.status() == 422,
          () -> answer.status() + ": " + answer.body());
    }
    Answer cut =
        SERVER.upload(
            "/api/packages/bundle", "b.zip", java.util.Arrays.copyOf(good, good.length / 2));
    assertEquals(422, cut.status());
    assertTrue(cut.detail().endsWith("."), cut.detail());
  }

  /** A zip that says it is small and is not: what is read is counted, not what is said. */
  @Test
  void aZipThatUnfoldsWithoutEndIsRefusedWhileItIsRead() throws IOException {
    byte[] zeros = new byte[1 << 20];
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      zip.setLevel(9);
      zip.putNextEntry(new ZipEntry("package.json"));
      for (int i = 0; i < 600; i++) {
        zip.write(zeros);
      }
    }
    Answer answer = SERVER.upload("/api/packages/bundle", "b.zip", out.toByteArray());
    assertEquals(422, answer.status());
    assertTrue(answer.detail().contains("larger than"), answer.detail());
  }
}
