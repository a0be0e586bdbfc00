package app.diaphan.core.font.shelf;

import app.diaphan.core.Digest;
import app.diaphan.core.Sentence;
import app.diaphan.core.font.FontKind;
import app.diaphan.core.font.FontWeight;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;

/** The families that ship with Diaphan, all under the SIL Open Font License. */
public final class ShippedFonts {
  private static final NavigableMap<Integer, String> WEIGHTS =
      new TreeMap<>(
          java.util.Map.of(
              300,
              "Light",
              400,
              "Regular",
              500,
              "Medium",
              600,
              "SemiBold",
              700,
              "Bold",
              900,
              "Black"));

  private static final FontShelf SHELF =
      new FontShelf(
          List.of(
              family("Work Sans", "work-sans", FontKind.SANS, 300, 400, 500, 600, 700, 900),
              family("Outfit", "outfit", FontKind.SANS, 300, 400, 500, 600, 700, 900),
              family(
                  "Barlow Condensed",
                  "barlow-condensed",
                  FontKind.CONDENSED,
                  300,
                  400,
                  500,
                  600,
                  700,
                  900),
              family("Source Serif 4", "source-serif-4", FontKind.SERIF, 300, 400, 600, 700, 900),
              family("Fraunces", "fraunces", FontKind.SERIF, 300, 400, 600, 700, 900),
              family("Noto Sans", "noto-sans", FontKind.OTHER_SCRIPT, 400, 600, 700),
              family("Noto Sans Arabic", "noto-sans-arabic", FontKind.OTHER_SCRIPT, 400, 600, 700),
              family(
                  "Noto Sans Devanagari",
                  "noto-sans-devanagari",
                  FontKind.OTHER_SCRIPT,
                  400,
                  600,
                  700)));

  private ShippedFonts() {}

  public static FontShelf shelf() {
    return SHELF;
  }

  /** A digest of all font files: with other ones the same words look otherwise. */
  public static String version() {
    return Version.VALUE;
  }

  /** Worked out when first asked for: it reads every file. */
  private static final class Version {
    static final String VALUE = Digest.of(digests().getBytes(StandardCharsets.UTF_8));

    private static String digests() {
      StringBuilder all = new StringBuilder();
      for (FontFamily family : SHELF.families()) {
        for (FontWeight weight : family.weights()) {
          all.append(Digest.of(family.file(weight.weight())));
        }
      }
      return all.toString();
    }
  }

  private static FontFamily family(String name, String folder, FontKind kind, int... weights) {
    List<FontWeight> named =
        Arrays.stream(weights).mapToObj(w -> new FontWeight(w, WEIGHTS.get(w))).toList();
    return new FontFamily(
        name, kind, "", named, List.of(), (weight, axes) -> file(name, folder, weight));
  }

  private static byte[] file(String name, String folder, int weight) {
    String style = weight + WEIGHTS.get(weight);
    String file =
        Sentence.of("/app/diaphan/fonts/%s/%s/%s_%s.ttf", folder, style, fileStem(name), style);
    try (InputStream stream = ShippedFonts.class.getResourceAsStream(file)) {
      if (stream == null) {
        throw new IllegalStateException("The font file " + file + " is not on the class path.");
      }
      return stream.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String fileStem(String name) {
    return name.replace(" ", "");
  }
}
