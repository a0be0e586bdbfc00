package app.diaphan.server.report;

import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.FileReport;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.picture.PackedPng;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.web.util.HtmlUtils;

/** A delivery as one page that stands by itself, to be printed or handed to the client. */
public final class ReportPage {
  private static final int PICTURE_WIDTH = 320;

  private ReportPage() {}

  /**
   * @param target its name
   * @param sentence what was written, or why not
   */
  public record Entry(
      String overlay,
      int revision,
      String target,
      Target how,
      Path file,
      String sentence,
      FileReport report) {}

  public static String of(String packageName, ZonedDateTime when, List<Entry> entries) {
    StringBuilder page = new StringBuilder();
    page.append(
        Sentence.of(
            """
        <!doctype html>
        <html lang="en"><head><meta charset="utf-8"><title>%1$s: delivered files</title>
        <style>
        body { font: 14px/1.45 system-ui, sans-serif; color: #1c1b19; margin: 2rem auto; max-width: 60rem; padding: 0 1rem; }
        h1 { font-size: 1.5rem; margin: 0; } h2 { font-size: 1.05rem; margin: 0 0 .25rem; overflow-wrap: anywhere; }
        .when { color: #5d5a54; margin: .25rem 0 1.5rem; }
        article { display: grid; grid-template-columns: %2$dpx 1fr; gap: 1.25rem; padding: 1rem 0; border-top: 1px solid #cfcbc2; break-inside: avoid; }
        img { width: %2$dpx; display: block; background: #808080; }
        dl { display: grid; grid-template-columns: max-content 1fr; gap: .1rem .9rem; margin: .5rem 0 0; font-size: 12.5px; }
        dt { color: #5d5a54; } dd { margin: 0; overflow-wrap: anywhere; } p { margin: .15rem 0; }
        @media print { body { margin: 0; } }
        </style></head><body>
        <h1>%1$s</h1><p class="when">%3$s, %4$s</p>
        """,
            escaped(packageName),
            PICTURE_WIDTH,
            entries.size() == 1 ? "One file" : entries.size() + " files",
            when.format(DateTimeFormatter.ofPattern("d MMMM uuuu, HH:mm", Locale.ENGLISH))));
    entries.forEach(entry -> page.append(article(entry)));
    return page.append("</body></html>\n").toString();
  }

  private static String article(Entry entry) {
    FileReport report = entry.report();
    StringBuilder facts = new StringBuilder();
    fact(facts, "Overlay", Sentence.of("%s, revision %d", entry.overlay(), entry.revision()));
    fact(
        facts,
        "Target",
        Sentence.of("%s, for a frame of %s", entry.target(), entry.how().frame().sizeInWords()));
    fact(
        facts,
        "Drawn",
        report.drawn() == null
            ? "nothing"
            : Sentence.of(
                "%d × %d px, from %d right, %d down",
                report.drawn().width(),
                report.drawn().height(),
                report.drawn().left(),
                report.drawn().top()));
    if (!report.edgesInWords().isEmpty()) {
      fact(facts, "Edges", report.edgesInWords());
    }
    fact(facts, "Length", Sentence.of("%,d bytes", report.bytes()));
    fact(facts, "SHA-256", report.sha256());
    for (Map.Entry<String, String> tag : report.tags().entrySet()) {
      fact(facts, tag.getKey(), tag.getValue());
    }
    return Sentence.of(
        """
        <article><div><img alt="%s over mid-grey" src="%s"></div><div><h2>%s</h2><p>%s.</p><dl>%s</dl></div></article>
        """,
        escaped(entry.overlay()),
        picture(entry.file()),
        escaped(entry.file().getFileName().toString()),
        escaped(entry.sentence()),
        facts);
  }

  private static void fact(StringBuilder to, String name, String value) {
    to.append("<dt>")
        .append(escaped(name))
        .append("</dt><dd>")
        .append(escaped(value))
        .append("</dd>");
  }

  private static String escaped(String text) {
    return HtmlUtils.htmlEscape(text);
  }

  /** The file itself, made small over mid-grey; an empty picture if it is no longer there. */
  private static String picture(Path file) {
    try (ImageInputStream input = ImageIO.createImageInputStream(file.toFile())) {
      ImageReader reader = ImageIO.getImageReaders(input).next();
      try {
        reader.setInput(input);
        ImageReadParam how = reader.getDefaultReadParam();
        int step = Math.max(1, reader.getWidth(0) / (2 * PICTURE_WIDTH));
        how.setSourceSubsampling(step, step, 0, 0);
        return "data:image/png;base64,"
            + Base64.getEncoder().encodeToString(small(reader.read(0, how)));
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      return "data:,";
    }
  }

  private static byte[] small(BufferedImage image) {
    int height =
        Math.max(1, Math.round((float) image.getHeight() * PICTURE_WIDTH / image.getWidth()));
    BufferedImage small = new BufferedImage(PICTURE_WIDTH, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = small.createGraphics();
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.setColor(Color.GRAY);
    g.fillRect(0, 0, PICTURE_WIDTH, height);
    g.drawImage(image, 0, 0, PICTURE_WIDTH, height, null);
    g.dispose();
    return PackedPng.of(small);
  }
}
