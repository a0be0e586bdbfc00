package app.diaphan.core.deliver;

import app.diaphan.core.Sentence;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.FileFormat;
import java.util.Map;

/**
 * What is in a delivered file, as a decoder reads it that shares no code with the writer.
 *
 * @param bits a channel
 * @param channels of a pixel: 4 with alpha, 3 colours, 1 grey
 * @param alpha the kind of the file's alpha
 * @param clear share of pixels with alpha 0, 0–1; of a file of greys, which a key is, black ones
 * @param partial share of pixels in between
 * @param solid share of pixels with full alpha
 * @param drawn the smallest rectangle around all pixels that are not clear; null if there is none
 * @param fringe how much too light or too dark an edge becomes at most, in 255ths and over any
 *     backdrop, when an editor halves the file mixing straight colours; 0 for files that are not
 *     straight
 * @param tags what the file says of itself, by the format's own names
 * @param bytes length of the file
 * @param sha256 digest of the file, in hex
 */
public record FileReport(
    FileFormat format,
    int width,
    int height,
    int bits,
    int channels,
    AlphaFound alpha,
    double clear,
    double partial,
    double solid,
    DrawnBounds drawn,
    double fringe,
    Map<String, String> tags,
    long bytes,
    String sha256) {

  /** The alpha that was found in a file. */
  public enum AlphaFound {
    STRAIGHT("one straight alpha"),
    PREMULTIPLIED("one premultiplied alpha"),
    ON_MATTE("one alpha, premultiplied on a colour"),
    SEVERAL("more than one alpha"),
    NONE("no alpha");

    private final String words;

    AlphaFound(String words) {
      this.words = words;
    }

    /** What files that carry it so have to say of their alpha. */
    static AlphaFound of(Carried carried) {
      return switch (carried) {
        case Carried.Straight straight -> STRAIGHT;
        case Carried.Premultiplied premultiplied ->
            premultiplied.onBlack() ? PREMULTIPLIED : ON_MATTE;
        case Carried.FillAndKey pair -> NONE;
        case Carried.OverColour over -> NONE;
      };
    }

    public String words() {
      return words;
    }
  }

  /** In pixels of the file. */
  public record DrawnBounds(int left, int top, int width, int height) {}

  /** "1920 × 1080, 8 bits a channel, one straight alpha; 91.2 % clear, …". */
  public String inWords() {
    String start =
        Sentence.of(
            "%d × %d, %d bits a channel, %s",
            width, height, bits, channels == 1 ? "grey" : alpha.words());
    if (channels == 1) {
      return Sentence.of(
          "%s; %s black, %s between, %s white",
          start, percent(clear), percent(partial), percent(solid));
    }
    return alpha == AlphaFound.NONE
        ? start
        : Sentence.of(
            "%s; %s clear, %s partial, %s solid",
            start, percent(clear), percent(partial), percent(solid));
  }

  /** What a designer can make of {@link #fringe}; empty for files that are not straight. */
  public String edgesInWords() {
    if (alpha != AlphaFound.STRAIGHT || channels != 4) {
      return "";
    }
    String off = Sentence.of("off by at most %.2f of 255 when an editor halves it", fringe);
    return fringe <= HalvedEdges.CLEAN
        ? Sentence.of("clean: %s", off)
        : Sentence.of(
            "%s, where thin meets solid; use it at its own size, or deliver it premultiplied", off);
  }

  /** Never rounds a share that is there to 0, nor one that is not whole to 100. */
  private static String percent(double share) {
    double percent = 100 * share;
    if (percent > 0 && percent < 0.05) {
      return "< 0.1 %";
    }
    if (percent < 100 && percent > 99.95) {
      return "> 99.9 %";
    }
    return Sentence.of("%.1f %%", percent);
  }
}
