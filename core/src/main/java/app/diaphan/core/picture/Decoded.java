package app.diaphan.core.picture;

import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.util.Optional;

/**
 * An image as a decoder gives it, with what its file says about the samples.
 *
 * @param profile where the decoder does not apply it itself
 * @param gamma the power of light that the samples are, such as 0.4545; 0 if they are sRGB's
 * @param premultiplied whether colours are multiplied by their alpha
 * @param clear the samples of the one colour that is clear; empty for none
 */
record Decoded(
    BufferedImage image,
    Optional<ICC_Profile> profile,
    double gamma,
    boolean premultiplied,
    int[] clear) {
  static Decoded of(BufferedImage image) {
    return new Decoded(image, Optional.empty(), 0, image.isAlphaPremultiplied(), new int[0]);
  }

  /** The same, whatever the decoder says of it. */
  Decoded asPremultiplied() {
    return new Decoded(image, profile, gamma, true, clear);
  }
}
