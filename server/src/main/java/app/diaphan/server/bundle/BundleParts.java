package app.diaphan.server.bundle;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.picture.PictureReader;
import java.nio.charset.StandardCharsets;

/** Looks through the parts of a bundle that a browser will be given as they are. */
public final class BundleParts {
  /** How every EBML file begins (RFC 8794, section 11.2.1); WebM is one. */
  private static final byte[] EBML = {0x1a, 0x45, (byte) 0xdf, (byte) 0xa3};

  /** The document type stands within the header, which is short. */
  private static final int HEADER = 64;

  private BundleParts() {}

  /**
   * By what is in them: their names say nothing.
   *
   * @throws InvalidInput if a still is no whole JPEG picture or a clip no WebM file
   */
  public static void check(Bundle bundle) {
    bundle
        .clips()
        .forEach(
            (clip, stills) -> {
              for (int i = 0; i < stills.size(); i++) {
                checkStill(
                    Sentence.of("Still %d of the clip %s", i + 1, clip), stills.get(i).bytes());
              }
            });
    bundle.films().forEach((clip, film) -> checkFilm(clip, film.bytes()));
  }

  private static void checkStill(String name, byte[] content) {
    if (!PictureReader.readFile(name, content).format().equals("JPEG")) {
      throw new InvalidInput(
          name + " is not a JPEG picture, whatever its name says; the bundle was not taken in.");
    }
  }

  private static void checkFilm(String clip, byte[] content) {
    String begin =
        new String(content, 0, Math.min(HEADER, content.length), StandardCharsets.ISO_8859_1);
    if (!begin.startsWith(new String(EBML, StandardCharsets.ISO_8859_1))
        || !begin.contains("webm")) {
      throw new InvalidInput(
          Sentence.of(
              "The clip %s is not a WebM file, whatever its name says; the bundle was not taken in.",
              clip));
    }
  }
}
