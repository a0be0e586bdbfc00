package app.diaphan.bench;

import app.diaphan.server.json.DocumentJson;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Runs the benchmarks, prints them as a table and writes bench/target/report.json. */
public final class Bench {
  /** A group of lines that share their preparation. */
  @FunctionalInterface
  interface Group {
    List<Line> run(Demo demo) throws Exception;
  }

  private static final int ROUNDS = 10;

  private Bench() {}

  /**
   * @param arguments nothing, or "--only" and a prefix such as "engine/", with "--rounds" and a
   *     number after "trust/soak", or "--compare" and two pictures: a clip's, and the same with the
   *     demo's lower third over it by another program
   */
  public static void main(String[] arguments) throws Exception {
    Path root = Path.of(System.getProperty("diaphan.root", "."));
    String only = arguments.length >= 2 && arguments[0].equals("--only") ? arguments[1] : "";
    Demo demo = Demo.read(root);
    if (arguments.length == 3 && arguments[0].equals("--compare")) {
      Line line = OverClip.compare(demo, Path.of(arguments[1]), Path.of(arguments[2]));
      System.out.println(line);
      System.exit(line.holds() ? 0 : 1);
    }
    if (arguments.length == 3 && arguments[0].equals("--compare-video")) {
      List<Line> compared = OverClip.compareVideo(Path.of(arguments[1]), Path.of(arguments[2]));
      compared.forEach(System.out::println);
      System.exit(compared.stream().allMatch(Line::holds) ? 0 : 1);
    }
    Map<String, Group> groups = new LinkedHashMap<>();
    groups.put("engine/", EngineBench::run);
    groups.put("finish/", FinishBench::run);
    groups.put("cutout/", ignored -> CutOutBench.run());
    groups.put("deliver/", DeliverBench::run);
    groups.put("deliver/package", PackageBench::run);
    groups.put("editor/", EditorBench::run);
    groups.put("hand/", ignored -> HandBench.run());
    groups.put("roster/", ignored -> RosterBench.run());
    groups.put("roster/screen", RosterScreenBench::run);
    groups.put("photographs/", ignored -> PhotographBench.run());
    groups.put("cues/", CuesBench::run);
    groups.put("house/", HouseBench::run);
    groups.put("fonts/", FontBench::run);
    groups.put("truth/retargeted", RetargetBench::run);
    groups.put("truth/finishes", FinishTruthBench::run);
    groups.put("truth/cut-outs", LogoBench::run);
    groups.put("truth/vectors", ignored -> VectorBench.run());
    groups.put("truth/pictures", PictureBench::run);
    groups.put("trust/start", StartBench::run);
    groups.put("trust/memory", MemoryBench::run);
    groups.put("trust/soak", ignored -> Soak.run(demo, rounds(arguments)));
    List<Line> lines = new ArrayList<>();
    for (var group : groups.entrySet()) {
      if (group.getKey().startsWith(only) || only.startsWith(group.getKey())) {
        for (Line line : measured(group.getValue(), demo)) {
          if (line.name().startsWith(only)) {
            System.out.println(line);
            lines.add(line);
          }
        }
      }
    }
    write(root.resolve("bench/target/report.json"), lines);
    System.exit(lines.stream().allMatch(Line::holds) ? 0 : 1);
  }

  /** A server that was started in this process keeps to its log what nobody catches. */
  private static List<Line> measured(Group group, Demo demo) {
    try {
      return group.run(demo);
    } catch (Exception e) {
      e.printStackTrace();
      System.exit(2);
      return List.of();
    }
  }

  /** Of the campaign against the server. */
  private static int rounds(String[] arguments) {
    return arguments.length == 4 && arguments[2].equals("--rounds")
        ? Integer.parseInt(arguments[3])
        : ROUNDS;
  }

  private static void write(Path report, List<Line> lines) throws IOException {
    Files.createDirectories(report.getParent());
    Files.writeString(report, DocumentJson.writeReadable(lines));
  }
}
