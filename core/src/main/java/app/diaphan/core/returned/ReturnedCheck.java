package app.diaphan.core.returned;

import app.diaphan.core.Sentence;
import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.PictureSampler;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bands;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Tells what happened to a delivered file, by comparing it with what came back, pixel for pixel at
 * the size that came back.
 */
public final class ReturnedCheck {
  /** Looks that differ more than this are of other pictures. */
  public static final double MOST_DISTANCE = 0.05;

  /** Mean differences of colours, in 255ths, that rounding and smoothing explain. */
  private static final double ROUNDING = 0.6;

  private static final double SMOOTHING = 3;

  /** Alpha below this says too little of its colour. */
  private static final float LEAST_ALPHA = 0.1f;

  /** Of premultiplied colours, 0–1; less is lost in rounding. */
  private static final float LEAST_DARKENING = 0.03f;

  private static final long MOST_COMPARED = 4_000_000;

  private final RasterPicture delivered;
  private final RasterPicture returned;
  private final boolean scaled;
  private final Set<Happened> happened = EnumSet.noneOf(Happened.class);
  private final List<String> sentences = new ArrayList<>();

  private ReturnedCheck(RasterPicture delivered, RasterPicture returned, boolean scaled) {
    this.delivered = delivered;
    this.returned = returned;
    this.scaled = scaled;
  }

  /** A file that is like none that was delivered. */
  public static Verdict stranger() {
    return new Verdict(
        EnumSet.noneOf(Happened.class),
        List.of("It is like none of the files that were delivered."),
        false);
  }

  /** A file with the very bytes that were delivered. */
  public static Verdict sameBytes() {
    return new Verdict(
        EnumSet.of(Happened.SAME_BYTES), List.of("It is the delivered file, byte for byte."), true);
  }

  /** A file with the very bytes that were delivered, in whose place there is a newer one. */
  public static Verdict sameBytesAsBefore() {
    return new Verdict(
        EnumSet.of(Happened.SAME_BYTES, Happened.OUTDATED),
        List.of(
            "It is what was delivered then, byte for byte.",
            "Another file has taken its place since; use that one."),
        false);
  }

  /** A file that is like one that was delivered and is not there any more to be compared with. */
  public static Verdict likeOneBefore() {
    return new Verdict(
        EnumSet.of(Happened.OUTDATED),
        List.of(
            "It looks like what was delivered then, which is no longer in its folder, so that they cannot be compared pixel for pixel. Use the file that is delivered now."),
        false);
  }

  /** Two files of different bytes. */
  public static Verdict of(PictureFile delivered, PictureFile returned) {
    RasterPicture sent = (RasterPicture) delivered.picture();
    RasterPicture back = (RasterPicture) returned.picture();
    boolean scaled = sent.width() != back.width() || sent.height() != back.height();
    int halvings = 0;
    while ((long) back.width() * back.height() >> 2 * halvings > MOST_COMPARED) {
      halvings++;
    }
    RasterPicture compared = back.halvings().get(halvings);
    ReturnedCheck check =
        new ReturnedCheck(
            sized(sent, compared.width(), compared.height()), compared, scaled || halvings > 0);
    if (scaled) {
      check.sayScaled(sent, back);
    }
    if (returned.bits() < delivered.bits()) {
      check.say(
          Happened.FEWER_BITS,
          Sentence.of(
              "It has %d bits a channel; %d were delivered.", returned.bits(), delivered.bits()));
    }
    if (!sent.hasAlpha()) {
      check.compareFlat();
    } else if (back.hasAlpha() && hasOpenings(compared)) {
      check.compareWithAlpha();
    } else {
      check.compareWithoutAlpha(back.hasAlpha());
    }
    return check.verdict();
  }

  private Verdict verdict() {
    if (happened.isEmpty()) {
      say(Happened.SAME_PICTURE, "It was written anew, but every pixel is as it was delivered.");
    }
    boolean usable =
        happened.stream()
            .allMatch(one -> one == Happened.SAME_PICTURE || one == Happened.FEWER_BITS);
    if (!usable) {
      sentences.add("Fetch the delivered file again and hand it over in another way.");
    }
    return new Verdict(EnumSet.copyOf(happened), List.copyOf(sentences), usable);
  }

  private void say(Happened what, String sentence) {
    happened.add(what);
    sentences.add(sentence);
  }

  private void sayScaled(RasterPicture sent, RasterPicture back) {
    double shape = (double) back.width() / back.height() * sent.height() / sent.width();
    boolean squeezed = Math.abs(shape - 1) > 0.01;
    say(
        Happened.SCALED,
        Sentence.of(
            "It was scaled from %d × %d to %d × %d pixels%s.",
            sent.width(),
            sent.height(),
            back.width(),
            back.height(),
            squeezed ? ", and squeezed" : ""));
  }

  private static RasterPicture sized(RasterPicture picture, int width, int height) {
    if (picture.width() == width && picture.height() == height) {
      return picture;
    }
    AffineTransform to =
        AffineTransform.getScaleInstance(
            (double) width / picture.width(), (double) height / picture.height());
    PictureSampler sampler = new PictureSampler(picture, to, PictureSampler.Beyond.ITS_EDGE);
    float[] pixels = new float[4 * width * height];
    Bands.over(
        0,
        height,
        width,
        (top, bottom) -> {
          for (int y = top; y < bottom; y++) {
            for (int x = 0; x < width; x++) {
              sampler.sample(x, y, pixels, 4 * (y * width + x));
            }
          }
        });
    return new RasterPicture(width, height, pixels, picture.hasAlpha());
  }

  /** Whether any pixel can be seen through. */
  private static boolean hasOpenings(RasterPicture picture) {
    for (int i = 3; i < picture.valueCount(); i += 4) {
      if (picture.value(i) < 0.999f) {
        return true;
      }
    }
    return false;
  }

  /** The mean difference in 255ths of what a function makes of a delivered pixel. */
  private double difference(Expected expected) {
    double sum = 0;
    long count = 0;
    float[] rgb = new float[3];
    float[] sent = delivered.pixels();
    for (int i = 0; i < sent.length; i += 4) {
      if (!expected.of(sent, i, rgb)) {
        continue;
      }
      for (int c = 0; c < 3; c++) {
        sum += Math.abs(rgb[c] - returned.value(i + c));
      }
      count += 3;
    }
    return count == 0 ? 0 : 255 * sum / count;
  }

  /** What the returned file's premultiplied colours should be, if they are to be compared. */
  @FunctionalInterface
  private interface Expected {
    boolean of(float[] delivered, int at, float[] rgb);
  }

  private double tolerated() {
    return scaled ? SMOOTHING : ROUNDING;
  }

  private void compareFlat() {
    double off =
        difference(
            (sent, at, rgb) -> {
              System.arraycopy(sent, at, rgb, 0, 3);
              return true;
            });
    sayColours(off);
  }

  private void compareWithAlpha() {
    double alphaOff = 0;
    long partial = 0;
    for (int i = 3; i < delivered.valueCount(); i += 4) {
      float sent = delivered.value(i);
      float back = returned.value(i);
      if (sent > 0.002f && sent < 0.998f || Math.abs(sent - back) > 0.002f) {
        alphaOff += Math.abs(sent - back);
        partial++;
      }
    }
    if (partial > 0 && 255 * alphaOff / partial > 3 * tolerated()) {
      say(
          Happened.ALPHA_CHANGED,
          Sentence.of(
              "Its alpha is another one: along the edges it is off by %.1f of 255 in the mean.",
              255 * alphaOff / partial));
    }
    double asItIs =
        difference(
            (sent, at, rgb) -> {
              keepStraight(sent, at, rgb);
              return wouldDarken(sent, at);
            });
    double multiplied =
        difference(
            (sent, at, rgb) -> {
              for (int c = 0; c < 3; c++) {
                rgb[c] = sent[at + c] * returned.value(at + 3);
              }
              return wouldDarken(sent, at);
            });
    if (asItIs > tolerated() && multiplied < asItIs / 2) {
      say(
          Happened.ALPHA_MULTIPLIED_IN,
          "Its colours were multiplied by its alpha, but it still says that they are straight; its edges will look dark.");
      return;
    }
    sayColours(
        difference(
            (sent, at, rgb) -> {
              keepStraight(sent, at, rgb);
              return sent[at + 3] > LEAST_ALPHA;
            }));
  }

  /**
   * The delivered colours under the alpha that came back: another alpha is told apart from them.
   */
  private void keepStraight(float[] sent, int at, float[] rgb) {
    for (int c = 0; c < 3; c++) {
      rgb[c] = sent[at + 3] == 0 ? 0 : sent[at + c] / sent[at + 3] * returned.value(at + 3);
    }
  }

  /** Where multiplying the colours by their alpha makes a difference: not in black shadows. */
  private static boolean wouldDarken(float[] sent, int at) {
    float alpha = sent[at + 3];
    float brightest = Math.max(sent[at], Math.max(sent[at + 1], sent[at + 2]));
    return alpha > LEAST_ALPHA && brightest * (1 - alpha) > LEAST_DARKENING;
  }

  private void compareWithoutAlpha(boolean solid) {
    double[] ground = new double[3];
    for (int c = 0; c < 3; c++) {
      ground[c] = ground(c);
    }
    double over =
        difference(
            (sent, at, rgb) -> {
              for (int c = 0; c < 3; c++) {
                rgb[c] = (float) (sent[at + c] + (1 - sent[at + 3]) * ground[c]);
              }
              return true;
            });
    double dropped =
        difference(
            (sent, at, rgb) -> {
              for (int c = 0; c < 3; c++) {
                rgb[c] = sent[at + c] / Math.max(1e-6f, sent[at + 3]);
              }
              return sent[at + 3] > LEAST_ALPHA;
            });
    String gone =
        solid ? "Its alpha is solid everywhere, so it shows nothing through" : "Its alpha is gone";
    if (dropped < over) {
      say(Happened.ALPHA_LOST, gone + "; its colours are as they were beside it.");
      sayColours(dropped);
    } else {
      say(
          Happened.ALPHA_LOST,
          Sentence.of(
              "%s; it was laid over #%02x%02x%02x.",
              gone,
              Math.round(255 * ground[0]),
              Math.round(255 * ground[1]),
              Math.round(255 * ground[2])));
      sayColours(over);
    }
  }

  /** The flat colour beneath that leaves the least squares. */
  private double ground(int channel) {
    double with = 0;
    double weight = 1e-9;
    for (int i = 0; i < delivered.valueCount(); i += 4) {
      double open = 1 - delivered.value(i + 3);
      with += open * (returned.value(i + channel) - delivered.value(i + channel));
      weight += open * open;
    }
    return Math.clamp(with / weight, 0, 1);
  }

  private void sayColours(double off) {
    if (off > tolerated()) {
      say(
          Happened.RECOMPRESSED,
          Sentence.of(
              "Its colours were packed with loss or changed: they are off by %.1f of 255 in the mean.",
              off));
    }
  }
}
