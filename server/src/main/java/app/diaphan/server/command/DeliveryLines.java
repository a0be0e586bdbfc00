package app.diaphan.server.command;

import app.diaphan.core.deliver.Delivered;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.report.ReportPage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Tells what was delivered, a line of JSON a file, and what was not, a sentence each. */
final class DeliveryLines {
  private final boolean reported;
  private final List<ReportPage.Entry> entries = new ArrayList<>();
  private int problems;

  /**
   * @param reported whether a report will want to know of every file
   */
  DeliveryLines(boolean reported) {
    this.reported = reported;
  }

  void tell(Outcome outcome) {
    outcome
        .problem()
        .ifPresent(
            problem -> {
              System.err.println(problem);
              problems++;
            });
    for (Delivered delivered : outcome.delivered()) {
      System.out.println(DocumentJson.write(line(outcome, delivered)));
      if (reported) {
        entries.add(
            new ReportPage.Entry(
                outcome.said().get("overlay").toString(),
                1,
                outcome.said().get("target").toString(),
                delivered.target(),
                delivered.file(),
                delivered.inWords(),
                delivered.report()));
      }
    }
  }

  private static Map<String, Object> line(Outcome outcome, Delivered delivered) {
    Map<String, Object> line = new LinkedHashMap<>();
    for (String said : List.of("overlay", "target", "row", "key")) {
      if (outcome.said().containsKey(said)) {
        line.put(said, outcome.said().get(said));
      }
    }
    line.put("file", delivered.file().toString());
    line.put("inWords", delivered.inWords());
    line.put("left", delivered.left());
    line.put("top", delivered.top());
    line.put("report", delivered.report());
    line.put("troubles", delivered.troubles());
    return line;
  }

  /** What was told, for a report. */
  List<ReportPage.Entry> entries() {
    return List.copyOf(entries);
  }

  int problems() {
    return problems;
  }
}
