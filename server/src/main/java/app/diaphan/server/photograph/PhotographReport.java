package app.diaphan.server.photograph;

import app.diaphan.core.Sentence;
import app.diaphan.core.photograph.Hung;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.springframework.web.util.HtmlUtils;

/** What became of the photographs, as one page to be printed. */
public final class PhotographReport {
  private PhotographReport() {}

  /** One line of it. */
  public record Line(String photograph, MarkOutcome outcome) {}

  public static String page(String packageName, ZonedDateTime when, List<Line> lines) {
    StringBuilder page = new StringBuilder();
    page.append(
        Sentence.of(
            """
        <!doctype html>
        <html lang="en"><head><meta charset="utf-8"><title>%1$s: marked photographs</title>
        <style>
        body { font: 14px/1.45 system-ui, sans-serif; color: #1c1b19; margin: 2rem auto; max-width: 60rem; padding: 0 1rem; }
        h1 { font-size: 1.5rem; margin: 0; } .when { color: #5d5a54; margin: .25rem 0 1.5rem; }
        table { border-collapse: collapse; width: 100%%; } th { text-align: left; color: #5d5a54; font-weight: 500; }
        td, th { border-top: 1px solid #cfcbc2; padding: .3rem .9rem .3rem 0; vertical-align: top; overflow-wrap: anywhere; }
        @media print { body { margin: 0; } }
        </style></head><body>
        <h1>%1$s</h1><p class="when">%2$s, %3$s</p>
        <table><tr><th>Photograph</th><th>Marked as</th><th>Corner</th><th>Dress</th><th>Stands out by</th><th></th></tr>
        """,
            HtmlUtils.htmlEscape(packageName),
            lines.size() == 1 ? "One photograph" : lines.size() + " photographs",
            when.format(DateTimeFormatter.ofPattern("d MMMM uuuu, HH:mm", Locale.ENGLISH))));
    lines.forEach(line -> page.append(row(line)));
    return page.append("</table></body></html>\n").toString();
  }

  private static String row(Line line) {
    StringBuilder row = new StringBuilder("<tr>");
    cell(row, line.photograph());
    MarkOutcome outcome = line.outcome();
    cell(row, outcome.done() ? Path.of(outcome.file()).getFileName().toString() : "—");
    cell(row, outcome.hung().map(hung -> words(hung.pin())).orElse(""));
    cell(row, outcome.hung().map(hung -> words(hung.dress())).orElse(""));
    cell(row, outcome.hung().map(PhotographReport::contrast).orElse(""));
    cell(row, outcome.done() ? String.join(" ", outcome.notes()) : outcome.problem());
    return row.append("</tr>\n").toString();
  }

  private static String contrast(Hung hung) {
    return Sentence.of(
        "%.1f : 1%s", Math.floor(10 * hung.contrast()) / 10, hung.legible() ? "" : ", too little");
  }

  private static String words(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  private static void cell(StringBuilder row, String words) {
    row.append("<td>").append(HtmlUtils.htmlEscape(words)).append("</td>");
  }
}
