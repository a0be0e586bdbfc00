package app.diaphan.bench;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.FileInspector;
import app.diaphan.server.json.DocumentJson;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/**
 * A campaign against the real server at a small heap: designers who save, draw, check, deliver and
 * take pictures in, hostile files among them, while the process is killed at random moments. After
 * each start everything that was answered for is looked for.
 */
final class Soak {
  private static final String HEAP = "512m";
  private static final int DESIGNERS = 4;
  private static final int REQUESTS_A_ROUND = 104;
  private static final double SLOW_MS = 10_000;
  private static final Pattern NUMBER = Pattern.compile("\"(?:id|revision)\":(\\d+)");

  /** A detail that ends as sentences do; quotes in it are escaped. */
  private static final Pattern SENTENCE =
      Pattern.compile("\"detail\":\"(?:[^\"\\\\]|\\\\.)+[.?]\"");

  private static final Pattern WORDS = Pattern.compile("\"words\":\"(\\d+)\"");

  private final Path root;
  private final Path data;
  private final String overlay;
  private final Random chance;

  private final AtomicInteger requests = new AtomicInteger();
  private final AtomicInteger lost = new AtomicInteger();
  private final AtomicInteger half = new AtomicInteger();
  private final AtomicInteger broken = new AtomicInteger();
  private final AtomicInteger silent = new AtomicInteger();
  private final AtomicInteger slow = new AtomicInteger();
  private final AtomicInteger wordless = new AtomicInteger();
  private int saves;
  private int pictures;

  /** What the server has answered for: what an overlay says and its revision, by its id. */
  private final Map<Long, Saved> saved = new ConcurrentHashMap<>();

  /** Digests of pictures that were taken in, by package. */
  private final Map<String, String> taken = new ConcurrentHashMap<>();

  /**
   * @param sure the revision that was answered for
   * @param words what it says; what was sent but not answered says one more
   */
  private record Saved(int sure, int words) {}

  private Soak(Demo demo, Path data, long seed) {
    root = demo.root();
    this.data = data;
    overlay = DocumentJson.write(demo.lowerThird());
    chance = new Random(seed);
  }

  /** Runs so many rounds, each ending with a kill, and says what came of them. */
  static List<Line> run(Demo demo, int rounds) throws Exception {
    Path data = Files.createTempDirectory("diaphan-soak");
    Soak soak = new Soak(demo, data, 20261128);
    long packageId;
    try (ServerProcess server = ServerProcess.start(demo.root(), data, HEAP)) {
      packageId = soak.begin(server);
    }
    for (int round = 1; round <= rounds; round++) {
      soak.round(packageId, round);
    }
    try (ServerProcess server = ServerProcess.start(demo.root(), data, HEAP)) {
      soak.readBack(server, packageId);
    }
    return soak.lines(rounds);
  }

  private List<Line> lines(int rounds) {
    String told =
        " in %d rounds and %d requests (%d saves, %d pictures)"
            .formatted(rounds, requests.get(), saves, pictures);
    return List.of(
        Line.atMost("trust/soak: lost" + told, lost.get(), "", 0),
        Line.atMost("trust/soak: half files", half.get(), "", 0),
        Line.atMost("trust/soak: answers 5xx", broken.get(), "", 0),
        Line.atMost("trust/soak: no answer while alive", silent.get(), "", 0),
        Line.atMost("trust/soak: answers over 10 s", slow.get(), "", 0),
        Line.atMost("trust/soak: refusals without a sentence", wordless.get(), "", 0));
  }

  private long begin(ServerProcess server) {
    long packageId = number(server.ask("POST", "/api/packages", "{\"name\":\"Soak\"}"));
    for (int i = 0; i < DESIGNERS; i++) {
      ServerProcess.Answer added =
          server.ask("POST", "/api/packages/" + packageId + "/overlays", saying(0, i));
      saved.put(number(added), new Saved(1, 0));
    }
    return packageId;
  }

  /** The demo's lower third with a number for its words. */
  private String saying(int number, int designer) {
    return overlay
        .replaceFirst("\"words\":\"[^\"]*\"", "\"words\":\"" + number + "\"")
        .replaceFirst("\"name\":\"[^\"]*\"", "\"name\":\"Overlay " + designer + "\"");
  }

  private void round(long packageId, int round) throws Exception {
    ServerProcess server = ServerProcess.start(root, data, HEAP);
    readBack(server, packageId);
    int until = REQUESTS_A_ROUND / 2 + chance.nextInt(REQUESTS_A_ROUND);
    AtomicInteger made = new AtomicInteger();
    CountDownLatch enough = new CountDownLatch(1);
    List<Long> ids = new ArrayList<>(saved.keySet());
    try (ExecutorService designers = Executors.newFixedThreadPool(DESIGNERS)) {
      List<Future<?>> atWork = new ArrayList<>();
      for (int i = 0; i < DESIGNERS; i++) {
        long own = ids.get(i);
        int designer = i;
        Random random = new Random(chance.nextLong());
        atWork.add(
            designers.submit(
                () -> {
                  while (enough.getCount() > 0) {
                    oneThing(server, packageId, own, designer, random);
                    if (made.incrementAndGet() >= until) {
                      enough.countDown();
                    }
                  }
                }));
      }
      enough.await();
      Thread.sleep(chance.nextInt(120));
      server.kill();
      for (Future<?> one : atWork) {
        one.get();
      }
    }
    System.err.printf(
        "round %d: %d requests, %d lost, %d 5xx%n",
        round, requests.get(), lost.get(), broken.get());
  }

  private void oneThing(
      ServerProcess server, long packageId, long id, int designer, Random random) {
    String inPackage = "/api/packages/" + packageId;
    switch (random.nextInt(10)) {
      case 0, 1, 2, 3 -> save(server, id, designer);
      case 4 -> picture(server, inPackage, random);
      case 5 ->
          counted(
              server,
              server.ask(
                  "POST",
                  inPackage + "/drawings",
                  "{\"overlay\":%s,\"scale\":0.5,\"editing\":\"\",\"row\":0}"
                      .formatted(saying(random.nextInt(1000), designer))));
      case 6 ->
          counted(
              server,
              server.ask(
                  "POST",
                  inPackage + "/checks",
                  "{\"overlay\":%s}".formatted(saying(random.nextInt(1000), designer))));
      case 7 ->
          counted(
              server,
              server.ask(
                  "POST",
                  inPackage + "/delivery-runs",
                  "{\"overlays\":[%d],\"targets\":[],\"changedOnly\":false}".formatted(id)));
      case 8 -> hostile(server, inPackage, random);
      default -> counted(server, server.get(inPackage + "/bundle.zip"));
    }
  }

  private void save(ServerProcess server, long id, int designer) {
    Saved before = saved.get(id);
    int words = before.words() + 1;
    ServerProcess.Answer answer =
        counted(
            server,
            server.ask(
                "PUT",
                "/api/overlays/" + id,
                "{\"basedOn\":%d,\"overlay\":%s}"
                    .formatted(before.sure(), saying(words, designer))));
    if (answer.good()) {
      Matcher revision = Pattern.compile("\"revision\":(\\d+)").matcher(answer.text());
      if (revision.find()) {
        saved.put(id, new Saved(Integer.parseInt(revision.group(1)), words));
        synchronized (this) {
          saves++;
        }
      }
    }
  }

  private void picture(ServerProcess server, String inPackage, Random random) {
    byte[] png = png(random.nextInt());
    String name = "picture-" + random.nextInt(1 << 20) + ".png";
    ServerProcess.Answer answer =
        counted(server, server.upload(inPackage + "/pictures", name, png));
    if (answer.good()) {
      taken.put(Digest.of(png), name);
      synchronized (this) {
        pictures++;
      }
    }
  }

  private void hostile(ServerProcess server, String inPackage, Random random) {
    byte[] png = png(random.nextInt());
    switch (random.nextInt(5)) {
      case 0 -> // Cut short.
          counted(
              server,
              server.upload(
                  inPackage + "/pictures",
                  "cut.png",
                  java.util.Arrays.copyOf(png, png.length / 2)));
      case 1 -> {
        png[20 + random.nextInt(png.length - 20)] ^= (byte) (1 << random.nextInt(8));
        ServerProcess.Answer answer =
            counted(server, server.upload(inPackage + "/pictures", "bent.png", png));
        if (answer.good()) {
          taken.put(Digest.of(png), "bent.png");
        }
      }
      case 2 ->
          counted(
              server,
              server.upload(
                  inPackage + "/pictures",
                  "deep.svg",
                  ("<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'>"
                          + "<g>".repeat(5000)
                          + "</g>".repeat(5000)
                          + "</svg>")
                      .getBytes(StandardCharsets.UTF_8)));
      case 3 -> counted(server, server.upload("/api/packages/bundle", "bundle.zip", png));
      default ->
          counted(
              server,
              server.ask(
                  "POST",
                  inPackage + "/overlays",
                  overlay.replaceFirst("\"size\":[0-9.]+", "\"size\":\"large\"")));
    }
  }

  /** Counts an answer; one that a killed server did not give is nobody's fault. */
  private ServerProcess.Answer counted(ServerProcess server, ServerProcess.Answer answer) {
    requests.incrementAndGet();
    if (answer.status() == 0) {
      if (answer.text().equals("silent") && server.alive()) {
        silent.incrementAndGet();
      }
      return answer;
    }
    if (answer.milliseconds() > SLOW_MS) {
      slow.incrementAndGet();
    }
    if (answer.status() >= 500) {
      broken.incrementAndGet();
      System.err.println("soak: " + answer.status() + " " + answer.text());
    }
    if (!answer.good() && !SENTENCE.matcher(answer.text()).find()) {
      wordless.incrementAndGet();
      System.err.println("soak: " + answer.status() + " " + answer.text());
    }
    return answer;
  }

  private void readBack(ServerProcess server, long packageId) throws IOException {
    for (Map.Entry<Long, Saved> one : saved.entrySet()) {
      ServerProcess.Answer there = counted(server, server.get("/api/overlays/" + one.getKey()));
      Matcher revision = Pattern.compile("\"revision\":(\\d+)").matcher(there.text());
      Matcher words = WORDS.matcher(there.text());
      Saved sure = one.getValue();
      if (!revision.find() || !words.find()) {
        lose("overlay " + one.getKey() + ": " + there.text());
        continue;
      }
      Saved found =
          new Saved(Integer.parseInt(revision.group(1)), Integer.parseInt(words.group(1)));
      Saved next = new Saved(sure.sure() + 1, sure.words() + 1); // Sent, perhaps never answered.
      if (!found.equals(sure) && !found.equals(next)) {
        lose("overlay " + one.getKey() + ": " + found + " instead of " + sure);
      }
      saved.put(one.getKey(), found);
    }
    String shelf = counted(server, server.get("/api/packages/" + packageId + "/pictures")).text();
    taken.forEach(
        (digest, name) -> {
          if (!shelf.contains(digest)) {
            lose("picture " + name);
          }
        });
    lookAtFiles();
  }

  private void lose(String what) {
    lost.incrementAndGet();
    System.err.println("soak: lost " + what);
  }

  private void lookAtFiles() throws IOException {
    Path deliveries = data.resolve("deliveries");
    if (!Files.isDirectory(deliveries)) {
      return;
    }
    try (Stream<Path> files = Files.walk(deliveries)) {
      for (Path file : files.filter(Files::isRegularFile).toList()) {
        try {
          FileInspector.inspect(file);
        } catch (InvalidInput | IOException e) {
          half.incrementAndGet();
          System.err.println("soak: half file " + file + ": " + e.getMessage());
        }
      }
    }
  }

  private static long number(ServerProcess.Answer answer) {
    Matcher number = NUMBER.matcher(answer.text());
    if (!number.find()) {
      throw new IllegalStateException(answer.status() + " " + answer.text());
    }
    return Long.parseLong(number.group(1));
  }

  private static byte[] png(int colour) {
    BufferedImage image = new BufferedImage(160, 90, BufferedImage.TYPE_INT_RGB);
    for (int i = 0; i < 160 * 90; i++) {
      image.setRGB(i % 160, i / 160, colour ^ i * 31);
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try {
      ImageIO.write(image, "png", out);
    } catch (IOException e) {
      throw new IllegalStateException(e); // Memory takes everything.
    }
    return out.toByteArray();
  }
}
