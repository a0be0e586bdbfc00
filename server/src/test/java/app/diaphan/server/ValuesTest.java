package app.diaphan.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.server.RunningServer.Answer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Values that are no such values, and many requests at once. */
class ValuesTest {
  @RegisterExtension static final RunningServer SERVER = new RunningServer();
  private static final int AT_ONCE = 20;

  private String path;

  @BeforeEach
  void newPackage() {
    long id = SERVER.post("/api/packages", "{\"name\":\"Regatta\"}").body().path("id").asLong();
    path = "/api/packages/" + id;
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"shown\":true|\"shown\":1|piece 1, shown: it has to be true or false.",
        "\"shown\":true|\"shown\":\"true\"|piece 1, shown: it has to be true or false.",
        "\"width\":320|\"width\":800.9|frame, width: it has to be a whole number.",
        "\"width\":320|\"width\":\"320\"|frame, width: it has to be a whole number.",
        "\"size\":24|\"size\":\"24\"|piece 1, run 1, size: it has to be a number.",
        "\"size\":24|\"size\":null|piece 1, run 1, size: it",
        "\"size\":24|\"size\":-3|piece 1, run 1: ",
        "\"name\":\"Name\"|\"name\":12|piece 1, name: it has to be words in quotes.",
        "\"punch\":\"NONE\"|\"punch\":0|piece 1, look, punch: it has to be one of \"NONE\"",
        "\"scan\":\"PROGRESSIVE\"|\"scan\":1|frame, scan: it has to be one of",
        "\"finishes\":[]|\"finishes\":[null]|piece 1, look, finish 1: it",
        "\"finishes\":[]|\"finishes\":{}|piece 1, look, finishes: it has to be a list",
        "\"name\":\"Lower third\"|\"name\":\"Lower third\",\"name\":\"Twice\"|is not valid JSON",
        "\"forTargets\":[]|\"forTargets\":[null]|target 1: it",
        "\"kind\":\"flat\"|\"kind\":\"plaid\"|the kind \"plaid\" is not one that Diaphan knows.",
      })
  void aValueOfAnotherKindIsRefusedByNameAndPlace(String from, String to, String said) {
    String good = TestOverlays.lowerThird("a");
    String wrong = good.replaceFirst(java.util.regex.Pattern.quote(from), to);
    assertNotEquals(good, wrong);
    Answer answer = SERVER.post(path + "/overlays", wrong);
    assertEquals(422, answer.status(), answer::detail);
    assertTrue(answer.detail().contains(said), answer.detail());
    for (String jargon :
        List.of("java", "class", "jackson", "token", "deserial", "Exception", "app.diaphan", "`")) {
      assertFalse(answer.detail().contains(jargon), answer.detail());
    }
    assertEquals(0, SERVER.get(path + "/overlays").body().size());
  }

  @ParameterizedTest
  @ValueSource(strings = {"a\u202eb", "a\u0007b", "a\u2066b", "\ufeffa", "a\\ud800b"})
  void namesHoldNothingThatIsNotSeen(String name) {
    Answer answer =
        SERVER.post(
            path + "/overlays",
            TestOverlays.lowerThird("a").replace("\"name\":\"Lower third\"", nameField(name)));
    assertEquals(422, answer.status());
    assertTrue(answer.detail().contains("invisible character U+"), answer.detail());
    assertEquals(422, SERVER.post("/api/packages", "{%s}".formatted(nameField(name))).status());
  }

  private static String nameField(String name) {
    StringBuilder field = new StringBuilder("\"name\":\"");
    for (char c : name.toCharArray()) {
      field.append(c < 32 || c > 126 ? "\\u%04x".formatted((int) c) : c);
    }
    return field.append('"').toString();
  }

  /** The end of the 60th character lay between the halves of the emoji. */
  @Test
  void aNameIsNotCutWithinACharacter() {
    String name = "a".repeat(59) + "\ud83c\udf08 and more";
    Answer added =
        SERVER.post(
            path + "/overlays",
            TestOverlays.lowerThird("a")
                .replace("\"name\":\"Lower third\"", "\"name\":\"" + name + "\""));
    assertEquals(201, added.status(), () -> added.body().toString());
    Answer bundle = SERVER.get(path + "/bundle.zip");
    assertEquals(200, bundle.status());
    Answer run =
        SERVER.post(
            path + "/delivery-runs", "{\"overlays\":[],\"targets\":[],\"changedOnly\":false}");
    assertEquals(202, run.status(), () -> run.body().toString());
  }

  private static byte[] picture(int colour) throws IOException {
    BufferedImage image = new BufferedImage(64, 64, BufferedImage.TYPE_INT_RGB);
    image.setRGB(3, 3, colour);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  private List<JsonNode> allAtOnce(List<Callable<Answer>> requests) throws Exception {
    try (ExecutorService clients = Executors.newFixedThreadPool(AT_ONCE)) {
      List<JsonNode> bodies = new java.util.ArrayList<>();
      for (Future<Answer> answer : clients.invokeAll(requests)) {
        assertEquals(201, answer.get().status(), () -> result(answer).body().toString());
        bodies.add(answer.get().body());
      }
      return bodies;
    }
  }

  private static Answer result(Future<Answer> answer) {
    return answer.resultNow();
  }

  @Test
  void onePictureSentByManyAtOnceIsKeptOnce() throws Exception {
    byte[] one = picture(0xff0000);
    Callable<Answer> upload = () -> SERVER.upload(path + "/pictures", "flag.png", one);
    List<JsonNode> answers = allAtOnce(java.util.Collections.nCopies(AT_ONCE, upload));
    Set<Long> ids = new HashSet<>();
    answers.forEach(answer -> ids.add(answer.path("id").asLong()));
    assertEquals(1, ids.size(), "one picture for all");
    assertEquals(1, SERVER.get(path + "/pictures").body().size());
  }

  @Test
  void manyPicturesOfOneNameAreNumbered() throws Exception {
    List<Callable<Answer>> uploads = new java.util.ArrayList<>();
    for (int i = 0; i < AT_ONCE; i++) {
      byte[] own = picture(i + 1);
      uploads.add(() -> SERVER.upload(path + "/pictures", "flag.png", own));
    }
    Set<String> names = new HashSet<>();
    allAtOnce(uploads).forEach(answer -> names.add(answer.path("name").asString()));
    assertEquals(AT_ONCE, names.size(), names::toString);
  }

  @Test
  void anotherSiteIsRefusedEvenWithoutItsOrigin() {
    for (String site : List.of("cross-site", "same-site")) {
      assertEquals(
          403, SERVER.send(SERVER.to("/api/packages").header("Sec-Fetch-Site", site)).status());
    }
    for (String site : List.of("same-origin", "none")) {
      assertEquals(
          200, SERVER.send(SERVER.to("/api/packages").header("Sec-Fetch-Site", site)).status());
    }
    assertEquals(
        200,
        SERVER
            .send(
                SERVER
                    .to("/")
                    .header("Sec-Fetch-Site", "cross-site")
                    .header("Sec-Fetch-Mode", "navigate")
                    .header("Sec-Fetch-Dest", "document"))
            .status(),
        "a link leads to the application");
  }
}
