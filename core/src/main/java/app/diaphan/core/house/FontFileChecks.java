package app.diaphan.core.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.font.FontFace;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.FontWeight;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** A house's own fonts are told apart by their files, and by their families and weights. */
final class FontFileChecks {
  private static final int MOST = 60;

  private FontFileChecks() {}

  static List<FontFile> checked(List<FontFile> files) {
    Require.present(files, "The font files of the house");
    if (files.size() > MOST) {
      throw new InvalidInput(
          Sentence.of("A house keeps at most %d font files; take one away first.", MOST));
    }
    Map<String, FontFile> names = new HashMap<>();
    Map<String, FontFile> faces = new HashMap<>();
    for (FontFile file : files) {
      FontFile same = names.put(file.file().toLowerCase(Locale.ROOT), file);
      if (same != null) {
        throw new InvalidInput(
            Sentence.of(
                "Two font files of the house are named \"%s\"; rename one of them.", file.file()));
      }
      for (FontFace face : file.faces()) {
        for (FontWeight weight : face.weights()) {
          String known = face.family() + "\n" + weight.weight();
          FontFile other = faces.put(known, file);
          if (other != null && other != file) {
            throw new InvalidInput(
                Sentence.of(
                    "Both \"%s\" and \"%s\" are %s in the weight %s; take one of them away.",
                    other.file(), file.file(), face.family(), weight.name()));
          }
        }
      }
    }
    return List.copyOf(files);
  }
}
