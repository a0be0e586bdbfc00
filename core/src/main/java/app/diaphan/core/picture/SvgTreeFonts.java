package app.diaphan.core.picture;

import java.io.InputStream;
import org.apache.batik.bridge.FontFace;
import org.apache.batik.bridge.FontFamilyResolver;
import org.apache.batik.gvt.font.AWTFontFamily;
import org.apache.batik.gvt.font.GVTFontFamily;
import org.jspecify.annotations.Nullable;

/** Sets the words of trees in the families that ship, whatever the machine has. */
final class SvgTreeFonts implements FontFamilyResolver {
  static final SvgTreeFonts SHIPPED = new SvgTreeFonts();

  private SvgTreeFonts() {}

  @Override
  public @Nullable GVTFontFamily resolve(String family) {
    return SvgFamilies.isHere(family) ? new AWTFontFamily(SvgFamilies.known(family)) : null;
  }

  @Override
  public @Nullable GVTFontFamily resolve(String family, FontFace face) {
    return resolve(family);
  }

  /** Letters that a file brings are not used, and that is told. */
  @Override
  public GVTFontFamily loadFont(InputStream letters, FontFace face) {
    return getDefault();
  }

  @Override
  public GVTFontFamily getDefault() {
    return resolve("sans-serif");
  }

  @Override
  public GVTFontFamily getFamilyThatCanDisplay(char letter) {
    return getDefault();
  }
}
