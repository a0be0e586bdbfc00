package app.diaphan.bench;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.bundle.BundleWriter;
import app.diaphan.server.json.DocumentJson;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Changes of the demo's house that touch forty overlays, on a server that was just started. */
final class HouseBench {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final int OVERLAYS = 40;
  private static final int FIRST = 12;
  private static final String ORIGINAL = "Saltlight bug";

  private final ServerProcess server;

  private HouseBench(ServerProcess server) {
    this.server = server;
  }

  static List<Line> run(Demo demo) throws Exception {
    try (ServerProcess server =
            ServerProcess.start(demo.root(), Files.createTempDirectory("diaphan-bench"), "1g");
        Playwright playwright = Screen.playwright();
        Browser browser = Screen.browser(playwright)) {
      HouseBench bench = new HouseBench(server);
      bench.takeIn(demo);
      return bench.lines(Screen.page(browser));
    }
  }

  private List<Line> lines(Page page) {
    page.navigate(server.address() + "/packages/1/house");
    page.getByLabel("Lamp, light", new Page.GetByLabelOptions().setExact(true)).fill("#d03060");
    page.waitForTimeout(4000); // What is fetched for the page is there.
    long began = System.nanoTime();
    page.keyboard().press("Enter");
    page.getByText("Nothing has been changed yet").waitFor();
    double told = seconds(began);
    began = System.nanoTime();
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName("See it before and after").setExact(true))
        .click();
    loaded(page, FIRST);
    double first = seconds(began);
    page.getByText("what is hardest to read first").waitFor();
    double all = seconds(began);
    page.close();
    return List.of(
        Line.atMost("house/a changed colour, what it touches told", told, "s", 2),
        Line.atMost("house/before and after of the first " + FIRST + " overlays", first, "s", 3),
        Line.atMost(
            "house/before and after of " + OVERLAYS + " overlays and their rows", all, "s", 20),
        Line.atMost(
            "house/a changed original, what it touches of " + OVERLAYS + " copies told",
            original(),
            "s",
            2));
  }

  /** The demo, with overlays that have the colour so many times that there are enough. */
  private void takeIn(Demo demo) throws IOException {
    ByteArrayOutputStream bundle = new ByteArrayOutputStream();
    BundleWriter.writeZip(demo.bundle(), bundle);
    good(server.upload("/api/packages/bundle", "demo.zip", bundle.toByteArray()));
    List<Overlay> touched =
        demo.bundle().overlays().values().stream()
            .filter(overlay -> DocumentJson.write(overlay).contains(" Lamp\""))
            .toList();
    for (int i = 0; i < OVERLAYS - touched.size(); i++) {
      Overlay overlay = touched.get(i % touched.size());
      good(
          server.ask(
              "POST",
              "/api/packages/1/overlays",
              DocumentJson.write(overlay.withName(overlay.name() + " " + i))));
    }
  }

  /** Lays an original on every overlay, and tells how long a change of it is looked into. */
  private double original() {
    JsonNode house = JSON.readTree(server.get("/api/packages/1/house").text());
    JsonNode overlays = JSON.readTree(server.get("/api/packages/1/overlays").text());
    for (JsonNode saved : overlays) {
      JsonNode laid =
          good(
              server.ask(
                  "POST",
                  "/api/packages/1/house/originals/laid",
                  "{\"overlay\":%s,\"original\":\"%s\",\"followed\":true,\"right\":0,\"down\":0}"
                      .formatted(saved.path("overlay"), ORIGINAL)));
      good(
          server.ask(
              "PUT",
              "/api/overlays/" + saved.path("id").asLong(),
              "{\"basedOn\":%s,\"overlay\":%s}"
                  .formatted(saved.path("revision"), laid.path("overlay"))));
    }
    ObjectNode other = (ObjectNode) house.path("house");
    ObjectNode group = (ObjectNode) other.path("originals").get(0).path("group");
    ((ObjectNode) group.path("look")).put("overallOpacity", 0.5);
    long began = System.nanoTime();
    JsonNode touched =
        good(
            server.ask(
                "POST",
                "/api/packages/1/house/touched",
                "{\"basedOn\":%s,\"house\":%s}".formatted(house.path("revision"), other)));
    double seconds = seconds(began);
    if (touched.size() < OVERLAYS) {
      throw new IllegalStateException("Only " + touched.size() + " overlays were touched.");
    }
    return seconds;
  }

  private static JsonNode good(ServerProcess.Answer answer) {
    if (!answer.good()) {
      throw new IllegalStateException(answer.status() + " " + answer.text());
    }
    return JSON.readTree(answer.text());
  }

  /** Waits until so many are there with both pictures. */
  private static void loaded(Page page, int count) {
    page.waitForFunction(
        """
        (count) => {
          const cards = [...document.querySelectorAll("dialog article")];
          const seen = cards.filter((card) => {
            const pictures = [...card.querySelectorAll("figure div div > img:last-child")];
            return pictures.length === 2 && pictures.every((one) => one.complete && one.naturalWidth > 0);
          });
          return seen.length >= count;
        }""",
        count);
  }

  private static double seconds(long began) {
    return (System.nanoTime() - began) / 1e9;
  }
}
