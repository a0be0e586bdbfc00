package app.diaphan.core.roster.table;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Workbooks written out by hand, as their standards say, so that everything odd can be in them. */
public final class Workbooks {
  private static final String SHEET =
      "xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"";

  private Workbooks() {}

  /**
   * @param rows {@code <row>} elements
   * @param after what follows the sheet's data, such as merged cells
   */
  public static byte[] xlsx(String rows, String after) {
    Map<String, String> parts = new LinkedHashMap<>();
    parts.put(
        "[Content_Types].xml",
        """
        <Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="xml" ContentType="application/xml"/><Override PartName="/xl/workbook.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/><Override PartName="/xl/styles.xml" ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.styles+xml"/></Types>""");
    parts.put(
        "_rels/.rels",
        "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\"><Relationship Id=\"rId1\" Type=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>");
    parts.put(
        "xl/workbook.xml",
        "<workbook "
            + SHEET
            + " xmlns:r=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships\"><sheets><sheet name=\"Old\" sheetId=\"1\" state=\"hidden\" r:id=\"rId1\"/><sheet name=\"Skippers\" sheetId=\"2\" r:id=\"rId2\"/><sheet name=\"Notes\" sheetId=\"3\" r:id=\"rId1\"/></sheets></workbook>");
    parts.put(
        "xl/_rels/workbook.xml.rels",
        "<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\"><Relationship Id=\"rId1\" Type=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet\" Target=\"worksheets/sheet1.xml\"/><Relationship Id=\"rId2\" Type=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships/worksheet\" Target=\"worksheets/sheet2.xml\"/><Relationship Id=\"rId3\" Type=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships/styles\" Target=\"styles.xml\"/></Relationships>");
    parts.put(
        "xl/styles.xml",
        "<styleSheet "
            + SHEET
            + "><numFmts count=\"2\"><numFmt numFmtId=\"164\" formatCode=\"dd.mm.yyyy\"/><numFmt numFmtId=\"165\" formatCode=\"000\"/></numFmts><cellXfs count=\"4\"><xf numFmtId=\"0\"/><xf numFmtId=\"164\"/><xf numFmtId=\"165\"/><xf numFmtId=\"10\"/></cellXfs></styleSheet>");
    parts.put("xl/worksheets/sheet1.xml", "<worksheet " + SHEET + "><sheetData/></worksheet>");
    parts.put(
        "xl/worksheets/sheet2.xml",
        "<worksheet " + SHEET + "><sheetData>" + rows + "</sheetData>" + after + "</worksheet>");
    return zip(parts);
  }

  /** A cell of words, such as {@code text("B2", "Heron")}. */
  public static String text(String place, String words) {
    return "<c r=\"%s\" t=\"inlineStr\"><is><t>%s</t></is></c>".formatted(place, words);
  }

  /**
   * @param rows {@code <table:table-row>} elements
   */
  public static byte[] ods(String rows) {
    Map<String, String> parts = new LinkedHashMap<>();
    parts.put("mimetype", "application/vnd.oasis.opendocument.spreadsheet");
    parts.put(
        "content.xml",
        """
        <office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"><office:body><office:spreadsheet><table:table table:name="Skippers">%s</table:table></office:spreadsheet></office:body></office:document-content>"""
            .formatted(rows));
    return zip(parts);
  }

  public static byte[] zip(Map<String, String> parts) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, String> part : parts.entrySet()) {
        zip.putNextEntry(new ZipEntry(part.getKey()));
        zip.write(part.getValue().getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }
}
