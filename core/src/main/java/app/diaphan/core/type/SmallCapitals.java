package app.diaphan.core.type;

import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.fontbox.ttf.GlyphSubstitutionTable;
import org.apache.fontbox.ttf.OTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/**
 * The glyphs that a font puts in place of small letters under the OpenType feature "smcp". The Java
 * platform's own text layout cannot ask for that feature.
 */
final class SmallCapitals {
  private static final String[] SCRIPTS = {"latn", "DFLT"};
  private static final List<String> FEATURE = List.of("smcp");
  private static final int LAST_LETTER = 0x24f;

  private final Font font;
  private final Map<Integer, Integer> glyphs;

  private SmallCapitals(Font font, Map<Integer, Integer> glyphs) {
    this.font = font;
    this.glyphs = Map.copyOf(glyphs);
  }

  static SmallCapitals of(Font font, byte[] file) {
    Map<Integer, Integer> glyphs = new HashMap<>();
    try (TrueTypeFont tables =
        new OTFParser()
            .parse(RandomAccessReadBuffer.createBufferFromStream(new ByteArrayInputStream(file)))) {
      GlyphSubstitutionTable substitutions = tables.getGsub();
      if (substitutions != null && substitutions.getSupportedScriptTags() != null) {
        for (int letter = 'a'; letter <= LAST_LETTER; letter++) {
          int plain = tables.getUnicodeCmapLookup().getGlyphId(letter);
          int small = substitutions.getSubstitution(plain, SCRIPTS, FEATURE);
          if (Character.isLowerCase(letter) && plain != 0 && small != plain) {
            glyphs.put(letter, small);
          }
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return new SmallCapitals(font, glyphs);
  }

  boolean any() {
    return !glyphs.isEmpty();
  }

  /** The glyph for a small letter at a font size, if the font has one. */
  Optional<GlyphVector> glyph(int letter, float size, FontRenderContext context) {
    return Optional.ofNullable(glyphs.get(letter))
        .map(glyph -> font.deriveFont(size).createGlyphVector(context, new int[] {glyph}));
  }
}
