package app.diaphan.server.report;

import app.diaphan.core.deliver.FileReport;
import app.diaphan.core.deliver.Target;
import app.diaphan.server.json.DocumentJson;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;

/** A delivery for other programs: what {@link ReportPage} says, as data. */
public final class ReportJson {
  private ReportJson() {}

  /**
   * @param delivered when, as ISO 8601 writes it
   */
  private record Told(String packageName, String delivered, List<FileTold> files) {}

  private record FileTold(
      String overlay,
      int revision,
      String target,
      String file,
      Target how,
      String sentence,
      FileReport report) {}

  public static String of(String packageName, ZonedDateTime when, List<ReportPage.Entry> entries) {
    return DocumentJson.writeReadable(
        new Told(
            packageName,
            when.format(DateTimeFormatter.ISO_OFFSET_DATE_TIME),
            entries.stream().map(ReportJson::told).toList()));
  }

  private static FileTold told(ReportPage.Entry entry) {
    return new FileTold(
        entry.overlay(),
        entry.revision(),
        entry.target(),
        entry.file().getFileName().toString(),
        entry.how(),
        entry.sentence(),
        entry.report());
  }
}
