package app.diaphan.bench;

import app.diaphan.core.roster.table.Table;
import app.diaphan.core.roster.table.TableReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Rows of the demo's lower third by command, and a large table that is read. */
final class RosterBench {
  private static final int ROWS = 200;
  private static final int UHD_ROWS = 60;
  private static final int MANY_ROWS = 10_000;
  private static final int TABLE_ROWS = 10_000;
  private static final String[] CLUBS = {"osier-point", "greywick", "farrow-quay", "tern-holm"};

  /** Of the clubs, as in the demo's table. */
  private static final String[] COLOURS = {"#3f7d5a", "#8d99a6", "#c2553a", "#3a6ea5"};

  /** Some of them feed the demo's plate. */
  private static final String[] HEADINGS = {"name", "boat", "club", "note", "remark"};

  private RosterBench() {}

  static List<Line> run() throws IOException, InterruptedException {
    Path root = Path.of(System.getProperty("diaphan.root", "."));
    Path work = Files.createTempDirectory("diaphan-roster");
    List<Line> lines = new ArrayList<>();
    Path table = table(work, ROWS);
    double startup = seconds(root, work, table, "1920x1080", "2g", "--rows", "1-1");
    OptionalDouble plainBefore = PlainRows.aSecond(root, work);
    double all = seconds(root, work, table, "1920x1080", "2g");
    double first = (ROWS - 1) / (all - startup);
    lines.add(
        Line.atLeast(
            "roster/rows of 1080p, drawn to read back, the first " + ROWS, first, "a second", 25));
    double twice = seconds(root, work, table(work, 2 * ROWS), "1920x1080", "2g");
    OptionalDouble plainAfter = PlainRows.aSecond(root, work);
    double next = ROWS / (twice - all);
    lines.add(
        Line.atLeast(
            "roster/rows of 1080p, drawn to read back, the next " + ROWS, next, "a second", 25));
    if (plainBefore.isPresent() && plainAfter.isPresent()) {
      double plain = (plainBefore.getAsDouble() + plainAfter.getAsDouble()) / 2;
      System.err.printf("A plain imaging script made %.2f rows a second meanwhile.%n", plain);
    }
    double one = seconds(root, work, table, "3840x2160", "2g", "--rows", "1-1");
    double some = seconds(root, work, table, "3840x2160", "2g", "--rows", "1-" + UHD_ROWS);
    double more = seconds(root, work, table, "3840x2160", "2g", "--rows", "1-" + 2 * UHD_ROWS);
    lines.add(
        Line.atLeast(
            "roster/rows of 2160p, drawn to read back, the first " + UHD_ROWS,
            (UHD_ROWS - 1) / (some - one),
            "a second",
            8));
    lines.add(
        Line.atLeast(
            "roster/rows of 2160p, drawn to read back, the next " + UHD_ROWS,
            UHD_ROWS / (more - some),
            "a second",
            8));
    Path many = table(work, MANY_ROWS);
    lines.add(
        Line.atMost(
            "roster/" + MANY_ROWS + " rows of 320 × 180 at a heap of 512 MiB, rows not delivered",
            MANY_ROWS - files(root, work, many, "320x180", "512m"),
            "",
            0));
    byte[] workbook = workbook();
    long began = System.nanoTime();
    Table read = TableReader.read("many.xlsx", workbook, TableReader.Choices.NONE);
    lines.add(
        Line.atMost(
            "roster/XLSX of " + read.rows().size() + " rows, read once",
            (System.nanoTime() - began) / 1e9,
            "s",
            3));
    return lines;
  }

  static Path table(Path work, int rows) throws IOException {
    StringBuilder text = new StringBuilder("name,boat,club,pennant,colour\n");
    for (int i = 0; i < rows; i++) {
      String club = CLUBS[i % CLUBS.length];
      text.append("Skipper Number ")
          .append(i)
          .append(",Boat ")
          .append(i * 7919 % 1000)
          .append(",Club,")
          .append(club)
          .append(".svg,")
          .append(COLOURS[i % COLOURS.length])
          .append('\n');
    }
    return Files.writeString(work.resolve("skippers-" + rows + ".csv"), text);
  }

  private static double seconds(
      Path root, Path work, Path table, String frame, String heap, String... more)
      throws IOException, InterruptedException {
    long began = System.nanoTime();
    run(root, work.resolve("timed"), table, frame, heap, more);
    return (System.nanoTime() - began) / 1e9;
  }

  private static long files(Path root, Path work, Path table, String frame, String heap)
      throws IOException, InterruptedException {
    Path to = work.resolve("counted");
    run(root, to, table, frame, heap);
    try (var files = Files.list(to)) {
      return files.count();
    }
  }

  private static void run(Path root, Path to, Path table, String frame, String heap, String... more)
      throws IOException, InterruptedException {
    List<String> command =
        new ArrayList<>(
            List.of(
                root.resolve("diaphan").toString(),
                "deliver",
                root.resolve("demo/lantern-reach-regatta").toString(),
                "--overlay",
                "Skipper plate",
                "--roster",
                table.toString(),
                "--frame",
                frame,
                "--to",
                to.toString()));
    command.addAll(List.of(more));
    ProcessBuilder builder = new ProcessBuilder(command);
    builder.environment().put("DIAPHAN_JAVA_OPTIONS", "-Xmx" + heap);
    Process process =
        builder
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    if (!process.waitFor(15, TimeUnit.MINUTES) || process.exitValue() != 0) {
      throw new IOException("Rows were not delivered: " + command);
    }
  }

  /** A workbook as a spreadsheet would write it, cells in place. */
  static byte[] workbook() throws IOException {
    StringBuilder rows = new StringBuilder();
    for (int i = 0; i <= TABLE_ROWS; i++) {
      rows.append("<row r=\"").append(i + 1).append("\">");
      for (char column = 'A'; column < 'F'; column++) {
        rows.append("<c r=\"")
            .append(column)
            .append(i + 1)
            .append("\" t=\"inlineStr\"><is><t>")
            .append(i == 0 ? HEADINGS[column - 'A'] : "Cell " + column + " of " + i)
            .append("</t></is></c>");
      }
      rows.append("</row>");
    }
    String main = "http://schemas.openxmlformats.org/spreadsheetml/2006/main";
    String office = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
    String packages = "http://schemas.openxmlformats.org/package/2006/";
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      part(
          zip,
          "[Content_Types].xml",
          "<Types xmlns=\""
              + packages
              + "content-types\"><Default Extension=\"xml\" ContentType=\"application/xml\"/><Override PartName=\"/xl/workbook.xml\" ContentType=\"application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml\"/></Types>");
      part(
          zip,
          "_rels/.rels",
          "<Relationships xmlns=\""
              + packages
              + "relationships\"><Relationship Id=\"rId1\" Type=\""
              + office
              + "/officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>");
      part(
          zip,
          "xl/workbook.xml",
          "<workbook xmlns=\""
              + main
              + "\" xmlns:r=\""
              + office
              + "\"><sheets><sheet name=\"Rows\" sheetId=\"1\" r:id=\"rId1\"/></sheets></workbook>");
      part(
          zip,
          "xl/_rels/workbook.xml.rels",
          "<Relationships xmlns=\""
              + packages
              + "relationships\"><Relationship Id=\"rId1\" Type=\""
              + office
              + "/worksheet\" Target=\"worksheets/sheet1.xml\"/></Relationships>");
      part(
          zip,
          "xl/worksheets/sheet1.xml",
          "<worksheet xmlns=\"" + main + "\"><sheetData>" + rows + "</sheetData></worksheet>");
    }
    return out.toByteArray();
  }

  private static void part(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }
}
