package app.diaphan.core.font.file;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.font.Axis;
import app.diaphan.core.font.AxisValue;
import app.diaphan.core.font.Embedding;
import app.diaphan.core.font.FontFace;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.FontKind;
import app.diaphan.core.font.FontWeight;
import app.diaphan.core.font.TestFonts;
import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayInputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FontFilesTest {
  private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);
  private static final int UNITS = 1000;

  private static Font font(byte[] file) throws Exception {
    return Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(file)).deriveFont(1000f);
  }

  private static List<String> outline(Font font, int glyph) {
    List<String> steps = new ArrayList<>();
    double[] at = new double[6];
    GlyphVector vector = font.createGlyphVector(CONTEXT, new int[] {glyph});
    for (PathIterator i = vector.getOutline().getPathIterator(null); !i.isDone(); i.next()) {
      steps.add(i.currentSegment(at) + " " + Arrays.toString(at));
    }
    steps.add("advance " + vector.getGlyphMetrics(0).getAdvance());
    return steps;
  }

  @Test
  void aVariableFontTellsItsFamilyItsWeightsAndItsAxes() {
    FontFile file = FontFiles.read("Anybody.woff2", TestFonts.bytes("Anybody.woff2"));
    FontFace face = file.faces().getFirst();
    assertEquals("Anybody", face.family(), "not called by its thinnest weight");
    assertEquals(FontKind.SANS, face.kind());
    assertEquals(
        List.of(100, 200, 300, 400, 500, 600, 700, 800, 900),
        face.weights().stream().map(FontWeight::weight).toList());
    assertEquals(
        List.of(
            "Thin",
            "ExtraLight",
            "Light",
            "Regular",
            "Medium",
            "SemiBold",
            "Bold",
            "ExtraBold",
            "Black"),
        face.weights().stream().map(FontWeight::name).toList());
    assertEquals(
        List.of(new Axis("wdth", "Width", 50, 100, 150), new Axis("wght", "Weight", 100, 100, 900)),
        face.axes());
    assertEquals(Embedding.INSTALLABLE, file.embedding());
    assertTrue(file.goesAlong());
  }

  @Test
  void whatIsPackedIsUnpackedAsAnotherUnpacksIt() throws Exception {
    Sfnt ours = Woff2.read(TestFonts.bytes("Anybody.woff2"), FontFiles.MOST_BYTES);
    Font own = font(ours.bytes());
    Font theirs = font(TestFonts.bytes("Anybody.ttf"));
    assertEquals(275, own.getNumGlyphs());
    for (int glyph = 0; glyph < own.getNumGlyphs(); glyph++) {
      assertEquals(outline(theirs, glyph), outline(own, glyph), "glyph " + glyph);
    }
    Sfnt unpacked = Sfnt.read(TestFonts.bytes("Anybody.ttf"), 0);
    for (String table : List.of("cmap", "gvar", "GPOS", "hmtx", "name")) {
      assertArrayEquals(unpacked.tables().get(table), ours.tables().get(table), "table " + table);
    }
  }

  /** Advance, left, foot, right and top of two letters, as fontTools reckons them. */
  @ParameterizedTest
  @CsvSource({
    "75, 650, H, 475, 24.4, 0, 439.2, 675",
    "75, 650, g, 468.5, 19.6, -231.7, 433.8, 601.2",
    "150, 900, H, 1128, 70, 0, 1030, 675",
    "50, 100, g, 98.5, 17, -229, 81.5, 606"
  })
  void aVariableFontIsSettledAnywhereOnItsAxes(
      double width,
      double weight,
      String letter,
      double advance,
      double left,
      double foot,
      double right,
      double top)
      throws Exception {
    byte[] file = TestFonts.bytes("Anybody.woff2");
    byte[] settled =
        FontFiles.settled("Anybody.woff2", file, 0, weight, List.of(new AxisValue("wdth", width)));
    Font font = font(settled);
    GlyphVector vector = font.createGlyphVector(CONTEXT, letter);
    Rectangle2D bounds = vector.getOutline().getBounds2D();
    assertEquals(advance, vector.getGlyphMetrics(0).getAdvance(), 1);
    assertEquals(left, bounds.getMinX(), 1);
    assertEquals(foot, -bounds.getMaxY(), 1);
    assertEquals(right, bounds.getMaxX(), 1);
    assertEquals(top, -bounds.getMinY(), 1);
    assertTrue(Sfnt.read(settled, 0).table("fvar").isEmpty(), "it varies no more");
  }

  @Test
  void aFontSaysWhetherItMayBePassedOn() {
    FontFile file = FontFiles.read("blocks.otf", TestFonts.bytes("LanternBlocks.otf"));
    assertEquals(Embedding.RESTRICTED, file.embedding());
    assertEquals(false, file.goesAlong());
    FontFace face = file.faces().getFirst();
    assertEquals("Lantern Blocks", face.family());
    assertEquals(List.of(new FontWeight(700, "Bold")), face.weights());
    assertEquals(List.of(), face.axes());
    assertEquals(Embedding.INSTALLABLE, Embedding.of(0));
    assertEquals(Embedding.VIEWING, Embedding.of(0x0104), "how it is cut down does not count");
    assertEquals(Embedding.EDITABLE, Embedding.of(0xc), "the freer one of two counts");
  }

  @Test
  void aCollectionHasAllItsFonts() throws Exception {
    byte[] collection = collection("Anybody.ttf", "LanternBlocks.otf");
    FontFile file = FontFiles.read("both.ttc", collection);
    assertEquals(
        List.of("Anybody", "Lantern Blocks"), file.faces().stream().map(FontFace::family).toList());
    assertEquals(Embedding.RESTRICTED, file.embedding(), "the strictest of them counts");
    assertEquals(
        Embedding.RESTRICTED,
        FontFiles.read("turned.ttc", collection("LanternBlocks.otf", "Anybody.ttf")).embedding(),
        "in whatever order they are");
    Font second = font(FontFiles.settled("both.ttc", collection, 1, 700, List.of()));
    assertEquals(
        500, second.createGlyphVector(CONTEXT, "H").getOutline().getBounds2D().getWidth(), 0.5);
  }

  /** Offsets of tables count from the beginning of the whole. */
  private static byte[] collection(String... names) {
    int header = 12 + 4 * names.length;
    int size = header;
    for (String name : names) {
      size += TestFonts.bytes(name).length + 3 & ~3;
    }
    ByteBuffer out = ByteBuffer.allocate(size);
    out.put("ttcf".getBytes(StandardCharsets.US_ASCII)).putInt(0x00010000).putInt(names.length);
    int at = header;
    for (String name : names) {
      byte[] font = TestFonts.bytes(name);
      out.putInt(at);
      ByteBuffer own = ByteBuffer.wrap(font);
      for (int i = 0; i < own.getShort(4); i++) {
        own.putInt(12 + 16 * i + 8, own.getInt(12 + 16 * i + 8) + at);
      }
      out.duplicate().position(at).put(font);
      at += font.length + 3 & ~3;
    }
    return out.array();
  }

  @Test
  void namesGiveTheFamilyAndTheWeight() {
    assertEquals("Saltmarsh", WeightWords.familyWithout("Saltmarsh SemiBold"));
    assertEquals("Saltmarsh", WeightWords.familyWithout("Saltmarsh Extra Light"));
    assertEquals("Bold Harbour", WeightWords.familyWithout("Bold Harbour"));
    assertEquals("Old Roman", WeightWords.familyWithout("Old Roman"));
    assertEquals("Italic", WeightWords.styleWithout("SemiBold Italic"));
    assertEquals("Condensed Oblique", WeightWords.styleWithout("Condensed Book Oblique"));
    assertEquals("", WeightWords.styleWithout("Regular"));
    assertEquals("Light", WeightWords.said("Saltmarsh Light Regular", 300));
    assertEquals("ExtraBold", WeightWords.said("Extra-Bold Italic", 800));
    assertEquals("Medium", WeightWords.said("Italic", 500));
    assertEquals("Regular 350", WeightWords.said("Italic", 350));
  }

  private static String refusal(String name, byte[] bytes) {
    return assertThrows(InvalidInput.class, () -> FontFiles.read(name, bytes)).getMessage();
  }

  private static byte[] ascii(String text) {
    return text.getBytes(StandardCharsets.ISO_8859_1);
  }

  @Test
  void whatIsNoFontIsSaid() {
    assertEquals(
        "The font \"logo.ttf\" is a picture; take it in as a mark or a picture instead. It was not taken in.",
        refusal("logo.ttf", ascii("\u0089PNG\r\n\u001a\n and so on")));
    assertTrue(refusal("a.ttf", ascii("PK\u0003\u0004 an archive")).contains("is an archive"));
    assertTrue(refusal("a.ttf", ascii("  <svg xmlns='x'></svg>")).contains("a drawing or a page"));
    assertTrue(refusal("a.woff", ascii("wOFF and what follows")).contains("WOFF 1.0"));
    assertTrue(refusal("a.pfa", ascii("%!PS-AdobeFont-1.0: x")).contains("Type 1"));
    assertTrue(refusal("a.ttf", new byte[0]).contains("is empty"));
    assertTrue(refusal("a.ttf", ascii("once upon a time")).contains("is none"));
    byte[] huge = Arrays.copyOf(TestFonts.bytes("Anybody.ttf"), 60 << 20);
    assertTrue(refusal("huge.ttf", huge).contains("has more than 32 MB"));
  }

  @Test
  void aFontNeedsOutlines() {
    Sfnt whole = Sfnt.read(TestFonts.bytes("LanternBlocks.otf"), 0);
    Map<String, byte[]> tables = new HashMap<>(whole.tables());
    byte[] outlines = tables.remove("CFF ");
    assertTrue(refusal("a.ttf", new Sfnt(Sfnt.CFF, tables).bytes()).contains("has no outlines"));
    tables.put("CBDT", outlines);
    assertTrue(
        refusal("a.ttf", new Sfnt(Sfnt.CFF, tables).bytes())
            .contains("holds pictures of its letters"));
    tables.put("CFF ", outlines);
    tables.remove("hmtx");
    assertTrue(refusal("a.ttf", new Sfnt(Sfnt.CFF, tables).bytes()).contains("is not whole"));
  }

  @Test
  void whatAPackedFontMayUnpackToIsLimited() {
    byte[] file = TestFonts.bytes("Anybody.woff2");
    assertThrows(UnsuitableFont.class, () -> Woff2.read(file, UNITS));
  }

  /** Whatever is changed in a file, it is read or refused with a sentence, and nothing else. */
  @ParameterizedTest
  @CsvSource({"Anybody.woff2, 150", "Anybody.ttf, 150", "LanternBlocks.otf, 300"})
  void damagedFontsAreReadOrRefused(String name, int times) {
    byte[] whole = TestFonts.bytes(name);
    Random random = new Random(7);
    int refused = 0;
    for (int i = 0; i < times; i++) {
      byte[] damaged = whole.clone();
      // Mostly where it says what is where.
      int within = i % 3 == 0 ? damaged.length : Math.min(damaged.length, 400);
      for (int n = 0; n <= i % 8; n++) {
        damaged[random.nextInt(within)] = (byte) random.nextInt(256);
      }
      if (i % 10 == 0) {
        damaged = Arrays.copyOf(damaged, random.nextInt(damaged.length));
      }
      try {
        FontFile read = FontFiles.read(name, damaged);
        if (i % 5 == 0) {
          FontFiles.settled(name, damaged, 0, 500, List.of());
        }
        assertEquals(1, read.faces().size());
      } catch (InvalidInput e) {
        refused++;
        assertTrue(e.getMessage().startsWith("The font \"" + name + "\" "), e.getMessage());
      }
    }
    assertTrue(refused > times / 10, refused + " of " + times + " were refused");
  }
}
