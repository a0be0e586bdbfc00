package app.diaphan.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.SelectOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** An evening with 24 skippers: dealt to markers, mended, watched and handed over. */
class CueListTest {
  private static final JsonMapper JSON = new JsonMapper();

  @RegisterExtension final Browser browser = new Browser();

  @TempDir Path folder;
  private Page page;

  @BeforeEach
  void demo() throws IOException {
    page = browser.page();
    browser.loadDemo();
  }

  private Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private Locator labelled(String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
  }

  private void tab(String name) {
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name).setExact(true)).click();
  }

  private void choose(String label, String option) {
    labelled(label).selectOption(new SelectOption().setLabel(option));
  }

  private void type(String label, String words) {
    labelled(label).fill(words);
    labelled(label).press("Enter");
  }

  private JsonNode get(String path) {
    return JSON.readTree(page.request().get(browser.address() + path).text());
  }

  /** The two rows that the demo shows being mended are mended here in passing. */
  private void mendRows() {
    JsonNode rows =
        get("/api/rosters/" + get("/api/packages/1/rosters").get(0).path("id").asLong() + "/rows");
    for (JsonNode row : rows) {
      List<String> cells = new ArrayList<>();
      row.path("cells").forEach(cell -> cells.add(cell.asString()));
      if (cells.get(3).equals("greywik.svg") || cells.getFirst().length() > 40) {
        cells.set(3, "greywick.svg");
        cells.set(0, cells.getFirst().replace(" Wendelgard Ostrander-Fairlead", ""));
        page.request()
            .put(
                browser.address() + "/api/roster-rows/" + row.path("id").asLong(),
                RequestOptions.create()
                    .setData(Map.of("cells", cells, "leftOut", false, "changes", List.of())));
      }
    }
  }

  @Test
  void twentyFourRowsAreDealtMendedWatchedAndHandedOver() throws IOException {
    mendRows();
    page.navigate(browser.address() + "/overlays/10/proof");
    tab("Screening");
    button("Begin a cue list").click();
    tab("Clip");
    type("Length of the clip", "168 s");
    type("Name of the cue list", "Skippers at dusk");
    choose("Size of the clip", "1280 × 720");
    // The length was still being read when the name was typed.
    assertThat(labelled("Length of the clip")).hasValue("168 s");
    assertThat(labelled("Name of the cue list")).hasValue("Skippers at dusk");
    choose("Clip", "Quay at dusk");
    tab("Deal");
    labelled("File of markers").setInputFiles(Browser.DEMO.resolve("cues/quay-at-dusk.otio"));
    assertThat(page.getByText("The list has 24 markers")).isVisible();
    choose("Stills to deal", "Skipper plate (Skippers), 720 lines");
    button("Deal them").click();
    tab("Cues");
    Locator table = page.getByRole(AriaRole.TABLE);
    assertThat(table).hasAttribute("aria-rowcount", "25");
    assertThat(table).containsText("00:00:12:05");
    // One comes too soon after the one before.
    tab("Hand over");
    assertThat(page.getByText("24 stills are not delivered as they are now.")).isVisible();
    assertThat(page.getByText("1 thing has to be mended first")).isVisible();
    button("Deliver what is missing").click();
    assertThat(page.getByText("not delivered as they are now"))
        .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(60_000));
    button("Hand over").click();
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("cannot be handed over yet");
    tab("Cues");
    Locator found = page.getByLabel("What was found");
    assertThat(found).containsText("1 to mend");
    button("End \"Merryn Cobb\" at 00:01:38:04").click();
    assertThat(found).not().containsText("to mend");
    page.keyboard().press("Control+z");
    assertThat(found).containsText("1 to mend");
    page.keyboard().press("Control+Shift+z");
    assertThat(found).not().containsText("to mend");

    watched();

    tab("Hand over");
    labelled("Folder to hand over to").fill(folder.toString());
    button("Hand over").click();
    assertThat(page.getByText("31 files are in"))
        .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(30_000));
    everyTimeInEveryFile(folder.resolve("skippers-at-dusk"));
  }

  /** From cue to cue by keys, then a second of playing with the still in its place. */
  private void watched() {
    page.getByRole(AriaRole.ROW).nth(1).click();
    assertThat(page.getByTestId("screening-time")).hasText("00:00:12:17");
    page.keyboard().press("n");
    assertThat(page.getByTestId("screening-time")).hasText("00:00:19:02");
    page.keyboard().press("p");
    assertThat(page.getByTestId("screening-time")).hasText("00:00:12:17");
    assertThat(page.locator("canvas[aria-busy=false]")).isVisible();
    // The lower left is the plate's while it is there, and the quay's before.
    labelled("Moment").fill("304");
    waitForPlate(false);
    labelled("Moment").fill("330");
    waitForPlate(true);
    labelled("Moment").blur();
    page.keyboard().press(" ");
    assertThat(button("Pause")).isVisible();
    page.waitForFunction(
        "() => Number.parseInt(document.querySelector('[data-testid=screening-rate]').textContent) >= 5");
    page.keyboard().press(" ");
    assertThat(button("Play")).isVisible();
  }

  /** Whether the picture differs from the one without the still in more than noise. */
  private void waitForPlate(boolean there) {
    page.waitForFunction(
        """
        (there) => {
          const canvas = document.querySelector("canvas");
          const { data } = canvas.getContext("2d").getImageData(0, 500, 700, 180);
          let bright = 0;
          for (let i = 0; i < data.length; i += 4) {
            if (data[i] > 225 && data[i + 1] > 215 && data[i + 2] > 200) bright++;
          }
          return there ? bright > 300 : bright < 100;
        }""",
        there);
  }

  /** Read without a line of the product: every file names the moments that the markers name. */
  private static void everyTimeInEveryFile(Path there) throws IOException {
    List<Long> moments = new ArrayList<>();
    JsonNode given =
        JSON.readTree(Files.readString(Browser.DEMO.resolve("cues/quay-at-dusk.otio")));
    for (JsonNode marker :
        given.path("tracks").path("children").get(0).path("children").get(0).path("markers")) {
      moments.add((long) marker.path("marked_range").path("start_time").path("value").asDouble());
    }
    assertEquals(24, moments.size());
    List<Long> ends = new ArrayList<>();
    for (int i = 0; i < 24; i++) {
      // The fourteenth ends where the fifteenth begins.
      ends.add(i == 13 ? moments.get(14) : moments.get(i) + 125);
    }

    List<Long> from = new ArrayList<>();
    List<Long> to = new ArrayList<>();
    long at = 0;
    for (JsonNode item :
        JSON.readTree(Files.readString(there.resolve("cues.otio")))
            .path("tracks")
            .path("children")
            .get(0)
            .path("children")) {
      long length = (long) item.path("source_range").path("duration").path("value").asDouble();
      if (item.path("OTIO_SCHEMA").asString().equals("Clip.2")) {
        from.add(at);
        to.add(at + length);
        String url =
            item.path("media_references").path("DEFAULT_MEDIA").path("target_url").asString();
        assertTrue(Files.isRegularFile(there.resolve(java.net.URI.create(url).getPath())), url);
      }
      at += length;
    }
    assertEquals(moments, from, "OpenTimelineIO");
    assertEquals(ends, to, "OpenTimelineIO");
    assertEquals(168 * 25, at);

    String list = Files.readString(there.resolve("cues.edl"));
    assertEquals(
        moments, times(list, "(?m)^\\d+ +AX +V +D +\\d+ \\S+ \\S+ (\\S+) \\S+\\s*$"), "list");
    assertEquals(ends, times(list, "(?m)^\\d+ +BL +V +D +\\d+ \\S+ \\S+ \\S+ (\\S+)\\s*$"), "list");
    String sheet = Files.readString(there.resolve("cues.csv"));
    assertEquals(moments, times(sheet, "(?m)^\\d+,\\d+,([\\d:]+),"), "table");
    assertEquals(ends, times(sheet, "(?m)^\\d+,\\d+,[\\d:]+,([\\d:]+),"), "table");
    for (String words : List.of("cues.vtt", "cues.srt")) {
      String text = Files.readString(there.resolve(words)).replace(',', '.');
      assertEquals(moments, times(text, "(?m)^(\\S+) --> "), words);
      assertEquals(ends, times(text, "(?m) --> (\\S+)\\s*$"), words);
    }
  }

  private static List<Long> times(String text, String pattern) {
    return Pattern.compile(pattern)
        .matcher(text)
        .results()
        .map(found -> found.group(1).split("[:.]"))
        .map(
            parts ->
                (Long.parseLong(parts[0]) * 3600
                            + Long.parseLong(parts[1]) * 60
                            + Long.parseLong(parts[2]))
                        * 25
                    + (parts[3].length() == 3
                        ? Long.parseLong(parts[3]) / 40
                        : Long.parseLong(parts[3])))
        .toList();
  }

  @Test
  void cuesAreDraggedTrimmedAndSnapped() {
    page.navigate(browser.address() + "/overlays/10/proof");
    tab("Screening");
    button("Open Skippers at the quay").click();
    page.getByRole(AriaRole.ROW).nth(1).click();
    Locator bar = page.getByTestId("bar-1");
    assertThat(labelled("From")).hasValue("00:00:12:05");
    button("The time line wider").click();
    button("The time line wider").click();
    BoundingBox lanes = page.getByTestId("lanes").boundingBox();
    double perPicture = lanes.width / 4200;
    BoundingBox box = bar.boundingBox();
    page.mouse().move(box.x + box.width / 2, box.y + 8);
    page.mouse().down();
    page.mouse().move(box.x + box.width / 2 - 60 * perPicture, box.y + 8 + 22);
    page.mouse().up();
    assertThat(labelled("From")).hasValue("00:00:09:20");
    assertThat(labelled("Lane")).hasValue("2");
    // Its end, let go of near the second marker, is drawn to it.
    box = bar.boundingBox();
    page.mouse().move(box.x + box.width - 2, box.y + 8);
    page.mouse().down();
    double marker = lanes.x + 465 * perPicture;
    page.mouse().move(marker - 5, box.y + 8);
    page.mouse().up();
    assertThat(labelled("For")).hasValue("8.8 s");
    // By keys: it begins and ends at the picture that is shown.
    labelled("Moment").fill("300");
    labelled("Moment").blur();
    page.keyboard().press("b");
    assertThat(labelled("From")).hasValue("00:00:12:00");
    labelled("Moment").fill("399");
    labelled("Moment").blur();
    page.keyboard().press("e");
    assertThat(labelled("For")).hasValue("4 s");
    type("From", "25:00:00:00");
    assertThat(page.getByText("From stays 00:00:12:00.")).isVisible();
    type("For", "75 frames");
    assertThat(labelled("For")).hasValue("3 s");
    page.waitForCondition(
        () ->
            get("/api/cue-lists/1").path("list").path("cues").toString().contains("\"length\":75"));
    page.reload();
    tab("Screening");
    button("Open Skippers at the quay").click();
    page.getByRole(AriaRole.ROW).nth(1).click();
    assertThat(labelled("For")).hasValue("3 s");
  }

  @Test
  void aClipOfTheDesignersOwnTellsItsLengthAndRate() {
    page.navigate(browser.address() + "/overlays/10/proof");
    tab("Screening");
    button("Begin a cue list").click();
    tab("Clip");
    labelled("Clip of your own").setInputFiles(Browser.DEMO.resolve("backdrops/sea-fog/clip.webm"));
    assertThat(labelled("Length of the clip")).hasValue("6 s");
    assertThat(labelled("Size of the clip").locator("option:checked")).hasText("960 × 540");
    assertThat(labelled("Frame rate").locator("option:checked")).hasText("25 pictures a second");
    tab("Deal");
    labelled("File of markers").setInputFiles(Browser.DEMO.resolve("rosters/skippers.csv"));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("No column says when");
  }

  @Test
  void aListThatWasChangedElsewhereIsNotOverwritten() {
    page.navigate(browser.address() + "/overlays/10/proof");
    tab("Screening");
    button("Open Skippers at the quay").click();
    tab("Clip");
    type("Begins at", "10:00:00:00");
    tab("Cues");
    assertThat(page.getByRole(AriaRole.TABLE)).containsText("10:00:12:05");
    JsonNode saved = get("/api/cue-lists/1");
    page.request()
        .put(
            browser.address() + "/api/cue-lists/1",
            RequestOptions.create()
                .setHeader("Content-Type", "application/json")
                .setData(
                    "{\"basedOn\":%d,\"list\":%s}"
                        .formatted(
                            saved.path("revision").asInt(),
                            saved
                                .path("list")
                                .toString()
                                .replace("\"readingSpeed\":15.0", "\"readingSpeed\":12.0"))));
    page.getByRole(AriaRole.ROW).nth(1).click();
    type("For", "4 s");
    Locator alert = page.getByRole(AriaRole.ALERT);
    assertThat(alert).containsText("changed elsewhere meanwhile");
    button("Take the other").click();
    assertThat(alert).hasCount(0);
    tab("Clip");
    assertThat(labelled("Reading speed")).hasValue("12");
    // Keys go on at once after a field was done with.
    type("Reading speed", "14");
    page.keyboard().press("Control+z");
    assertThat(labelled("Reading speed")).hasValue("12");
  }

  /** A plate of one colour that nothing else in the picture has. */
  private static final String LAMP =
      """
      {"name":"Lamp","frame":{"width":1280,"height":720,"pixelAspect":"1/1","scan":"PROGRESSIVE",
        "safeAreas":{"name":"EBU R 95","actionX":3.5,"actionY":3.5,"titleX":5,"titleY":5},
        "ownMargin":{"unit":"PERCENT","left":0,"top":0,"right":0,"bottom":0},
        "dotsPerInch":72,"videoHeight":720},
       "stack":[{"kind":"plate","id":"lamp","name":"Lamp","shown":true,"locked":false,
        "place":{"hook":{"kind":"frame","area":"FRAME"},"point":"TOP_LEFT","own":"TOP_LEFT",
         "right":400,"down":300,"turn":0,"mirrored":false},
        "width":320,"height":160,"shape":{"kind":"rectangle"},
        "backing":{"pieces":[],"left":0,"top":0,"right":0,"bottom":0},
        "paint":{"kind":"flat","colour":"#f0a93f"},
        "look":{"faceOpacity":1,"overallOpacity":1,"finishes":[],"follows":"","punch":"NONE"},
        "slots":[]}],
       "forTargets":[],"dress":"LIGHT","kept":[]}
      """;

  private static final List<String> MOVES =
      List.of(
          "{\"kind\":\"cut\"}",
          "{\"kind\":\"fade\",\"frames\":9}",
          "{\"kind\":\"slide\",\"side\":\"LEFT\",\"frames\":9}",
          "{\"kind\":\"slide\",\"side\":\"RIGHT\",\"frames\":9}",
          "{\"kind\":\"slide\",\"side\":\"ABOVE\",\"frames\":9}",
          "{\"kind\":\"slide\",\"side\":\"BELOW\",\"frames\":9}",
          "{\"kind\":\"grow\",\"frames\":9}");

  /** Where the lamp's edges are on a picture of its cue; nothing outside of the canvas. */
  private record Edges(double left, double top, double right, double bottom) {
    Edges moved(double across, double down) {
      return new Edges(left + across, top + down, right + across, bottom + down);
    }

    /** About the middle of the frame. */
    Edges scaled(double by) {
      return new Edges(
          640 + (left - 640) * by,
          360 + (top - 360) * by,
          640 + (right - 640) * by,
          360 + (bottom - 360) * by);
    }

    Edges seen() {
      return new Edges(
          Math.max(0, left), Math.max(0, top), Math.min(1280, right), Math.min(720, bottom));
    }
  }

  private static final Edges REST = new Edges(400, 300, 720, 460);

  private static Edges expected(int move, int at) {
    double there = Math.min(1, (at + 1) / 10.0);
    double away = 1 - there * there * (3 - 2 * there);
    return switch (move) {
      case 2 -> REST.moved(-1280 * away, 0);
      case 3 -> REST.moved(1280 * away, 0);
      case 4 -> REST.moved(0, -720 * away);
      case 5 -> REST.moved(0, 720 * away);
      case 6 -> REST.scaled(1 - 0.4 * away);
      case 7 -> REST.moved(0, 720 - 200 * at / 25.0);
      default -> REST;
    };
  }

  private JsonNode post(String path, String json) {
    return JSON.readTree(
        page.request()
            .post(
                browser.address() + path,
                RequestOptions.create().setHeader("Content-Type", "application/json").setData(json))
            .text());
  }

  @Test
  void everyMovePutsTheStillWhereItIsReckoned() {
    long packageId = post("/api/packages", "{\"name\":\"Lamps\"}").path("id").asLong();
    JsonNode added = post("/api/packages/" + packageId + "/overlays", LAMP);
    long overlay = added.path("id").asLong();
    assertTrue(overlay > 0, added::toString);
    JsonNode run =
        post(
            "/api/packages/" + packageId + "/delivery-runs",
            "{\"overlays\":[],\"targets\":[],\"changedOnly\":false}");
    page.waitForCondition(
        () ->
            !get("/api/delivery-runs/" + run.path("id").asLong())
                .path("state")
                .asString()
                .equals("RUNNING"));
    StringBuilder cues = new StringBuilder();
    for (int i = 0; i <= MOVES.size(); i++) {
      String move = i < MOVES.size() ? MOVES.get(i) : MOVES.getFirst();
      cues.append(i == 0 ? "" : ",")
          .append(
              "{\"id\":%d,\"still\":{\"overlay\":%d,\"row\":0,\"target\":\"As designed\"},\"from\":%d,\"length\":%d,\"lane\":1,\"coming\":%s,\"going\":%s,\"scroll\":%d,\"fit\":\"OWN\"}"
                  .formatted(
                      i + 1,
                      overlay,
                      i * 50,
                      i < MOVES.size() ? 40 : 200,
                      move,
                      move,
                      i < MOVES.size() ? 0 : 200));
    }
    post(
        "/api/packages/" + packageId + "/cue-lists",
        """
        {"name":"Moves","clip":{"name":"","width":1280,"height":720,
         "base":{"rate":{"pictures":25,"seconds":1},"dropFrame":false},"start":0,"length":600},
         "readingSpeed":15,"markers":[],"cues":[%s]}
        """
            .formatted(cues));
    page.navigate(browser.address() + "/overlays/" + overlay + "/proof");
    tab("Screening");
    choose("What is screened", "Moves");
    assertThat(page.locator("canvas[aria-busy=false]")).isVisible();
    for (int move = 0; move <= MOVES.size(); move++) {
      for (int at : move < MOVES.size() ? new int[] {2, 6, 20, 33} : new int[] {20, 60, 120}) {
        // Coming and going are the same backwards.
        int reckoned = at == 33 ? 6 : at;
        Edges edges = expected(move, reckoned).seen();
        labelled("Moment").fill(String.valueOf(move * 50 + at));
        String where = "move " + move + " at " + at;
        if (edges.left() >= edges.right() || edges.top() >= edges.bottom()) {
          continue;
        }
        boolean faded = (move == 1 || move == 6) && at != 20;
        List<?> seen = lamp(faded ? 60 : 200);
        assertEquals(4, seen.size(), where);
        assertEquals(edges.left(), number(seen.get(0)), 1, where + " left");
        assertEquals(edges.top(), number(seen.get(1)), 1, where + " top");
        assertEquals(edges.right(), number(seen.get(2)), 1, where + " right");
        assertEquals(edges.bottom(), number(seen.get(3)), 1, where + " bottom");
        if (move == 1 && at < 9) {
          assertEquals(0xf0 * (at + 1) / 10.0, number(lampRed()), 3, where);
        }
      }
    }
    // Nothing between two cues.
    labelled("Moment").fill("45");
    assertEquals(0, lamp(60).size());
  }

  private static double number(Object value) {
    return ((Number) value).doubleValue();
  }

  private Object lampRed() {
    return page.evaluate(
        "document.querySelector('canvas').getContext('2d').getImageData(500, 400, 1, 1).data[0]");
  }

  /** The edges of what is lamp-coloured on the canvas; nothing if there is none. */
  private List<?> lamp(int least) {
    return (List<?>)
        page.evaluate(
            """
            (least) => {
              const canvas = document.querySelector("canvas");
              const { data, width, height } =
                canvas.getContext("2d").getImageData(0, 0, canvas.width, canvas.height);
              let left = width, top = height, right = -1, bottom = -1;
              for (let i = 0; i < data.length; i += 4) {
                if (data[i] < least * 0.5 || data[i + 2] > data[i] * 0.5) continue;
                const x = (i / 4) % width, y = Math.floor(i / 4 / width);
                left = Math.min(left, x); right = Math.max(right, x + 1);
                top = Math.min(top, y); bottom = Math.max(bottom, y + 1);
              }
              return right < 0 ? [] : [left, top, right, bottom];
            }""",
            least);
  }
}
