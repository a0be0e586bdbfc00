package app.diaphan.bench;

import app.diaphan.core.cue.Cue;
import app.diaphan.core.cue.CueClip;
import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.Dealing;
import app.diaphan.core.cue.Fit;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.check.CueChecks;
import app.diaphan.core.cue.move.Move;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameRate;
import app.diaphan.core.overlay.reframe.OverlayCopy;
import app.diaphan.core.roster.Roster;
import app.diaphan.core.roster.Row;
import app.diaphan.core.roster.table.Table;
import app.diaphan.core.roster.table.TableReader;
import app.diaphan.server.cue.CueListEntity;
import app.diaphan.server.cue.CueListStore;
import app.diaphan.server.cue.CueStills;
import app.diaphan.server.cue.CueWork;
import app.diaphan.server.deliver.DeliveryService;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.roster.RosterStore;
import app.diaphan.server.store.DeliveryRun;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A list of 200 cues in the browser, and the demo's lower third over a clip beside what ffmpeg
 * makes of the handed-over edit list, where it is installed.
 */
final class CuesBench {
  private static final int CUES = 200;
  private static final int EVERY = 50;
  private static final int SECONDS = 20;
  private static final TimeBase BASE = TimeBase.of(new FrameRate(25, 1));
  private static final Move FADE = new Move.Fade(12);
  private static final Pattern OFF =
      Pattern.compile("\"picture\": (\\d+), \"off\": ([\\d.]+), \"right\": (true|false)");

  private final Screen screen;
  private final Path root;

  private CuesBench(Screen screen, Path root) {
    this.screen = screen;
    this.root = root;
  }

  static List<Line> run(Demo demo) throws Exception {
    try (Screen screen = Screen.of(demo)) {
      return new CuesBench(screen, demo.root()).lines();
    }
  }

  private List<Line> lines() throws Exception {
    List<Line> lines = new ArrayList<>();
    CueListEntity many = many();
    lines.add(kept(many));
    lines.add(handedOver(many));
    lines.add(played(many));
    lines.addAll(besideFfmpeg());
    return lines;
  }

  private static CueList list(String name, int width, int height, String clip, List<Cue> cues) {
    int end = Math.toIntExact(cues.getLast().end());
    return new CueList(
        name, new CueClip(clip, width, height, BASE, 0, Math.max(150, end)), 15, List.of(), cues);
  }

  private CueListEntity many() throws Exception {
    Path folder = Files.createTempDirectory("diaphan-cues");
    Path file = RosterBench.table(folder, CUES);
    Table table =
        TableReader.read(
            file.getFileName().toString(), Files.readAllBytes(file), TableReader.Choices.NONE);
    RosterStore rosters = screen.bean(RosterStore.class);
    Roster skippers = rosters.of(1L).getFirst().roster();
    RosterEntity roster =
        rosters.add(
            1L,
            new Roster("Many", table.columns(), table.columns().getFirst(), "", skippers.designs()),
            table.rows().stream().map(Row::of).toList());
    CueStills stills = screen.bean(CueStills.class);
    CueStills.Series series =
        stills.series(1L).stream()
            .filter(one -> one.roster() == roster.id())
            .filter(one -> one.overlayName().equals("Skipper plate"))
            .filter(one -> one.target().equals("720 lines"))
            .findFirst()
            .orElseThrow();
    List<Cue> cues = new ArrayList<>();
    for (Dealing.Card card : stills.cards(series.overlay(), series.roster(), series.target())) {
      int id = cues.size() + 1;
      cues.add(
          new Cue(
              id, card.still(), (long) cues.size() * EVERY, EVERY - 2, 1, FADE, FADE, 0, Fit.OWN));
    }
    CueListEntity saved =
        screen.bean(CueListStore.class).add(1L, list("Many", 1280, 720, "quay-at-dusk", cues));
    deliver(saved);
    return saved;
  }

  private void deliver(CueListEntity list) throws InterruptedException {
    DeliveryService deliveries = screen.bean(DeliveryService.class);
    for (Long run : screen.bean(CueWork.class).deliver(1L, list.list())) {
      while (deliveries.runStatus(run).state() == DeliveryRun.State.RUNNING) {
        Thread.sleep(50);
      }
    }
  }

  /** What the designer waits for after a bar was let go of: kept, looked through and checked. */
  private Line kept(CueListEntity list) throws IOException, InterruptedException {
    CueListStore store = screen.bean(CueListStore.class);
    CueStills stills = screen.bean(CueStills.class);
    double[] times = new double[15];
    int revision = list.revision();
    CueList content = list.list();
    for (int i = 0; i < times.length; i++) {
      List<Cue> cues = new ArrayList<>(content.cues());
      cues.set(i, cues.get(i).lasting(EVERY - 3));
      content = content.withCues(cues);
      long began = System.nanoTime();
      revision = store.keep(list.id(), revision, content).revision();
      Map<StillId, CueStills.Known> known = stills.of(1L, content);
      CueChecks.of(content, id -> known.get(id).still());
      times[i] = (System.nanoTime() - began) / 1e6;
    }
    return Line.atMost(
        "cues/a change among " + CUES + " cues, kept and checked, median",
        Clock.percentile(times, 0.5),
        "ms",
        300);
  }

  private Line handedOver(CueListEntity list) throws IOException {
    Path folder = Files.createTempDirectory("diaphan-hand-over");
    long began = System.nanoTime();
    screen.bean(CueWork.class).handOver(1L, list.list(), folder.toString());
    return Line.atMost(
        "cues/" + CUES + " stills handed over, time lines read back",
        (System.nanoTime() - began) / 1e9,
        "s",
        60);
  }

  private Page screening(long overlay, String list) {
    Page page = screen.page();
    page.navigate("http://127.0.0.1:" + screen.port() + "/overlays/" + overlay + "/proof");
    page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Screening")).click();
    page.waitForTimeout(1500);
    if (page.getByLabel("What is screened").count() > 0) {
      page.getByLabel("What is screened").selectOption(new SelectOption().setLabel(list));
    } else {
      page.getByText("Open " + list).click();
    }
    page.locator("canvas[aria-busy=false]").waitFor();
    page.waitForTimeout(2000);
    return page;
  }

  private Line played(CueListEntity list) {
    long overlay = list.list().cues().getFirst().still().overlay();
    Page page = screening(overlay, "Many");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Play").setExact(true))
        .click();
    page.waitForTimeout(2000);
    double pictures =
        ((Number)
                page.evaluate(
                    """
                    (seconds) => new Promise((done) => {
                      const time = document.querySelector("[data-testid=screening-time]");
                      const began = performance.now();
                      let shown = "", count = -1;
                      const look = () => {
                        if (time.textContent !== shown) { shown = time.textContent; count++; }
                        const now = performance.now() - began;
                        if (now >= seconds * 1000) done(count / (now / 1000));
                        else requestAnimationFrame(look);
                      };
                      look();
                    })""",
                    SECONDS))
            .doubleValue();
    page.close();
    return Line.atLeast(
        "cues/" + CUES + " cues played at 1280 × 720, pictures a second over " + SECONDS + " s",
        pictures,
        "/s",
        24.9);
  }

  private List<Line> besideFfmpeg() throws Exception {
    if (!installed("ffmpeg") || !installed("python3")) {
      System.err.println("ffmpeg or python3 is not installed; nothing is compared with them.");
      return List.of();
    }
    PackageStore packages = screen.bean(PackageStore.class);
    OverlayEntity plate =
        packages.overlaysOf(1L).stream()
            .filter(one -> one.name().equals("Skipper lower third"))
            .findFirst()
            .orElseThrow();
    // As large as the clip, so that neither has to scale.
    long small =
        packages.copy(plate.id(), Frame.of(960, 540), OverlayCopy.Lengths.FOLLOW_FRAME).id();
    StillId still = new StillId(small, 0, "As designed");
    List<Cue> cues =
        List.of(
            new Cue(1, still, 10, 40, 1, FADE, FADE, 0, Fit.OWN),
            new Cue(2, still, 60, 25, 1, Move.CUT, new Move.Fade(7), 0, Fit.OWN),
            new Cue(3, still, 100, 30, 1, new Move.Fade(5), Move.CUT, 0, Fit.OWN));
    CueListEntity list =
        screen.bean(CueListStore.class).add(1L, list("Beside", 960, 540, "quay-at-dusk", cues));
    deliver(list);
    Path folder = Files.createTempDirectory("diaphan-beside");
    screen.bean(CueWork.class).handOver(1L, list.list(), folder.toString());
    TreeSet<Long> wanted = new TreeSet<>();
    for (Cue cue : cues) {
      for (long by :
          new long[] {
            -1, 0, 3, cue.length() / 2, cue.length() - 3, cue.length() - 1, cue.length()
          }) {
        wanted.add(cue.from() + by);
      }
    }
    Path frames = Files.createDirectories(folder.resolve("frames"));
    Page page = screening(small, "Beside");
    for (long picture : wanted) {
      page.getByLabel("Moment", new Page.GetByLabelOptions().setExact(true))
          .fill(String.valueOf(picture));
      page.waitForTimeout(400);
      String png =
          (String) page.evaluate("document.querySelector('canvas').toDataURL('image/png')");
      Files.write(
          frames.resolve(picture + ".png"),
          Base64.getDecoder().decode(png.substring(png.indexOf(',') + 1)));
    }
    page.close();
    Process compared =
        new ProcessBuilder(
                "python3",
                root.resolve("bench/screen-cues.py").toString(),
                folder.resolve("beside").toString(),
                root.resolve("demo/lantern-reach-regatta/backdrops/quay-at-dusk/clip.webm")
                    .toString(),
                frames.toString())
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    double worst = 0;
    int wrong = 0;
    int seen = 0;
    try (BufferedReader lines = compared.inputReader()) {
      for (String line; (line = lines.readLine()) != null; ) {
        Matcher off = OFF.matcher(line);
        if (off.find()) {
          seen++;
          worst = Math.max(worst, Double.parseDouble(off.group(2)));
          wrong += off.group(3).equals("true") ? 0 : 1;
          System.err.println(line);
        }
      }
    }
    if (!compared.waitFor(5, TimeUnit.MINUTES) || seen != wanted.size()) {
      throw new IllegalStateException("ffmpeg compared " + seen + " of " + wanted.size());
    }
    return List.of(
        Line.atMost(
            "cues/the edit list through ffmpeg, worst picture of " + seen + ", in the mean",
            worst,
            "/255",
            3),
        Line.atMost("cues/the edit list through ffmpeg, pictures at another time", wrong, "", 0));
  }

  private static boolean installed(String program) throws InterruptedException {
    try {
      return new ProcessBuilder(program, program.equals("ffmpeg") ? "-version" : "--version")
              .redirectOutput(ProcessBuilder.Redirect.DISCARD)
              .redirectError(ProcessBuilder.Redirect.DISCARD)
              .start()
              .waitFor()
          == 0;
    } catch (IOException e) {
      return false;
    }
  }
}
