package app.diaphan.core.font.shelf;

import app.diaphan.core.font.LetterStyle;
import app.diaphan.core.font.file.Substitutions;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.RecentMemory;
import app.diaphan.core.memory.Remembered;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;

/** Fonts that were made ready to be set in, whichever shelf they are on. */
final class LoadedFonts {
  private static final long BOUND = 96 << 20;
  private static final FontRenderContext CONTEXT = new FontRenderContext(null, true, true);
  private static final float MEASURED_AT = 1000;

  private static final Memory MEMORY = new RecentMemory(BOUND);
  private static final Remembered<Key, byte[]> FILES =
      MEMORY.kind(Memory::bytesOf, file -> file.length);

  /** The platform keeps the outlines it was asked for, which are about as large as the file. */
  private static final Remembered<Key, Loaded> FONTS =
      MEMORY.kind(Memory::bytesOf, loaded -> 2L * loaded.bytes());

  private LoadedFonts() {}

  /**
   * @param identity of the family: a digest of its files, or the name of one that ships
   */
  record Key(String identity, LetterStyle style) {}

  /**
   * @param capHeight height of a flat capital as a share of the font size
   * @param bytes of its file
   */
  record Loaded(Font font, double capHeight, int bytes) {}

  /** The file of a style without its features. */
  static byte[] file(String identity, LetterStyle style, FontSource source) {
    return FILES.of(
        new Key(identity, style.withoutFeatures()),
        () -> source.file(style.weight(), style.axes()));
  }

  static Loaded font(String identity, LetterStyle style, FontSource source) {
    return FONTS.of(
        new Key(identity, style),
        () -> {
          byte[] file = file(identity, style, source);
          return loaded(
              identity,
              style.features().isEmpty() ? file : Substitutions.of(file).with(style.features()));
        });
  }

  private static Loaded loaded(String identity, byte[] file) {
    try {
      Font font = Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(file));
      double capHeight =
          font.deriveFont(MEASURED_AT)
                  .createGlyphVector(CONTEXT, "H")
                  .getOutline()
                  .getBounds2D()
                  .getHeight()
              / MEASURED_AT;
      return new Loaded(font, capHeight, file.length);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (FontFormatException e) {
      throw new IllegalStateException("A font of " + identity + " cannot be read.", e);
    }
  }
}
