package app.diaphan.core.picture;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** The font families that vector files name, whether they are here or not. */
public final class NamedFamilies {
  private static final Pattern IN_SVG =
      Pattern.compile(
          "font-family\\s*[:=]\\s*(\"[^\"<>]{1,200}\"|'[^'<>]{1,200}'|[^;\"'<>]{1,200})");

  /** How fonts of a PDF file are named of which it has some letters only (ISO 32000-1, 9.6.4). */
  private static final Pattern SUBSET = Pattern.compile("^[A-Z]{6}\\+");

  /** What follows the family in the PostScript name of a font. */
  private static final Pattern STYLE =
      Pattern.compile(
          "[-,](?:(?:Thin|Extra|Ultra|Semi|Demi|Light|Book|Regular|Roman|Medium|Bold|Black|Heavy|Italic|Oblique|MT|PS)+)$");

  private static final Set<String> GENERAL =
      Set.of("serif", "sans-serif", "monospace", "cursive", "fantasy", "system-ui", "inherit");

  private NamedFamilies() {}

  /** In the order in which they are met; none for a file that names none. */
  public static List<String> in(byte[] bytes) {
    return List.copyOf(PdfReader.reads(bytes) ? inPdf(bytes) : inSvg(bytes));
  }

  private static Set<String> inSvg(byte[] bytes) {
    Set<String> families = new LinkedHashSet<>();
    Matcher named = IN_SVG.matcher(new String(bytes, StandardCharsets.UTF_8));
    while (named.find()) {
      for (String family : named.group(1).split(",")) {
        String name = family.replaceAll("[\"']|&quot;|&apos;", "").strip();
        if (!name.isEmpty() && !GENERAL.contains(name)) {
          families.add(name);
        }
      }
    }
    return families;
  }

  private static Set<String> inPdf(byte[] bytes) {
    Set<String> families = new LinkedHashSet<>();
    try (PDDocument document = Loader.loadPDF(bytes)) {
      for (PDPage page : document.getPages()) {
        if (page.getResources() == null) {
          continue;
        }
        for (COSName key : page.getResources().getFontNames()) {
          PDFont font = page.getResources().getFont(key);
          if (font != null && font.getName() != null) {
            families.add(family(font.getName()));
          }
        }
      }
    } catch (IOException e) {
      // Its colours were read all the same; what names no fonts has none to offer.
      return families;
    }
    return families;
  }

  /** "ABCDEF+SourceSerif4-SemiBold" as "Source Serif 4". */
  private static String family(String name) {
    String bare = STYLE.matcher(SUBSET.matcher(name).replaceFirst("")).replaceFirst("");
    return bare.contains(" ")
        ? bare
        : bare.replaceAll("(?<=[a-z])(?=[A-Z0-9])", " ").replace('-', ' ').strip();
  }
}
